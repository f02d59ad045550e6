using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Orders;

/// <summary>An order and what has come of it.</summary>
/// <param name="Id">The id of its record.</param>
/// <param name="Order">What was ordered.</param>
/// <param name="Lines">What has come of each line.</param>
/// <param name="Arrivals">The parcels, by the ids of their records, the first first.</param>
public sealed record PlacedOrder(string Id, Order Order, ImmutableArray<OrderedLine> Lines, ImmutableArray<(string Id, Arrival Arrival)> Arrivals)
{
    /// <summary>Whether nothing more is awaited.</summary>
    public bool IsOver => Lines.All(line => line.Awaited == 0);

    /// <summary>What it cost, without what was given back, in the seller's currency.</summary>
    public Money Total
    {
        get
        {
            var goods = Order.Lines.Aggregate(Money.Zero, (sum, line) => sum + new Money(line.Price.Amount * line.Packs));
            return Arrivals.Aggregate(goods + Order.Postage + Order.Tax, (sum, each) => sum - each.Arrival.Back);
        }
    }

    /// <summary>The same in the graft's currency by the rate of that day, to the cent.</summary>
    public Money InGraft => new(decimal.Round(Total.Amount * Order.Rate, 2, MidpointRounding.AwayFromZero));

    /// <summary>The days between which its parcel is to come; null where nobody knew.</summary>
    public (DateOnly From, DateOnly To)? Due => Order.Days is { } days ? (Order.Day.AddDays(days.From), Order.Day.AddDays(days.To)) : null;

    /// <summary>How many days it is late; null for one that is not, or of which nobody knew how long it takes.</summary>
    public int? LateOn(DateOnly day) => !IsOver && Due is { } due && day > due.To ? day.DayNumber - due.To.DayNumber : null;

    /// <summary>As it is spoken of.</summary>
    public string Words => $"the order of {Order.Day:yyyy-MM-dd} at {Order.Name}{(Order.Number is { } number ? $", number {number}" : "")}";
}
