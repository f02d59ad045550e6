using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Data;
using LooseGraft.Data.Offers;
using LooseGraft.Data.Tables;

namespace LooseGraft.Web.Hosting;

/// <summary>Sends what is to be bought, and what is offered, as tables.</summary>
public static class BuyDownloads
{
    /// <summary>The shopping list: a row for each chosen offer, then what has no source yet.</summary>
    public static async Task<IResult> ListAsync(int id, GraftStore store, ReviewDesk reviews, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } found) return Results.NotFound();
        var basket = (await reviews.SeenAsync(id, await reviews.OfAsync(found, cancellation), always: true, cancellation)).Buy.Basket.Value;
        var rows = basket.Sacks.SelectMany(sack => sack.Lines.Select(line => Row(
                sack.Seller.Name, line.Packs, line.Offer.What, string.Join(" + ", line.Gifts.Select(gift => gift.Need.Words).Distinct()), line.Sum,
                sack.Seller.Currency))
            .Append(Row(sack.Seller.Name, 1, "postage and tax", "", sack.Postage + sack.Tax, sack.Seller.Currency)));
        var bin = basket.Lines.SelectMany(line => line.FromBin.Select(take => Row("the bin", take.Claim.Count, take.Name, line.Need.Words)));
        var open = basket.Lines.Where(line => line.Open > 0).Select(line => Row("no source yet", line.Open, line.Need.Words, ""));
        IEnumerable<object?>[] heading = [["seller", "count", "what", "for", "price", "currency"]];
        var name = GraftEdits.FreshId($"{found.Graft.Name} shopping", []);
        return Results.File(CsvSheet.Of(heading.Concat(rows).Concat(bin).Concat(open)), "text/csv; charset=utf-8", name + ".csv");
    }

    private static IEnumerable<object?> Row(string seller, int count, string what, string use, Money? price = null, string? currency = null)
        => [seller, count, what, use, price?.Amount.ToString("0.00", CultureInfo.InvariantCulture), currency];

    /// <summary>The offers as they can be brought in again.</summary>
    public static async Task<IResult> OffersAsync(int id, GraftStore store, CancellationToken cancellation)
        => await store.FindAsync(id, cancellation) is { } found
            ? Results.File(OfferTable.Write(found.Graft), "text/csv; charset=utf-8", GraftEdits.FreshId($"{found.Graft.Name} offers", []) + ".csv")
            : Results.NotFound();
}
