using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Reach;

/// <summary>A corner of a lead's way.</summary>
/// <param name="At">Where, in the plane's frame.</param>
/// <param name="IsBehind">Whether it lies behind the plane, out of sight.</param>
public readonly record struct RouteStep(PlanPoint At, bool IsBehind);
