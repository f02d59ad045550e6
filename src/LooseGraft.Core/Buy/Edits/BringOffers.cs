using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Brings in a table of offers with its sellers.</summary>
/// <param name="Sellers">The sellers; one of an id that is there is said anew.</param>
/// <param name="Offers">Their offers; each gets an id of its own, unless they are known by theirs.</param>
public sealed record BringOffers(ValueList<Seller> Sellers, ValueList<Offer> Offers) : GraftEdit
{
    /// <summary>Whether an offer of an id that is there is the same one, said anew.</summary>
    public bool AreKnownById { get; init; }

    public override Graft Apply(Graft graft)
    {
        var sellers = Sellers.Aggregate(graft.Buying.Sellers, (all, seller) => all.With(seller, other => other.Id == seller.Id));
        var known = sellers.Select(seller => seller.Id).ToHashSet();
        if (AreKnownById)
        {
            return graft.WithBuying(buying => buying with
            {
                Sellers = sellers,
                Offers = Offers.Where(offer => known.Contains(offer.Seller))
                    .Aggregate(buying.Offers, (all, offer) => all.With(Kept(graft, offer), other => other.Id == offer.Id)),
            });
        }

        var taken = graft.Buying.Offers.Select(offer => offer.Id).ToHashSet();
        var offers = Offers.Where(offer => known.Contains(offer.Seller)).Select(offer =>
        {
            var fresh = offer with { Id = GraftEdits.FreshId(offer.What, taken) };
            taken.Add(fresh.Id);
            return fresh;
        });
        return graft.WithBuying(buying => buying with { Sellers = sellers, Offers = [.. buying.Offers, .. offers] });
    }

    // What the builder said of it is no seller's to say anew.
    private static Offer Kept(Graft graft, Offer offer) => graft.Buying.FindOffer(offer.Id) is not { } known ? offer
        : offer with { ChancePercent = offer.ChancePercent ?? known.ChancePercent, ResalePercent = offer.ResalePercent ?? known.ResalePercent };

    public override string Words(Graft graft) => Offers is [var only] && Sellers is [var from]
        ? $"{only.What}, {only.Price.In(from.Currency)} at {from.Name}"
        : $"{Offers.Length.Counted("offer")} of {Sellers.Length.Counted("seller")} brought in";

    public override string Standing(Graft graft) => $"{graft.Buying.Offers.Length.Counted("offer")} of {graft.Buying.Sellers.Length.Counted("seller")}";
}
