using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>
/// Finds every shift of a board at which most holes meet a mount, each hole and each mount used once. Exact: for one turn, a hole meets a mount just when the
/// shift lies in a disc round the difference of the two, and the most discs overlap at a crossing of two circles or the middle of one; the covers are swept by
/// angle round each disc. Time O(n k log k) for n pairs with k neighbours each (Chazelle and Lee, On a circle placement problem, 1986).
/// Where the board has to keep clear of things, the lines at which it begins to touch are drawn into the discs as well: every region of shifts at which the
/// same holes meet and nothing is touched has a corner where two such lines, or a line and a circle, cross, and all of those are tried.
/// </summary>
public static class PlacementSearch
{
    private const double Whole = 2 * Math.PI;
    private const double Rounding = 1e-9;

    // Crossings are only as good as figures are.
    private const double Touch = 1e-7;

    /// <summary>Searches one turn.</summary>
    /// <param name="holes">The holes in the board's frame, with how far each may be off in millimetres.</param>
    /// <param name="mounts">Where mounts stand, in the plane's frame.</param>
    /// <param name="degrees">The turn.</param>
    /// <param name="fewest">Overlaps of fewer than these are not reported.</param>
    /// <param name="band">How many pairs fewer than the best are still reported.</param>
    /// <returns>The shifts, each with the pairs met, most first. Every set of pairs is reported once.</returns>
    public static ImmutableArray<PlacementFit> Of(
        IReadOnlyList<(PlanPoint At, double Slack)> holes, IReadOnlyList<PlanPoint> mounts, double degrees, int fewest = 1, int band = 1)
    {
        var search = new TurnSearch(holes, mounts, degrees, null, new PlacementGoal(fewest, band));
        search.Cross();
        return search.Found;
    }
}
