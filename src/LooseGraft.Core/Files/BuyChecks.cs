using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>What must hold between what buying is told: names are unique, and what is named exists. What a need was may be gone: its key is only
/// remembered.</summary>
internal static class BuyChecks
{
    public static void Graft(Graft graft, ReadContext context)
    {
        var buying = graft.Buying;
        CrossChecks.Unique(context, "buying.rates", buying.Rates, rate => rate.Currency);
        CrossChecks.Unique(context, "buying.sellers", buying.Sellers, seller => seller.Id);
        CrossChecks.Unique(context, "buying.offers", buying.Offers, offer => offer.Id);
        CrossChecks.Unique(context, "buying.basket", buying.Basket, line => line.Offer);
        CrossChecks.Unique(context, "buying.marks", buying.Marks, mark => mark.Need);
        CrossChecks.Unique(context, "buying.noPower", buying.NoPower, said => said.Need);
        CrossChecks.Unique(context, "buying.ownNeeds", buying.OwnNeeds, own => own.Id);
        CrossChecks.Unique(context, "buying.worth.leftOvers", buying.Worth.LeftOvers, left => left.Id);
        CrossChecks.Unique(context, "buying.worth.otherWays", buying.Worth.OtherWays, way => way.Id);
        CrossChecks.Unique(context, "buying.fromBin", buying.FromBin, take => (take.Need, take.Claim.Entry));
        foreach (var (index, rate) in buying.Rates.Index())
        {
            if (rate.Currency == graft.Currency)
                context.Fail($".buying.rates[{index}].currency", ReadContext.Quote(rate.Currency), "another currency than that of the graft, which is worth 1");
        }

        var sellers = buying.Sellers.Select(seller => seller.Id).ToHashSet();
        foreach (var (index, offer) in buying.Offers.Index())
            CrossChecks.Exists(context, $".buying.offers[{index}].seller", offer.Seller, sellers, "the id of a seller");
        var offers = buying.Offers.Select(offer => offer.Id).ToHashSet();
        foreach (var (index, line) in buying.Basket.Index())
            CrossChecks.Exists(context, $".buying.basket[{index}].offer", line.Offer, offers, "the id of an offer");
    }
}
