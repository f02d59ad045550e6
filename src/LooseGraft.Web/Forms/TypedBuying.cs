using System.Globalization;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Reads days, amounts and currencies from a form, telling what is wrong with each.</summary>
public static class TypedBuying
{
    /// <summary>Reads a day that may be missing.</summary>
    public static DateOnly? OptionalDay(this ModelStateDictionary errors, string field, string? text)
    {
        if (text.Trimmed() is not { } typed) return null;
        if (DateOnly.TryParseExact(typed, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day)) return day;
        errors.AddModelError(field, $"“{typed}” is no day. Type it as 2026-10-18, or leave it empty.");
        return null;
    }

    /// <summary>Reads an amount that may be missing, to the cent.</summary>
    public static Money? Amount(this ModelStateDictionary errors, string field, string? text, string currency)
    {
        if (text.Trimmed() is not { } typed) return null;
        var (amount, problem) = AmountText.Read(typed, currency);
        if (problem is not null) errors.AddModelError(field, $"“{typed}” {problem}.");
        return amount;
    }

    /// <summary>Says so where more offers are chosen than a graft keeps.</summary>
    public static void RoomInBasket(this ModelStateDictionary errors, Graft after)
    {
        if (after.Buying.Basket.Length > GraftFileLimits.Chosen)
            errors.AddModelError("", $"At most {GraftFileLimits.Chosen} offers are chosen at once. Take one out first.");
    }

    /// <summary>Reads the code of a currency.</summary>
    public static string Currency(this ModelStateDictionary errors, string field, string? text, string usual)
    {
        var code = text.Trimmed()?.ToUpperInvariant() ?? usual;
        if (code.Length != 3 || !code.All(char.IsAsciiLetterUpper)) errors.AddModelError(field, $"“{code}” is no currency code. Type three letters such as EUR.");
        return code;
    }

    /// <summary>Reads a whole number within bounds that may be missing.</summary>
    public static int? Whole(this ModelStateDictionary errors, string field, string? text, int most, string what)
    {
        if (text.Trimmed() is not { } typed) return null;
        if (int.TryParse(typed, NumberStyles.None, CultureInfo.InvariantCulture, out var count) && count <= most) return count;
        errors.AddModelError(field, $"“{typed}” will not do. Type {what} as a whole number from 0 to {most}, or nothing.");
        return null;
    }

    /// <summary>Reads an exact figure above 0 that may be missing.</summary>
    /// <param name="errors">Where errors go.</param>
    /// <param name="field">The field.</param>
    /// <param name="text">What was typed.</param>
    /// <param name="most">The most that it may be.</param>
    /// <param name="decimals">How many decimals it may have.</param>
    /// <param name="what">What it is.</param>
    public static decimal? Exact(this ModelStateDictionary errors, string field, string? text, decimal most, int decimals, string what)
    {
        if (text.Trimmed() is not { } typed) return null;
        if (decimal.TryParse(typed.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var figure)
            && figure <= most && decimal.Round(figure, decimals) == figure)
            return figure;
        errors.AddModelError(field, $"“{typed}” will not do. Type {what} as a figure from 0 to {most} with at most {decimals} decimals.");
        return null;
    }
}
