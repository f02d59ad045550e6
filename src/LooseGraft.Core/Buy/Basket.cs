using System.Collections.Immutable;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy;

/// <summary>The needs with what there is for each, and the orders and sacks with what becomes of each.</summary>
/// <param name="Lines">The needs, as they stand.</param>
/// <param name="Orders">What was ordered, line by line.</param>
/// <param name="Sacks">What is chosen, seller by seller.</param>
public sealed record Basket(ImmutableArray<NeedLine> Lines, ImmutableArray<OrderUse> Orders, ImmutableArray<Sack> Sacks)
{
    /// <summary>Nothing is needed, ordered or chosen.</summary>
    public static readonly Basket Empty = new([], [], []);

    /// <summary>Holds what is chosen against what is needed.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="needs">What it needs.</param>
    /// <param name="book">What was ordered.</param>
    public static Basket Of(Graft graft, ImmutableArray<Need> needs, OrderBook book)
    {
        var buying = graft.Buying;
        var offers = buying.Offers.ToDictionary(offer => offer.Id);
        var chosen = buying.Basket.Where(line => offers.ContainsKey(line.Offer)).Select(line => (Offer: offers[line.Offer], line.Packs)).ToArray();
        var stocks = chosen.SelectMany((line, index) => line.Offer.Contents.Select(content => (Line: index, content.Ware, Count: content.Count * line.Packs)))
            .ToArray();
        var marks = buying.Marks.ToDictionary(mark => mark.Need);
        var taken = buying.FromBin.ToLookup(take => take.Need);
        var lines = needs.Select(need => new NeedLine(need, marks.GetValueOrDefault(need.Key), [.. taken[need.Key]], [], [])).ToArray();
        var orders = OrderUse.Of(graft, book, lines);
        var ordered = orders.SelectMany(use => use.Gifts).ToLookup(pair => pair.Need.Key, pair => pair.Gift);
        lines = [.. lines.Select(line => line with { Ordered = [.. ordered[line.Need.Key]] })];
        var fits = new Dictionary<(Ware, FitWord, int), FitGrade>();
        var given = Allotment.Of([.. stocks.Select(stock => stock.Count)], [.. lines.Select(line => line.Wanted)], Fit).ToLookup(gift => gift.Need);
        var toNeeds = lines.Select((line, index) => line with
        {
            Chosen = [.. given[index].GroupBy(gift => stocks[gift.Stock].Line)
                .Select(same => new Gift(chosen[same.Key].Offer, same.Sum(gift => gift.Amount), same.Max(gift => gift.Fit)))],
        }).ToImmutableArray();
        var ofStock = given.SelectMany(same => same).ToLookup(gift => gift.Stock);
        var sackLines = chosen.Select((line, index) => new SackLine(line.Offer, line.Packs,
            [.. from stock in Enumerable.Range(0, stocks.Length) where stocks[stock].Line == index
                from gift in ofStock[stock] select (needs[gift.Need], gift.Amount, gift.Fit)],
            [.. from stock in Enumerable.Range(0, stocks.Length) where stocks[stock].Line == index
                let over = stocks[stock].Count - ofStock[stock].Sum(gift => gift.Amount) where over > 0
                select new OfferContent(stocks[stock].Ware, over)])).ToLookup(line => line.Offer.Seller);
        var sacks = buying.Sellers.Where(seller => sackLines[seller.Id].Any())
            .Select(seller => new Sack(seller, [.. sackLines[seller.Id]], RateOf(graft, seller)));
        return new Basket(toNeeds, orders, [.. sacks]);

        FitGrade Fit(int stock, int need)
        {
            var key = (stocks[stock].Ware, chosen[stocks[stock].Line].Offer.Fit, need);
            return fits.TryGetValue(key, out var known) ? known : fits[key] = WareFit.Of(needs[need], key.Ware, key.Fit);
        }
    }

    /// <summary>The days between which the last parcel is here, if all that is chosen is ordered today; what is late is here tomorrow at the earliest. Null
    /// where nothing is awaited, or where nobody knows how long one of them takes.</summary>
    public (DateOnly From, DateOnly To)? LastParcel(DateOnly today)
    {
        var orders = Orders.Select(use => use.Order).Where(order => !order.IsOver).DistinctBy(order => order.Id)
            .Select(order => order.LateOn(today) is null ? order.Due : (today.AddDays(1), today.AddDays(1)));
        var chosen = Sacks.Select(sack => sack.Seller.Days is { } days ? (today.AddDays(days.From), today.AddDays(days.To)) : ((DateOnly, DateOnly)?)null);
        var parcels = orders.Concat(chosen).ToArray();
        return parcels.Length == 0 || parcels.Contains(null) ? null : (parcels.Max(each => each!.Value.Item1), parcels.Max(each => each!.Value.Item2));
    }

    /// <summary>What one of a seller's currency is worth in the graft's; null where nobody said.</summary>
    public static decimal? RateOf(Graft graft, Seller seller)
        => seller.Currency == graft.Currency ? 1 : graft.Buying.Rates.FirstOrDefault(rate => rate.Currency == seller.Currency)?.Worth;
}
