using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Standing;

/// <summary>A place at which something carries a board.</summary>
/// <param name="At">Where, in the plane's frame.</param>
/// <param name="Height">How high its solder side stands there, in millimetres above the plane.</param>
/// <param name="IsHeld">Whether it is held down there; otherwise it only rests.</param>
public readonly record struct HeldPlace(PlanPoint At, double Height, bool IsHeld);
