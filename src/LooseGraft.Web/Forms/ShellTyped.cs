using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Describing;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>What was typed of one thing, field by field.</summary>
/// <param name="Errors">Where errors go, beside the field <c>cell</c>.</param>
/// <param name="Thing">The thing.</param>
/// <param name="Cells">What was typed.</param>
internal sealed record ShellTyped(ModelStateDictionary Errors, ShellThing Thing, IReadOnlyList<string?> Cells)
{
    /// <summary>Puts it into its list in place of what stands there.</summary>
    /// <param name="list">How the list is read.</param>
    /// <param name="items">What stands in it.</param>
    /// <param name="key">The short name of an item; null where items have none.</param>
    /// <param name="keep">What was typed, with what its fields do not say.</param>
    /// <param name="edit">The edit that sets the list.</param>
    /// <returns>The edit, and what the thing is called now; null, with errors, when something will not do.</returns>
    public (GraftEdit Edit, ShellThing Thing)? Into<T>(
        SeatList<T> list, ValueList<T> items, Func<T, string>? key, Func<T, T, T> keep, Func<ValueList<T>, GraftEdit> edit)
    {
        // Only the last field holds several words.
        var line = string.Join("; ", Cells.Select((cell, index) => index < Cells.Count - 1
            ? (cell ?? "").Replace(';', ',') : (cell ?? "").Replace(", ", "; ", StringComparison.Ordinal)));
        var wrong = new ModelStateDictionary();
        if (list.ReadAll(wrong, line) is [var read])
        {
            var at = key is null ? int.Parse(Thing.Key, CultureInfo.InvariantCulture) : items.Select(key).ToList().IndexOf(Thing.Key);
            if (key is null || items.Where((_, index) => index != at).All(item => key(item) != key(read)))
                return (edit([.. items.Select((item, index) => index == at ? keep(item, read) : item)]), key is null ? Thing : Thing with { Key = key(read) });
            Errors.AddModelError("cell", $"“{key(read)}” stands there already; each name once.");
        }

        foreach (var error in wrong.Values.SelectMany(entry => entry.Errors))
            Errors.AddModelError("cell", error.ErrorMessage.Replace($"Line 1, {line.Trim().Quoted()}: ", "", StringComparison.Ordinal));
        if (Errors.IsValid) Errors.AddModelError("cell", "Type its figures.");
        return null;
    }
}
