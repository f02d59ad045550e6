using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Puts packs of an offer into the basket in place of others.</summary>
/// <param name="Offer">Its id.</param>
/// <param name="Packs">How many, 1 or more.</param>
/// <param name="Others">The ids of those that are taken out.</param>
public sealed record ChooseInstead(string Offer, int Packs, ValueList<string> Others) : GraftEdit
{
    /// <summary>Chooses an offer for a need in place of all others that are offered for it. What serves another need as well, as a kit does, stays.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="basket">What is chosen.</param>
    /// <param name="need">The need.</param>
    /// <param name="offer">The offer.</param>
    /// <param name="packs">How many of it, 1 or more.</param>
    public static ChooseInstead For(Graft graft, Basket basket, Need need, Offer offer, int packs)
    {
        var shared = basket.Sacks.SelectMany(sack => sack.Lines).Where(line => line.Gifts.Any(gift => gift.Need.Key != need.Key))
            .Select(line => line.Offer.Id).ToHashSet();
        return new ChooseInstead(
            offer.Id, packs, [.. OfferMatches.Of(graft, [need])[need.Key].Select(match => match.Offer.Id).Where(id => !shared.Contains(id))]);
    }

    public override Graft Apply(Graft graft) => graft.Buying.FindOffer(Offer) is null ? graft
        : graft.WithBuying(buying => buying with
        {
            Basket = buying.Basket.RemoveAll(line => line.Offer != Offer && Others.Contains(line.Offer))
                .With(new BasketLine(Offer, Packs), line => line.Offer == Offer),
        });

    public override string Words(Graft graft)
    {
        var gone = graft.Buying.Basket.Count(line => line.Offer != Offer && Others.Contains(line.Offer));
        return $"{graft.Buying.FindOffer(Offer)?.What ?? Offer}: {Packs.Counted("pack")} in the basket{(gone == 0 ? "" : $" in place of {gone.Counted("other offer")}")}";
    }

    public override string Standing(Graft graft) => $"{graft.Buying.Basket.Length.Counted("offer")} in the basket";
}
