using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Reads figures from a form, telling what is wrong with each.</summary>
public static class TypedFigures
{
    private const double Most = 1_000_000;

    /// <summary>Reads a figure that is not negative.</summary>
    /// <returns>The figure; null, with an error under <paramref name="field"/>, when it will not do.</returns>
    public static double? NotNegative(this ModelStateDictionary errors, string field, string? text, string what, string unit)
    {
        var problem = FigureText.TryRead(text, unit) switch
        {
            null => $"“{text}” is not a figure. Type {what} in {unit}, such as 1.5.",
            < 0 => $"{text} {unit} is negative. {what} cannot be less than 0; write a positive figure, on a negative rail too.",
            > Most => $"{text} {unit} is beyond anything on a bench. Type {what} in {unit}, at most {Most:0}.",
            _ => null,
        };
        if (problem is null) return FigureText.TryRead(text, unit);
        errors.AddModelError(field, problem);
        return null;
    }

    /// <summary>Reads a figure from 0 to <paramref name="most"/> %.</summary>
    public static double? Percent(this ModelStateDictionary errors, string field, string? text, string name, double most)
    {
        if (errors.NotNegative(field, text, $"the {name.ToLowerInvariant()}", "%") is not { } share) return null;
        if (share <= most) return share;
        errors.AddModelError(field, $"{name} is a figure from 0 to {most:0} %.");
        return null;
    }

    /// <summary>Reads low, likely and high.</summary>
    /// <param name="errors">Where errors go.</param>
    /// <param name="low">The least.</param>
    /// <param name="likely">The likely figure.</param>
    /// <param name="high">The most.</param>
    /// <param name="ofWatts">The voltage at which watts are typed; null where amperes are.</param>
    /// <returns>The spread in amperes; null, with errors, when they will not do.</returns>
    public static Spread<Amps>? Currents(this ModelStateDictionary errors, string? low, string? likely, string? high, Volts? ofWatts = null)
    {
        var (what, unit, each) = ofWatts is { } volts ? ("power", "W", Math.Abs(volts.Value)) : ("current", "A", 1);
        var figures = new[]
        {
            errors.NotNegative("low", low, $"the low {what}", unit),
            errors.NotNegative("likely", likely, $"the likely {what}", unit),
            errors.NotNegative("high", high, $"the high {what}", unit),
        };
        if (figures is not [{ } least, { } middle, { } most]) return null;
        if (least <= middle && middle <= most) return new Spread<Amps>(new Amps(least / each), new Amps(middle / each), new Amps(most / each));
        errors.AddModelError("likely", $"Low {low}, likely {likely}, high {high} do not rise. Put the least first and the most last.");
        return null;
    }

    /// <summary>Reads an amount of money that may be missing, to the cent.</summary>
    public static Money? OptionalMoney(this ModelStateDictionary errors, string field, string? text, string what, string unit = "money")
        => string.IsNullOrWhiteSpace(text) || errors.NotNegative(field, text, what, unit) is not { } amount ? null : new Money(Math.Round((decimal)amount, 2));

    /// <summary>Reads a figure above 0 that may be missing.</summary>
    public static double? OptionalAbove0(this ModelStateDictionary errors, string field, string? text, string what, string unit)
    {
        if (string.IsNullOrWhiteSpace(text) || errors.NotNegative(field, text, what, unit) is not { } value) return null;
        if (value > 0) return value;
        errors.AddModelError(field, $"{text} {unit} is nothing. Type {what} in {unit}, or leave it empty.");
        return null;
    }

    /// <summary>Reads the number of a wire gauge that may be missing.</summary>
    public static int? OptionalGauge(this ModelStateDictionary errors, string field, string? text)
    {
        if (string.IsNullOrWhiteSpace(text)) return null;
        var isNumber = int.TryParse(text.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var awg);
        if (isNumber && awg is >= GraftFileLimits.ThickestAwg and <= GraftFileLimits.ThinnestAwg) return awg;
        errors.AddModelError(field, $"“{text}” is not a wire gauge. Type its number from {GraftFileLimits.ThickestAwg} to {GraftFileLimits.ThinnestAwg}, such as {WireGauge.Usual}, or nothing.");
        return null;
    }

    /// <summary>Reads a count of 1 or more that may be missing.</summary>
    public static int? OptionalCount(this ModelStateDictionary errors, string field, string? text, string what)
    {
        if (string.IsNullOrWhiteSpace(text)) return null;
        if (int.TryParse(text.Trim(), NumberStyles.None, CultureInfo.InvariantCulture, out var count) && count >= 1) return count;
        errors.AddModelError(field, $"“{text}” is not a number of {what}. Type a whole number such as 7, or nothing.");
        return null;
    }
}
