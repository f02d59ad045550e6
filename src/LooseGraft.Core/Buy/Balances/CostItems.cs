using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Balances;

/// <summary>All that a graft has cost and will cost, thing by thing.</summary>
public static class CostItems
{
    /// <summary>The costs, which add up to what the graft comes to: parts and what the bin gave at its price, orders, parts still to be bought, and chosen
    /// offers, with what sending and tax cost beside the goods. What is chosen in a currency without a rate is not among them.</summary>
    /// <param name="graft">The graft with all that is set aside: it was paid for all the same.</param>
    /// <param name="basket">What is chosen.</param>
    /// <param name="orders">What was ordered.</param>
    public static IEnumerable<CostItem> Of(Graft graft, Basket basket, OrderBook orders)
    {
        var met = basket.Lines.Where(line => !(line.Chosen.IsEmpty && line.Ordered.IsEmpty)).Select(line => line.Need.Part?.Id).ToHashSet();
        // What came of an order was paid with it.
        var came = orders.Parts.ToHashSet();
        var parts = from part in graft.Parts
                    where part.Cost is not null && (part.Origin == PartOrigin.ToBuy ? !met.Contains(part.Id) : !came.Contains(part.Id))
                    select new CostItem(part.Name, part.Cost!.Value, part.Origin == PartOrigin.ToBuy ? CostState.Planned : CostState.Spent);
        var taken = graft.Buying.FromBin.Where(take => take.Cost is not null).Select(take => new CostItem(take.Name, take.Cost!.Value, CostState.Spent));
        return parts.Concat(taken).Concat(orders.Orders.SelectMany(Of)).Concat(basket.Sacks.SelectMany(Of));
    }

    private static IEnumerable<CostItem> Of(PlacedOrder order)
    {
        var state = order.IsOver ? CostState.Spent : CostState.Promised;
        var back = InGraft(order.Arrivals.Sum(each => each.Arrival.Back.Amount), order.Order.Rate);
        var items = Of(
            order.Order.Name, order.InGraft + back, order.Order.Rate, order.Order.Lines.Select(line => (line.What, line.Price.Amount * line.Packs)), state);
        return back == Money.Zero ? items : [.. items, new CostItem($"given back by {order.Order.Name}", Money.Zero - back, state)];
    }

    private static IEnumerable<CostItem> Of(Sack sack)
        => sack.InGraft is not { } all ? []
            : Of(sack.Seller.Name, all, sack.Rate!.Value, sack.Lines.Select(line => (line.Offer.What, line.Sum.Amount)), CostState.Chosen);

    // What rounding leaves of the goods goes with the postage, so that the whole is the whole.
    private static CostItem[] Of(string seller, Money all, decimal rate, IEnumerable<(string What, decimal Amount)> goods, CostState state)
    {
        CostItem[] items = [.. goods.Select(line => new CostItem(line.What, InGraft(line.Amount, rate), state))];
        var rest = items.Aggregate(all, (left, item) => left - item.Cost);
        return rest == Money.Zero ? items : [.. items, new CostItem($"postage and tax of {seller}", rest, state)];
    }

    private static Money InGraft(decimal amount, decimal rate) => new(decimal.Round(amount * rate, 2, MidpointRounding.AwayFromZero));
}
