using System.Collections.Immutable;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>The choices for a whole graft that nothing beats, and the four ends of them.</summary>
/// <param name="Sets">The choices, cheapest first.</param>
/// <param name="Cheapest">The cheapest; null where there is nothing to choose.</param>
/// <param name="Soonest">The one whose last parcel is here first.</param>
/// <param name="Whole">The one that leaves most as it is.</param>
/// <param name="LeastWork">The one that takes least time at the bench.</param>
/// <param name="Gap">By how much one of the four could still be undercut, in the graft's currency; 0 when none can.</param>
/// <param name="IsWhole">Whether no choice that nothing beats is missing between them.</param>
/// <param name="OpenJoints">How many joints could be made in several ways.</param>
/// <param name="OtherSellers">How many sellers were left out, because there are too many.</param>
public sealed record GraftChoice(
    ImmutableArray<ChosenSet> Sets, ChosenSet? Cheapest, ChosenSet? Soonest, ChosenSet? Whole, ChosenSet? LeastWork, Money Gap, bool IsWhole,
    int OpenJoints, int OtherSellers)
{
    /// <summary>Up to so many open joints all four costs are weighed at once; beyond, minutes only for their own end.</summary>
    public const int MostJointsWeighed = 15;

    // Some twenty seconds and about four on a small machine.
    private const long MostSteps = 8_000_000;
    private const long MostStepsOfMany = 400_000;

    /// <summary>Chooses.</summary>
    /// <param name="graft">The graft as it is in use.</param>
    /// <param name="review">Its review, seen from what is owned.</param>
    /// <param name="cancellation">Cancelled when nobody waits for it any more.</param>
    /// <exception cref="OperationCanceledException">Nobody does.</exception>
    public static GraftChoice Of(Graft graft, Review review, CancellationToken cancellation)
    {
        var draft = ChoiceDraft.Of(graft, review);
        var problem = draft.Problem;
        ChoiceFront[] fronts = problem.Joints.Length <= MostJointsWeighed
            ? [ChoiceSearch.Of(problem, ChoiceCosts.All, new ChoiceWork(MostSteps, cancellation))]
            : [
                ChoiceSearch.Of(problem, ChoiceCosts.Acts | ChoiceCosts.Days, new ChoiceWork(MostStepsOfMany, cancellation)),
                // The ends for themselves: quick, and exact where the front may not be.
                ChoiceSearch.Of(problem, ChoiceCosts.Days, new ChoiceWork(MostStepsOfMany, cancellation)),
                LeastOf(problem, way => way.Acts, cancellation),
                LeastOf(problem, way => way.Steps, cancellation),
            ];
        var all = fronts.SelectMany(front => front.Points).ToArray();
        // As little as can be is left without a source.
        var missing = all.Select(draft.MissingIn).DefaultIfEmpty(0).Min();
        var sets = all.Where(point => draft.MissingIn(point) == missing).OrderBy(point => point.Money).ThenBy(point => point.Days)
            .DistinctBy(point => point.Counted(ChoiceCosts.All)).Select(point => (Point: point, Set: draft.SetOf(graft, point))).ToArray();
        return new GraftChoice(
            [.. sets.Select(each => each.Set)],
            End(point => (point.Money, point.Days, point.Acts, point.Steps)), End(point => (point.Days, point.Money, point.Acts, point.Steps)),
            End(point => (point.Acts, point.Money, point.Days, point.Steps)), End(point => (point.Steps, point.Money, point.Days, point.Acts)),
            new Money(decimal.Round(fronts.Skip(fronts.Length > 1 ? 1 : 0).Max(front => front.Gap) / (decimal)ChoiceProblem.Unit, 2)),
            fronts[0].IsWhole && draft.Stocks.OtherSellers == 0, problem.Joints.Length, draft.Stocks.OtherSellers);

        ChosenSet? End<T>(Func<ChoicePoint, T> order) => sets.OrderBy(each => order(each.Point)).Select(each => each.Set).FirstOrDefault();
    }

    // The cheapest of those choices in which every joint is made with the least of a cost.
    internal static ChoiceFront LeastOf(ChoiceProblem problem, Func<ChoiceWay, int> cost, CancellationToken cancellation)
    {
        var kept = problem.Joints.Select(ways => ways.Index().Where(way => cost(way.Item) == ways.Min(cost)).Select(way => way.Index).ToArray()).ToArray();
        var least = problem with { Joints = [.. problem.Joints.Select((ways, joint) => kept[joint].Select(way => ways[way]).ToImmutableArray())] };
        var front = ChoiceSearch.Of(least, ChoiceCosts.Days, new ChoiceWork(MostStepsOfMany, cancellation));
        return front with { Points = [.. front.Points.Select(point => point with { Ways = [.. point.Ways.Select((way, joint) => kept[joint][way])] })] };
    }
}
