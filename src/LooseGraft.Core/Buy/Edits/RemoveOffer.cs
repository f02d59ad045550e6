using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Takes out an offer.</summary>
/// <param name="Offer">Its id.</param>
public sealed record RemoveOffer(string Offer) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.Buying.FindOffer(Offer) is null ? graft : graft.WithBuying(buying => buying.WithoutOffers(offer => offer.Id == Offer));

    public override string Words(Graft graft) => $"{graft.Buying.FindOffer(Offer)?.What ?? Offer} taken out of the offers";

    public override string Standing(Graft graft) => graft.Buying.Offers.Length.Counted("offer");
}
