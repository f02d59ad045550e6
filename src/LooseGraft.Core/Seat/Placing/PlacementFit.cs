using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>A shift at which holes meet mounts.</summary>
/// <param name="Shift">Where the origin of the (turned) board lies in the plane's frame.</param>
/// <param name="Pairs">Which hole meets which mount, by their places in the lists given, from 0.</param>
/// <param name="Worst">How far the worst of them is off, in millimetres.</param>
public sealed record PlacementFit(PlanPoint Shift, ImmutableArray<(int Hole, int Mount)> Pairs, double Worst)
{
    // In the middle of all pairs where that is allowed, so that no screw stands at the rim of its hole.
    internal static PlacementFit Of(PlanPoint shift, ImmutableArray<PlacementSearch.Disc> discs)
    {
        var middle = new PlanPoint(discs.Average(disc => disc.Middle.X), discs.Average(disc => disc.Middle.Y));
        if (discs.Any(disc => disc.Middle.To(middle) > disc.Radius)) middle = shift;
        return new PlacementFit(middle, [.. discs.Select(disc => (disc.Hole, disc.Mount))], discs.Max(disc => disc.Middle.To(middle)));
    }
}
