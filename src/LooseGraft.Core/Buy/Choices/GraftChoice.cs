using System.Collections.Immutable;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Findings;
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

    /// <summary>So many choices are kept at most.</summary>
    public const int MostShown = 200;

    // Some twenty seconds and about four on a small machine.
    private const long MostSteps = 8_000_000;
    private const long MostStepsOfMany = 400_000;

    /// <summary>Chooses.</summary>
    /// <param name="graft">The graft as it is in use.</param>
    /// <param name="review">Its review, seen from what is owned.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static GraftChoice Of(Graft graft, Review review, ReviewWork work)
    {
        var draft = ChoiceDraft.Of(graft, review, work);
        var problem = draft.Problem;
        ChoiceFront[] fronts = problem.Joints.Length <= MostJointsWeighed
            ? [ChoiceSearch.Of(problem, ChoiceCosts.All, new ChoiceWork(MostSteps, work))]
            : [
                ChoiceSearch.Of(problem, ChoiceCosts.Acts | ChoiceCosts.Days, new ChoiceWork(MostStepsOfMany, work)),
                // The ends for themselves: quick, and exact where the front may not be.
                ChoiceSearch.Of(problem, ChoiceCosts.Days, new ChoiceWork(MostStepsOfMany, work)),
                LeastOf(problem, way => way.Acts, work),
                LeastOf(problem, way => way.Steps, work),
            ];
        var all = fronts.SelectMany(front => front.Points).ToArray();
        // As little as can be is left without a source.
        var missing = all.Select(draft.MissingIn).DefaultIfEmpty(0).Min();
        var unbeaten = Unbeaten([.. all.Where(point => draft.MissingIn(point) == missing)]);
        var ends = new[]
        {
            unbeaten.MinBy(point => (point.Money, point.Days, point.Acts, point.Steps)),
            unbeaten.MinBy(point => (point.Days, point.Money, point.Acts, point.Steps)),
            unbeaten.MinBy(point => (point.Acts, point.Money, point.Days, point.Steps)),
            unbeaten.MinBy(point => (point.Steps, point.Money, point.Days, point.Acts)),
        };
        var sets = Thinned(unbeaten, ends).ToDictionary(point => point, point => draft.SetOf(graft, point));
        return new GraftChoice(
            [.. sets.Values], SetOf(ends[0]), SetOf(ends[1]), SetOf(ends[2]), SetOf(ends[3]),
            new Money(decimal.Round(fronts.Skip(fronts.Length > 1 ? 1 : 0).Max(front => front.Gap) / (decimal)ChoiceProblem.Unit, 2)),
            fronts[0].IsWhole && draft.Stocks.OtherSellers == 0, problem.Joints.Length, draft.Stocks.OtherSellers)
        {
            Found = unbeaten.Length,
            Open = draft.Open,
        };

        ChosenSet? SetOf(ChoicePoint? end) => end is null ? null : sets[end];
    }

    /// <summary>How many choices were found that nothing beats; of more than <see cref="MostShown"/> only so many are kept, evenly from the cheapest to the
    /// dearest, and the four ends.</summary>
    public int Found { get; private init; }

    /// <summary>The ways of each open joint, with what they need.</summary>
    public ImmutableArray<ImmutableArray<OpenWay>> Open { get; private init; } = [];

    /// <summary>What the choices are called that are an end, in the order in which they are shown; a choice may be several.</summary>
    public IEnumerable<(string Name, ChosenSet Set)> Ends
        => new[] { ("Cheapest", Cheapest), ("Soonest", Soonest), ("Leaves most whole", Whole), ("Least at the bench", LeastWork) }
            .Where(end => end.Item2 is not null).Select(end => (end.Item1, end.Item2!));

    private static ChoicePoint[] Unbeaten(ChoicePoint[] points)
    {
        var kept = new List<ChoicePoint>();
        // In this order nothing is beaten by what comes after it.
        foreach (var point in points.OrderBy(each => (each.Money, each.Days, each.Acts, each.Steps)))
        {
            if (!kept.Exists(other => other.Days <= point.Days && other.Acts <= point.Acts && other.Steps <= point.Steps)) kept.Add(point);
        }

        return [.. kept];
    }

    internal static IEnumerable<ChoicePoint> Thinned(ChoicePoint[] points, ChoicePoint?[] ends)
    {
        if (points.Length <= MostShown) return points;
        var kept = ends.OfType<ChoicePoint>().ToHashSet();
        for (var place = 0; kept.Count < MostShown && place < MostShown; place++) kept.Add(points[place * points.Length / MostShown]);
        return points.Where(kept.Contains);
    }

    // The cheapest of those choices in which every joint is made with the least of a cost.
    internal static ChoiceFront LeastOf(ChoiceProblem problem, Func<ChoiceWay, int> cost, ReviewWork work)
    {
        var kept = problem.Joints.Select(ways => ways.Index().Where(way => cost(way.Item) == ways.Min(cost)).Select(way => way.Index).ToArray()).ToArray();
        var least = problem with { Joints = [.. problem.Joints.Select((ways, joint) => kept[joint].Select(way => ways[way]).ToImmutableArray())] };
        var front = ChoiceSearch.Of(least, ChoiceCosts.Days, new ChoiceWork(MostStepsOfMany, work));
        return front with { Points = [.. front.Points.Select(point => point with { Ways = [.. point.Ways.Select((way, joint) => kept[joint][way])] })] };
    }
}
