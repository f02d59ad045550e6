using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Writes down that something was ordered: it is chosen no more, it is on its way.</summary>
/// <param name="Order">What was ordered.</param>
public sealed record PlaceOrder(Order Order) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Order;

    public override BenchRecord Recorded(BenchRecord record) => record with { Order = Order };

    public override Graft Apply(Graft graft)
    {
        var offers = graft.Buying.Offers.Where(offer => offer.Seller == Order.Seller).Select(offer => offer.Id).ToHashSet();
        return graft.WithBuying(buying => buying with { Basket = buying.Basket.RemoveAll(line => offers.Contains(line.Offer)) });
    }

    public override string Words(Graft graft)
        => $"Ordered of {graft.Buying.FindSeller(Order.Seller)?.Name ?? Order.Name}{(Order.Number is { } number ? $", number {number}" : "")}: {Order.Lines.Length.Counted("thing")}";

    public override string Standing(Graft graft)
        => $"{graft.Buying.Basket.Count(line => graft.Buying.FindOffer(line.Offer)?.Seller == Order.Seller).Counted("offer")} of {Order.Name} in the basket";
}
