using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What is typed of a parcel.</summary>
/// <param name="How">Which button: all, counted, never, sort.</param>
/// <param name="Right">Packs that are what was ordered, line by line.</param>
/// <param name="Wrong">Packs that are not, line by line.</param>
/// <param name="Day">The day; today where it is left empty.</param>
/// <param name="Back">What the seller gave back.</param>
/// <param name="Note">What was wrong.</param>
public sealed record ArrivalForm(string? How, string[]? Right, string[]? Wrong, string? Day, string? Back, string? Note)
{
    /// <summary>The parcel; null with what is wrong in the form.</summary>
    public Arrival? Read(PlacedOrder order, DateOnly today, ModelStateDictionary errors)
    {
        var key = order.Id;
        var day = errors.OptionalDay(key, Day) ?? today;
        if (day > today) errors.AddModelError(key, $"{day:yyyy-MM-dd} is still to come; write a parcel down when it is here.");
        if (day < order.Order.Day) errors.AddModelError(key, $"It was ordered on {order.Order.Day:yyyy-MM-dd}; nothing of it came before.");
        var back = errors.Amount(key, Back, order.Order.Currency) ?? Money.Zero;
        if (back.Amount > order.Total.Amount)
            errors.AddModelError(key, $"{back.In(order.Order.Currency)} back is more than the {order.Total.In(order.Order.Currency)} that the order cost.");
        if (Note?.Length > GraftFileLimits.NoteLength) errors.AddModelError(key, $"A note has at most {GraftFileLimits.NoteLength} characters.");
        ArrivedLine[] lines = How switch
        {
            "all" => [.. order.Lines.Select((line, index) => new ArrivedLine(index, line.Awaited, 0))],
            "counted" or "never" => [.. order.Lines.Select((line, index) => Counted(line, index, key, errors))],
            _ => [],
        };
        var came = lines.Where(line => line.Right + line.Wrong > 0).ToArray();
        if (How == "counted" && came.Length == 0 && back == Money.Zero && errors.IsValid)
            errors.AddModelError(key, "Say how many packs came, right or wrong, or that nothing more comes.");
        return !errors.IsValid ? null
            : new Arrival(order.Id, day, [.. came]) { IsLast = How == "never", Back = back, Note = Note.Trimmed() };
    }

    private ArrivedLine Counted(OrderedLine line, int index, string key, ModelStateDictionary errors)
    {
        var right = errors.Whole(key, Right?.ElementAtOrDefault(index), GraftFileLimits.OfferPieces, "packs that are right") ?? 0;
        var wrong = errors.Whole(key, Wrong?.ElementAtOrDefault(index), GraftFileLimits.OfferPieces, "packs that are wrong") ?? 0;
        if (right + wrong > line.Awaited)
            errors.AddModelError(key, $"{line.Line.What}: {right + wrong} came, and {line.Awaited.Counted("pack")} {(line.Awaited == 1 ? "is" : "are")} awaited.");
        return new ArrivedLine(index, right, wrong);
    }
}
