using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Orders;

/// <summary>What was ordered for a graft, as the records tell: they are added up, and never changed.</summary>
/// <param name="Orders">The orders, the first first.</param>
public sealed record OrderBook(ImmutableArray<PlacedOrder> Orders)
{
    /// <summary>Nothing was ordered.</summary>
    public static readonly OrderBook Empty = new([]);

    /// <summary>Adds up records, in the order in which they were written down; what a correction calls a slip does not count, nor what came of an order
    /// that was one.</summary>
    public static OrderBook Of(IEnumerable<BenchRecord> records)
    {
        var all = records.ToArray();
        var slips = all.Select(record => record.Corrects).OfType<string>().ToHashSet();
        var orders = all.Where(record => record.Order is not null && !slips.Contains(record.Id)).DistinctBy(record => record.Id)
            .ToDictionary(record => record.Id, record => new PlacedOrder(
                record.Id, record.Order!, [.. record.Order!.Lines.Select(line => new OrderedLine(line, 0, 0, line.Packs, [], []))], []));
        foreach (var record in all.Where(record => !slips.Contains(record.Id)))
        {
            if (record.Arrival is { } arrival && orders.TryGetValue(arrival.Order, out var order)) orders[arrival.Order] = After(order, record.Id, arrival);
        }

        return orders.Count == 0 ? Empty
            : new OrderBook([.. all.Select(record => record.Id).Where(orders.ContainsKey).Distinct().Select(id => orders[id])]);
    }

    /// <summary>The order of that id; null when there is none.</summary>
    public PlacedOrder? Find(string? id) => Orders.FirstOrDefault(order => order.Id == id);

    /// <summary>The parts of the graft that came out of parcels: what they cost stands in the orders.</summary>
    public IEnumerable<string> Parts => Orders.SelectMany(order => order.Lines).SelectMany(line => line.Parts);

    private static PlacedOrder After(PlacedOrder order, string id, Arrival arrival)
    {
        var came = arrival.Lines.ToLookup(line => line.Line);
        var lines = order.Lines.Select((line, index) => came[index].Aggregate(line, (known, each) => known.With(each)));
        return order with
        {
            Lines = [.. lines.Select(line => arrival.IsLast ? line with { Awaited = 0 } : line)],
            Arrivals = [.. order.Arrivals, (id, arrival)],
        };
    }
}
