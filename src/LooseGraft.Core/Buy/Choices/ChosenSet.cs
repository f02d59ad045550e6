using System.Collections.Immutable;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>One choice for a whole graft: how its open joints are made, and what is got where for everything that is needed.</summary>
/// <param name="Ways">How each open joint is made.</param>
/// <param name="Sacks">What is bought of each seller.</param>
/// <param name="FromBin">What is taken from the bin.</param>
/// <param name="Missing">What nobody has.</param>
/// <param name="Days">Days until the last parcel is here, at most; 0 without one, null where nobody knows.</param>
/// <param name="Acts">How many acts at those joints cannot be taken back.</param>
/// <param name="Minutes">About how long their making takes, in steps of five minutes.</param>
public sealed record ChosenSet(
    ImmutableArray<JointWay> Ways, ImmutableArray<Sack> Sacks, ImmutableArray<OwnedThing> FromBin, ImmutableArray<Need> Missing,
    int? Days, int Acts, int Minutes)
{
    /// <summary>What all the parcels cost in the graft's currency, with postage and tax, each to the cent.</summary>
    public Money Total => Sacks.Aggregate(Money.Zero, (sum, sack) => sum + (sack.InGraft ?? Money.Zero));

    /// <summary>What of it is postage, in the graft's currency and without tax.</summary>
    public Money Postage => new(Sacks.Sum(sack => decimal.Round(sack.Postage.Amount * (sack.Rate ?? 0), 2, MidpointRounding.AwayFromZero)));

    /// <summary>What cannot be taken back.</summary>
    public IEnumerable<string> Irreversible => Ways.SelectMany(way => way.Irreversible).Distinct();
}
