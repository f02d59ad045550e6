using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Orders;

/// <summary>Makes an order of what is chosen, and an arrival of what came.</summary>
public static class Ordering
{
    /// <summary>The order of all that is in a seller's sack; null without a rate, for then nobody could say what it cost.</summary>
    /// <param name="sack">What is chosen.</param>
    /// <param name="day">The day on which it is ordered.</param>
    /// <param name="number">The seller's number of it.</param>
    public static Order? Of(Sack sack, DateOnly day, string? number) => sack.Rate is not { } rate ? null
        : new Order(sack.Seller.Id, sack.Seller.Name, sack.Seller.Currency, day, [.. sack.Lines.Select(LineOf)])
        {
            Number = number,
            Postage = sack.Postage,
            Tax = sack.Tax,
            Rate = rate,
            Days = sack.Seller.Days,
        };

    /// <summary>An arrival with what goes to parts of the graft and what, once a line is through, is left over for the bin.</summary>
    /// <param name="review">What is needed and was ordered before it came.</param>
    /// <param name="graft">The graft.</param>
    /// <param name="arrival">What came, counted in packs.</param>
    public static Arrival Sorted(BuyReview review, Graft graft, Arrival arrival)
    {
        if (review.Orders.Find(arrival.Order) is not { } order) return arrival;
        // As if it had come: what it then gives, and what then lies about.
        var after = OrderBook.Of([
            .. review.Orders.Orders.SelectMany(Records), new BenchRecord("arrival", DateTimeOffset.UnixEpoch, RecordKind.Arrival, "") { Arrival = arrival },
        ]);
        var uses = Basket.Of(graft, [.. review.Basket.Value.Lines.Select(line => line.Need)], after).Orders
            .Where(use => use.Order.Id == order.Id);
        return arrival with
        {
            Lines = [.. from use in uses
                       let line = arrival.Lines.FirstOrDefault(each => each.Line == use.Line) ?? new ArrivedLine(use.Line, 0, 0)
                       let sorted = line with
                       {
                           Parts = [.. use.Gifts.Where(pair => pair.Gift.IsHere).Select(pair => pair.Need.Part?.Id).OfType<string>()],
                           ToBin = use.Order.Lines[use.Line].Awaited == 0 ? [.. use.OverHere] : [],
                       }
                       where sorted.Right + sorted.Wrong > 0 || !sorted.Parts.IsEmpty || !sorted.ToBin.IsEmpty
                       select sorted],
        };
    }

    private static OrderLine LineOf(SackLine line) => new(line.Offer.What, line.Offer.Price, line.Packs)
    {
        Contents = line.Offer.Contents,
        Condition = line.Offer.Condition,
        Fit = line.Offer.Fit,
        For = [.. line.Gifts.GroupBy(gift => gift.Need.Key).Select(same => new OrderAim(same.Key, same.First().Need.Words, same.Sum(gift => gift.Count))
        {
            Joints = [.. same.First().Need.Asks.Select(ask => ask.Subject).OfType<JointSubject>().Select(joint => joint.Joint).Distinct()],
        })],
    };

    private static IEnumerable<BenchRecord> Records(PlacedOrder order)
        => order.Arrivals.Select(each => new BenchRecord(each.Id, DateTimeOffset.UnixEpoch, RecordKind.Arrival, "") { Arrival = each.Arrival })
            .Prepend(new BenchRecord(order.Id, DateTimeOffset.UnixEpoch, RecordKind.Order, "") { Order = order.Order });
}
