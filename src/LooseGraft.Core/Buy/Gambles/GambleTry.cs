using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Gambles;

/// <summary>One offer that may do for a need, bought by itself. Amounts are in the graft's currency.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Seller">Who offers it.</param>
/// <param name="Packs">How many packs the need takes, 1 or more.</param>
/// <param name="Price">What they cost in a parcel of their own, with postage and tax.</param>
/// <param name="ChancePercent">How likely it does, in hundredths, 0 to 100; 100 for what is certain.</param>
/// <param name="Back">What comes back of it when it does not do: the goods when the seller takes them, less what sending costs, or what they sell for
/// again, whichever is more. From 0 to the price.</param>
public sealed record GambleTry(Offer Offer, Seller Seller, int Packs, Money Price, int ChancePercent, Money Back)
{
    /// <summary>Whether it does for certain.</summary>
    public bool IsCertain => ChancePercent == FitChance.Certain;

    /// <summary>What is gone when it does not do.</summary>
    public Money Lost => Price - Back;

    internal decimal Fails => (FitChance.Certain - ChancePercent) / 100m;
}
