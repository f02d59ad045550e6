using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Data.Tables;

namespace LooseGraft.Data.Offers;

/// <summary>Offers as a table: its first row names the columns, each other row is an offer. What the seller's columns say has to be the same in every row of
/// one seller. Described in docs/offers.md.</summary>
public static class OfferTable
{
    /// <summary>Errors that are told at once.</summary>
    public const int ErrorsTold = 50;

    /// <summary>The columns it knows; seller, what and price have to be there.</summary>
    public static readonly ImmutableArray<string> Columns =
    [
        "seller", "what", "price", "contents", "currency", "postage", "free from", "tax percent", "days from", "days to", "takes back", "condition", "fit",
        "seen on", "stock", "note", "warranty years", "noise db", "depth mm", "total watts", "efficiency", "plugs",
    ];

    private static readonly string[] Needed = ["seller", "what", "price"];

    /// <summary>Reads a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="graft">The graft that it is for: a seller of a name that it knows is that seller.</param>
    /// <returns>The offers, or everything that is wrong, up to <see cref="ErrorsTold"/>; never some of both.</returns>
    public static (OfferSheet? Sheet, IReadOnlyList<string> Errors) Read(CsvTable table, Graft graft)
    {
        if (table.Problem is { } problem) return (null, [problem]);
        var heading = table.Rows[0].Cells.Select(cell => cell.Trim().ToLowerInvariant().Replace('_', ' ')).ToArray();
        var errors = Wrong(heading).ToList();
        if (errors.Count > 0) return (null, errors);
        if (table.Rows.Count - 1 + graft.Buying.Offers.Length > GraftFileLimits.Offers)
            return (null, [$"{table.Rows.Count - 1} offers, and {graft.Buying.Offers.Length} are there; a graft keeps at most {GraftFileLimits.Offers}. Leave out what nothing needs."]);

        var (sellers, offers) = (new Dictionary<string, (Seller Seller, int Line)>(StringComparer.OrdinalIgnoreCase), new List<Offer>());
        foreach (var row in table.Rows.Skip(1))
        {
            var read = new OfferRow(heading, row, errors);
            var seller = read.Seller(graft, sellers.Values.Select(known => known.Seller.Id));
            if (seller is not null && sellers.TryGetValue(seller.Name, out var before) && before.Seller != seller with { Id = before.Seller.Id })
                errors.Add($"Line {row.Line}: {seller.Name} has other terms here than in line {before.Line}; currency, postage, tax, days and returns are one seller's");
            if (seller is not null) sellers.TryAdd(seller.Name, (seller, row.Line));
            if (seller is not null && read.Offer(sellers[seller.Name].Seller) is { } offer) offers.Add(offer);
            if (errors.Count >= ErrorsTold) break;
        }

        var known = graft.Buying.Sellers.Length + sellers.Values.Count(pair => graft.Buying.FindSeller(pair.Seller.Id) is null);
        if (known > GraftFileLimits.Sellers) errors.Add($"{known} sellers; a graft keeps at most {GraftFileLimits.Sellers}");
        return errors.Count > 0 ? (null, [.. errors.Take(ErrorsTold)]) : (new OfferSheet([.. sellers.Values.Select(pair => pair.Seller)], [.. offers]), []);
    }

    private static IEnumerable<string> Wrong(string[] heading)
    {
        var named = heading.Where(cell => cell.Length > 0).ToArray();
        return named.Except(Columns).Select(cell => $"Line 1: there is no column “{cell}”; there are {string.Join(", ", Columns)}")
            .Concat(Needed.Except(named).Select(cell => $"Line 1: the column “{cell}” is missing"))
            .Concat(named.GroupBy(cell => cell).Where(same => same.Count() > 1).Select(same => $"Line 1: the column “{same.Key}” stands twice"));
    }

    /// <summary>Writes the offers of a graft as such a table.</summary>
    public static byte[] Write(Graft graft)
        => CsvSheet.Of(((IEnumerable<object?>[])[[.. Columns]]).Concat(from offer in graft.Buying.Offers
                                                                       let seller = graft.Buying.FindSeller(offer.Seller)!
                                                                       select (IEnumerable<object?>)[
                                                                           seller.Name, offer.What, offer.Price.Amount, ContentsText.Write(offer.Contents),
                                                                            seller.Currency, seller.Postage?.Amount, seller.FreeFrom?.Amount, seller.TaxPercent,
                                                                            seller.Days?.From, seller.Days?.To, OfferRow.Word(seller.TakesBack),
                                                                            OfferRow.Word(offer.Condition), OfferRow.Word(offer.Fit),
                                                                            offer.SeenOn?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), offer.Stock,
                                                                            offer.Note, offer.Traits.WarrantyYears, offer.Traits.Noise,
                                                                            offer.Traits.Depth?.Value, offer.Traits.Total?.Value,
                                                                            offer.Traits.Class is { } label ? OfferRow.Word(label) : null,
                                                                            PlugsText.Write(offer.Traits.Plugs)]));
}
