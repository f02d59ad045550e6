using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Drawing;

/// <summary>A line through corners.</summary>
/// <param name="Layer">What it stands for.</param>
/// <param name="Corners">Its corners in order.</param>
/// <param name="IsClosed">Whether it ends where it began.</param>
public sealed record SheetPath(SheetLayer Layer, ImmutableArray<PlanPoint> Corners, bool IsClosed);
