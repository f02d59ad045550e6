using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Words;

/// <summary>What came of an order, in words.</summary>
public static class OrderWords
{
    /// <summary>A parcel, for example <c>2 packs right, 1 wrong (bent pins); into the bin: 7 nut M3</c>.</summary>
    public static string Of(PlacedOrder order, Arrival arrival)
    {
        var (right, wrong) = (arrival.Lines.Sum(line => line.Right), arrival.Lines.Sum(line => line.Wrong));
        var bin = arrival.Lines.SelectMany(line => line.ToBin).Select(content => $"{content.Count} {WareWords.Of(content.Ware)}").ToArray();
        var pieces = new[]
        {
            right + wrong == 0 ? "" : wrong == 0 ? $"{right.Counted("pack")} came" : $"{right.Counted("pack")} right, {wrong} wrong",
            arrival.IsLast ? "nothing more comes" : "",
            bin.Length == 0 ? "" : $"into the bin: {string.Join(", ", bin)}",
            arrival.Back == Money.Zero ? "" : $"{arrival.Back.In(order.Order.Currency)} given back",
            arrival.Note ?? "",
        };
        return string.Join("; ", pieces.Where(piece => piece.Length > 0));
    }

    /// <summary>What an order gives to a need.</summary>
    public static string Of(OrderGift gift) => gift.IsHere
        ? $"came of {gift.Order.Order.Name}"
        : $"on its way from {gift.Order.Order.Name}{(gift.Order.Due is { } due ? $", here by {due.To:yyyy-MM-dd}" : "")}";
}
