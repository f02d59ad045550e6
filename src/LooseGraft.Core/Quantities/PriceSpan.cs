using System.Globalization;

namespace LooseGraft.Core.Quantities;

/// <summary>A typical price in euros: low, likely, high.</summary>
/// <param name="Low">What a patient buyer pays.</param>
/// <param name="Likely">What most pay.</param>
/// <param name="High">What a hurried one pays.</param>
public readonly record struct PriceSpan(decimal Low, decimal Likely, decimal High)
{
    /// <summary>Nothing to pay.</summary>
    public static readonly PriceSpan Free = new(0, 0, 0);

    /// <summary>Sums end by end.</summary>
    public static PriceSpan operator +(PriceSpan left, PriceSpan right) => new(left.Low + right.Low, left.Likely + right.Likely, left.High + right.High);

    /// <summary>The price of so many.</summary>
    public static PriceSpan operator *(PriceSpan one, int count) => new(one.Low * count, one.Likely * count, one.High * count);

    /// <summary>For example <c>~7 EUR (4–12)</c>, or <c>nothing</c>.</summary>
    public override string ToString() => High == 0 ? "nothing" : string.Create(CultureInfo.InvariantCulture, $"~{Likely:0.##} EUR ({Low:0.##}–{High:0.##})");
}
