using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Drawing;

/// <summary>A circle.</summary>
/// <param name="Layer">What it stands for.</param>
/// <param name="Middle">Its middle.</param>
/// <param name="Radius">Its radius in millimetres.</param>
public sealed record SheetCircle(SheetLayer Layer, PlanPoint Middle, double Radius);
