using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Balances;

/// <summary>Going on with a graft against what could be had instead, and against leaving it.</summary>
/// <param name="Graft">Going on.</param>
/// <param name="Others">What could be had instead, in the builder's order.</param>
/// <param name="Leaving">Leaving it as it stands.</param>
/// <param name="Gone">What is paid or ordered already, whichever way is taken.</param>
/// <param name="Rate">What an hour is worth to the builder; nothing for a pleasure.</param>
public sealed record WorthTable(WayBalance Graft, ImmutableArray<WayBalance> Others, WayBalance Leaving, Money Gone, Money Rate)
{
    /// <summary>All ways, the graft first and leaving it last.</summary>
    public IEnumerable<WayBalance> Ways => [Graft, .. Others, Leaving];

    /// <summary>The way to have such a thing that costs least at the builder's rate: leaving gives nothing, and is not among them. The graft, where it costs
    /// no more than another.</summary>
    public WayBalance Cheapest => Others.Prepend(Graft).MinBy(way => way.At(Rate).Amount)!;

    /// <summary>Weighs going on against the rest.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="items">What it has cost and will cost.</param>
    public static WorthTable Of(Graft graft, IEnumerable<CostItem> items)
    {
        var terms = graft.Buying.Worth;
        var sums = items.ToLookup(item => item.State is CostState.Spent or CostState.Promised, item => item.Cost);
        // Whoever does not go on has no left-overs, but all that is here.
        var (left, stands) = (Sum(terms.LeftOvers.Select(each => each.Fetches)), terms.AsItStands ?? Money.Zero);
        return new WorthTable(
            new WayBalance("this graft", Sum(sums[false]) - left, terms.HoursToCome ?? 0, graft.Aim),
            [.. terms.OtherWays.Select(way => new WayBalance(way.Name, way.Price - stands, way.Hours, way.Gives) { Other = way })],
            new WayBalance("leaving it", Money.Zero - stands, 0, null), Sum(sums[true]), terms.HourRate ?? Money.Zero);
    }

    private static Money Sum(IEnumerable<Money> amounts) => amounts.Aggregate(Money.Zero, (sum, amount) => sum + amount);
}
