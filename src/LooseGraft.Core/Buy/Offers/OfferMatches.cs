using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Offers;

/// <summary>Finds the offers that could serve each need.</summary>
public static class OfferMatches
{
    /// <summary>The offers for each need by its key: those that fit first, then by what one costs, those without a rate last. Linear in needs times what all
    /// packs hold; each sort of thing is held against a need once.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="needs">What it needs.</param>
    public static ILookup<string, OfferMatch> Of(Graft graft, IEnumerable<Need> needs)
    {
        var sellers = graft.Buying.Sellers.ToDictionary(seller => seller.Id);
        var rates = graft.Buying.Sellers.ToDictionary(seller => seller.Id, seller => Basket.RateOf(graft, seller));
        return (from need in needs
                let known = new Dictionary<(Ware, FitWord), FitGrade>()
                from offer in graft.Buying.Offers
                where offer.Stock is not 0
                let contents = offer.Contents.Select(content => (content.Count, Fit: Fit(need, content.Ware, offer.Fit, known)))
                    .Where(each => each.Fit != FitGrade.No).ToArray()
                where contents.Length > 0
                let count = contents.Sum(each => each.Count)
                let whole = offer.Contents.Sum(content => content.Count)
                let match = new OfferMatch(
                    offer, sellers[offer.Seller], contents.Max(each => each.Fit), count, (need.Count + count - 1) / count,
                    rates[offer.Seller] is { } rate ? offer.Price.Amount * rate / whole : null)
                orderby match.Fit, match.Each is null, match.Each
                select (need.Key, match)).ToLookup(pair => pair.Key, pair => pair.match);
    }

    private static FitGrade Fit(Need need, Ware ware, FitWord word, Dictionary<(Ware, FitWord), FitGrade> known)
        => known.TryGetValue((ware, word), out var fit) ? fit : known[(ware, word)] = WareFit.Of(need, ware, word);
}
