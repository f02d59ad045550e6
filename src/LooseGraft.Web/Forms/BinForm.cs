using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Data.Owned;
using LooseGraft.Web.Pages;

namespace LooseGraft.Web.Forms;

/// <summary>The fields of one thing in the bin, as they are typed.</summary>
public sealed record BinForm(
    string? Name, PartKind Kind, string? Quantity, WareCondition Condition, string? Paid, string? Currency, string? Place, string? Note, string? Ware)
{
    private static readonly BinItem Nothing = new("", PartKind.Other, 1, null, "EUR", WareCondition.Untested, "", "");

    /// <summary>What the form of a handler shows: what was typed into it and could not be kept; otherwise the thing as it is, or nothing yet.</summary>
    public static BinForm Of(FormPageModel page, string handler, BinItem? item = null)
    {
        var shown = item ?? Nothing;
        return new BinForm(
            Typed("name") ?? shown.Name, Enum.TryParse<PartKind>(Typed("kind"), out var kind) ? kind : shown.Kind,
            Typed("quantity") ?? shown.Quantity.ToString(CultureInfo.InvariantCulture),
            Enum.TryParse<WareCondition>(Typed("condition"), out var condition) ? condition : shown.Condition,
            Typed("paid") ?? shown.Paid?.ToString(CultureInfo.InvariantCulture), Typed("currency") ?? shown.Currency, Typed("place") ?? shown.Place,
            Typed("note") ?? shown.Note, Typed("ware") ?? shown.Ware);

        string? Typed(string field) => page.Kept(handler, field);
    }
}
