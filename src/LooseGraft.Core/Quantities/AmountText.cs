using System.Globalization;

namespace LooseGraft.Core.Quantities;

/// <summary>Reads amounts of money the way people type them, exactly: never through a binary fraction.</summary>
public static class AmountText
{
    /// <summary>The most that anything on a bench costs.</summary>
    public const decimal Most = 1_000_000;

    private const NumberStyles Plain = NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint;

    /// <summary>Reads an amount such as <c>12.50</c>, <c>12,5</c> or <c>€ 3</c>.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="currency">The code that may stand beside it.</param>
    /// <returns>The amount, or why it is none, to be put behind what was typed.</returns>
    public static (Money? Amount, string? Problem) Read(string text, string currency)
    {
        var figure = text.Replace(currency, "", StringComparison.OrdinalIgnoreCase).Trim().Trim('€', '$', '£').Trim().Replace('−', '-').Replace(',', '.');
        if (!decimal.TryParse(figure, Plain, CultureInfo.InvariantCulture, out var amount)) return (null, "is not an amount; type a figure such as 12.50");
        if (amount < 0) return (null, "is negative; nobody pays one for taking it");
        if (amount > Most) return (null, FormattableString.Invariant($"is beyond anything on a bench; at most {Most:0}"));
        return decimal.Round(amount, 2) == amount ? (new Money(amount), null) : (null, "has more than two decimals; type it to the cent");
    }
}
