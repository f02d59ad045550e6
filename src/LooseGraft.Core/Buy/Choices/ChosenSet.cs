using System.Collections.Immutable;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>One choice for a whole graft: how its open joints are made, and what is got where for everything that is needed.</summary>
/// <param name="Key">What tells it from the others of its graft.</param>
/// <param name="Ways">How each open joint is made.</param>
/// <param name="Sacks">What is bought of each seller.</param>
/// <param name="FromBin">What is taken from the bin.</param>
/// <param name="Missing">What nobody has.</param>
/// <param name="Days">Days until the last parcel is here, at most; 0 without one, null where nobody knows.</param>
/// <param name="Acts">How many acts at those joints cannot be taken back.</param>
/// <param name="Minutes">About how long their making takes, in steps of five minutes.</param>
public sealed record ChosenSet(
    string Key, ImmutableArray<JointWay> Ways, ImmutableArray<Sack> Sacks, ImmutableArray<BinPick> FromBin, ImmutableArray<Need> Missing,
    int? Days, int Acts, int Minutes)
{
    /// <summary>What all the parcels cost in the graft's currency, with postage and tax, each to the cent.</summary>
    public Money Total => Sacks.Aggregate(Money.Zero, (sum, sack) => sum + (sack.InGraft ?? Money.Zero));

    /// <summary>What of it is postage, in the graft's currency and without tax.</summary>
    public Money Postage => new(Sacks.Sum(sack => decimal.Round(sack.Postage.Amount * (sack.Rate ?? 0), 2, MidpointRounding.AwayFromZero)));

    /// <summary>What would remain of the budget, were it taken; below 0 for what goes beyond it, null without a budget.</summary>
    /// <param name="graft">The whole graft.</param>
    /// <param name="now">What it has cost and will cost as it stands.</param>
    public Money? LeftOf(Graft graft, MoneySum now)
    {
        // What a part was written down with counts on while nothing is chosen for it.
        var open = Missing.Select(need => need.Key).Concat(graft.Buying.Marks.Select(mark => mark.Need)).ToHashSet();
        var planned = PartNeeds.Of(graft).Where(need => open.Contains(need.Key)).Select(need => need.Part!.Cost);
        var fromBin = FromBin.Where(pick => pick.Thing.Currency == graft.Currency)
            .Select(pick => pick.Thing.PaidEach is { } paid ? new Money(paid.Amount * pick.Count) : (Money?)null);
        return now.Budget - planned.Concat(fromBin).Aggregate(now.Spent + now.Promised + Total, (sum, cost) => sum + (cost ?? Money.Zero));
    }

    /// <summary>Whether only somebody's word has it that an offer fits what it meets: to be proven first.</summary>
    public static bool IsBelieved(Offer offer)
        => offer.Fit != FitWord.MakersList && offer.Contents.Any(content => content.Ware.Kind is WareKind.ForJoint or WareKind.ForPart);

    /// <summary>What cannot be taken back.</summary>
    public IEnumerable<string> Irreversible => Ways.SelectMany(way => way.Irreversible).Distinct();

    /// <summary>Whether a graft stands so already: its joints are decided so, its basket holds just this, and nothing more comes from the bin.</summary>
    public bool IsStandingIn(Graft graft)
        => Ways.All(way => way.IsAsDecided) && FromBin.IsEmpty
            && Sacks.SelectMany(sack => sack.Lines).Select(line => new BasketLine(line.Offer.Id, line.Packs)).ToHashSet().SetEquals(graft.Buying.Basket);
}
