using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Reads lengths from a form, in millimetres or inches, telling what is wrong with each.</summary>
public static class TypedLengths
{
    private const double Most = 10_000;

    /// <summary>Reads a length that may be missing.</summary>
    /// <returns>The length; null when nothing was typed, and, with an error under <paramref name="field"/>, when it will not do.</returns>
    public static Millimetres? OptionalLength(this ModelStateDictionary errors, string field, string? text, double least)
    {
        if (string.IsNullOrWhiteSpace(text)) return null;
        if (Read(text) is { } length && length >= least && length <= Most) return new Millimetres(length);
        errors.AddModelError(field, $"“{text}” is not a length. Type millimetres from {least:0.#} to 10000, or inches such as 1/16 in, or nothing.");
        return null;
    }

    /// <summary>Reads a place along an axis, to a hundredth; 0, with an error, when it will not do.</summary>
    public static double Place(this ModelStateDictionary errors, string field, string? text)
    {
        if (Read(text) is { } place && Math.Abs(place) <= Most) return Math.Round(place, 2);
        errors.AddModelError(field, $"“{text}” is not a place. Type millimetres such as 40.5, or inches such as 1 5/8 in.");
        return 0;
    }

    /// <summary>Reads a size of 1 mm or more; 1, with an error, when it will not do.</summary>
    public static Millimetres Size(this ModelStateDictionary errors, string field, string? text)
    {
        if (Read(text) is { } size and >= 1 and <= Most) return new Millimetres(size);
        errors.AddModelError(field, $"“{text}” is not a size. Type 1 to 10000 mm, or inches such as 12 3/4 in.");
        return new Millimetres(1);
    }

    private static double? Read(string? text) => ReadingText.TryRead(text) is { Kind: ReadingKind.Bare or ReadingKind.Length } read ? read.Value : null;
}
