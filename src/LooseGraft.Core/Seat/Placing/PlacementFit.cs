using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>A shift at which holes meet mounts.</summary>
/// <param name="Shift">Where the origin of the (turned) board lies in the plane's frame.</param>
/// <param name="Pairs">Which hole meets which mount, by their places in the lists given, from 0.</param>
/// <param name="Worst">How far the worst of them is off, in millimetres.</param>
/// <param name="Shorts">How many mounts would short the board there.</param>
public sealed record PlacementFit(PlanPoint Shift, ImmutableArray<(int Hole, int Mount)> Pairs, double Worst, int Shorts)
{
    private static readonly ImmutableArray<double> Steps = [0.2, 0.1, 0.05, 0.02, 0.01, 0.005, 0.001];

    // In the middle of all pairs where that is allowed, so that no screw stands at the rim of its hole; otherwise within the corners that were found, or as far
    // from one of them as short steps find.
    internal static PlacementFit Of(IReadOnlyList<PlanPoint> corners, ImmutableArray<TurnSearch.Disc> discs, int least, Func<PlanPoint, int?> shorts)
    {
        bool IsGood(PlanPoint place) => discs.All(disc => disc.Middle.To(place) <= disc.Radius) && shorts(place) <= least;
        bool IsRoomy(PlanPoint place, double step) => IsGood(place) && Around(place, step / 10).All(IsGood);
        var middle = Mean([.. discs.Select(disc => disc.Middle)]);
        if (!IsGood(middle))
        {
            PlanPoint[] within = [Mean(corners), .. corners.SelectMany((one, index) => corners.Skip(index + 1).Select(other => Mean([one, other])))];
            var roomy = Steps.SelectMany(step => within.Concat(corners.SelectMany(corner => Around(corner, step))).Where(place => IsRoomy(place, step)));
            middle = roomy.Select(place => (PlanPoint?)place).FirstOrDefault() ?? corners[0];
        }

        return new PlacementFit(middle, [.. discs.Select(disc => (disc.Hole, disc.Mount))], discs.Max(disc => disc.Middle.To(middle)), least);
    }

    private static PlanPoint Mean(IReadOnlyList<PlanPoint> places) => new(places.Average(place => place.X), places.Average(place => place.Y));

    private static IEnumerable<PlanPoint> Around(PlanPoint place, double step)
        => Enumerable.Range(0, 16).Select(turn => place + new PlanPoint(step * Math.Cos(turn * Math.PI / 8), step * Math.Sin(turn * Math.PI / 8)));
}
