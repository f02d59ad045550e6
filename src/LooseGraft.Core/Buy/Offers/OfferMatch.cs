using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Offers;

/// <summary>An offer that could serve a need.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Seller">Who offers it.</param>
/// <param name="Fit">Whether it will do.</param>
/// <param name="InPack">How many pieces, or metres, of a pack will.</param>
/// <param name="Packs">How many packs the need takes, by itself.</param>
/// <param name="Each">What one of them costs in the graft's currency, without postage; null without a rate. It is compared by, and never added up.</param>
public sealed record OfferMatch(Offer Offer, Seller Seller, FitGrade Fit, int InPack, int Packs, decimal? Each)
{
    /// <summary>The packs that the need takes, in a parcel of their own.</summary>
    /// <param name="graft">The graft.</param>
    public Sack Alone(Graft graft) => new(Seller, [new SackLine(Offer, Packs, [], [])], Basket.RateOf(graft, Seller));
}
