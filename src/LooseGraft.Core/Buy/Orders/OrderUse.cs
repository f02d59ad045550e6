using System.Collections.Immutable;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Orders;

/// <summary>One line of an order and what becomes of what has come of it, or will.</summary>
/// <param name="Order">The order.</param>
/// <param name="Line">Which line of it, from 0.</param>
/// <param name="Gifts">The needs that it goes to.</param>
/// <param name="Over">What of it no need asks for, come or awaited.</param>
/// <param name="OverHere">What of that has come.</param>
public sealed record OrderUse(
    PlacedOrder Order, int Line, ImmutableArray<(Need Need, OrderGift Gift)> Gifts, ImmutableArray<OfferContent> Over, ImmutableArray<OfferContent> OverHere)
{
    private static readonly bool[] HereFirst = [true, false];

    /// <summary>Gives what was ordered to what is needed: what has come first, then what is awaited.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="book">What was ordered.</param>
    /// <param name="lines">The needs, with what the bin gives.</param>
    public static ImmutableArray<OrderUse> Of(Graft graft, OrderBook book, IReadOnlyList<NeedLine> lines)
    {
        var stocks = (from isHere in HereFirst
                      from order in book.Orders
                      from pair in order.Lines.Index()
                      from content in isHere ? pair.Item.Here(graft) : pair.Item.ToCome
                      where content.Count > 0
                      select (Order: order, Line: pair.Index, Content: content, IsHere: isHere, pair.Item.Line.Fit)).ToArray();
        var fits = new Dictionary<(Ware, FitWord, int), FitGrade>();
        var given = Allotment.Of([.. stocks.Select(stock => stock.Content.Count)], [.. lines.Select(line => line.Wanted)], Fit);
        var used = given.ToLookup(gift => gift.Stock);
        return [.. from order in book.Orders
                   from index in Enumerable.Range(0, order.Lines.Length)
                   let own = Enumerable.Range(0, stocks.Length).Where(stock => stocks[stock].Order == order && stocks[stock].Line == index).ToArray()
                   let gifts = from stock in own
                               from gift in used[stock]
                               select (lines[gift.Need].Need, new OrderGift(order, index, gift.Amount, stocks[stock].IsHere, gift.Fit))
                   let over = (from stock in own
                               let left = stocks[stock].Content.Count - used[stock].Sum(gift => gift.Amount)
                               where left > 0
                               select (stocks[stock].IsHere, Content: stocks[stock].Content with { Count = left })).ToArray()
                   select new OrderUse(order, index, [.. gifts], [.. over.Select(each => each.Content)],
                       [.. over.Where(each => each.IsHere).Select(each => each.Content)])];

        FitGrade Fit(int stock, int need)
        {
            var key = (stocks[stock].Content.Ware, stocks[stock].Fit, need);
            return fits.TryGetValue(key, out var known) ? known : fits[key] = WareFit.Of(lines[need].Need, key.Ware, key.Fit);
        }
    }
}
