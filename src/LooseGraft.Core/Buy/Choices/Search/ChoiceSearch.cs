using System.Numerics;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Finds the choices for a whole graft that nothing beats by acts for good, money, days and minutes.</summary>
/// <remarks>
/// For every set of sellers (at most 256, the soonest first) the choices are found that buy of it; the set gives postage and days. Within a set see
/// <see cref="SetSearch"/>. Exact while the work lasts; after that the cheapest is at most <see cref="ChoiceFront.Gap"/> too dear.
/// </remarks>
public static class ChoiceSearch
{
    /// <summary>The choices that nothing beats by the costs that count.</summary>
    /// <param name="problem">What is to be chosen.</param>
    /// <param name="costs">What counts beside money.</param>
    /// <param name="work">What the search may do.</param>
    /// <exception cref="OperationCanceledException">Nobody waits for it any more.</exception>
    public static ChoiceFront Of(ChoiceProblem problem, ChoiceCosts costs, ChoiceWork work)
    {
        var plan = new ChoicePlan(problem);
        var (front, floors) = (new List<ChoicePoint>(), new List<long>());
        var (acts, steps) = (Most(way => way.Acts, ChoiceCosts.Acts), Most(way => way.Steps, ChoiceCosts.Minutes));
        var sets = Enumerable.Range(0, 1 << problem.Sellers.Length)
            .OrderBy(set => SetSearch.DaysOf(problem, set)).ThenBy(set => BitOperations.PopCount((uint)set)).ToArray();
        foreach (var sellers in work.Each(sets, "set of sellers"))
        {
            var set = new SetSearch(plan, sellers, costs, work);
            if (work.IsSpent)
            {
                if (set.Floor is { } floor) floors.Add(floor);
                continue;
            }

            if (set.Floor is null) continue;

            // What is found soon spares most of the rest.
            foreach (var point in set.Run(Known(set), isGreedy: true).Points) Keep(point);
            var (points, leftOut) = set.Run(Known(set));
            if (leftOut is { } least) floors.Add(least);
            foreach (var point in points) Keep(point);
        }

        var gap = front.Count == 0 ? 0 : floors.Select(floor => front.Min(point => point.Money) - floor).Append(0).Max();
        return new ChoiceFront([.. front.OrderBy(point => (point.Money, point.Days, point.Acts, point.Steps))], gap, floors.Count == 0 && plan.IsExact);

        KnownCosts Known(SetSearch set)
            => new(front.Where(point => !costs.HasFlag(ChoiceCosts.Days) || point.Days <= set.Days).Select(point => point.Counted(costs))
                .Select(point => (point.Acts, point.Steps, point.Money)), acts, steps);

        int Most(Func<ChoiceWay, int> cost, ChoiceCosts of) => costs.HasFlag(of) ? problem.Joints.Sum(ways => ways.Max(cost)) : 0;

        void Keep(ChoicePoint point)
        {
            var counted = point.Counted(costs);
            if (front.Exists(other => IsAsGood(other.Counted(costs), counted))) return;
            front.RemoveAll(other => IsAsGood(counted, other.Counted(costs)));
            front.Add(point);
        }
    }

    private static bool IsAsGood((int Acts, int Steps, int Days, long Money) one, (int Acts, int Steps, int Days, long Money) other)
        => one.Acts <= other.Acts && one.Steps <= other.Steps && one.Days <= other.Days && one.Money <= other.Money;
}
