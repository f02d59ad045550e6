namespace LooseGraft.Core.Quantities;

/// <summary>Electric power.</summary>
/// <param name="Value">The amount in watts.</param>
public readonly record struct Watts(double Value) : IUnitQuantity<Watts>
{
    /// <summary>None at all.</summary>
    public static readonly Watts Zero = new(0);

    /// <inheritdoc/>
    public static Watts Of(double value) => new(value);

    /// <inheritdoc/>
    public static Watts operator +(Watts left, Watts right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Watts operator -(Watts left, Watts right) => new(left.Value - right.Value);

    /// <summary>The share of <paramref name="whole"/> that this power is; 0.5 is half. Infinite when the whole is zero.</summary>
    public static double operator /(Watts part, Watts whole) => part.Value / whole.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Watts left, Watts right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Watts left, Watts right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Watts left, Watts right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Watts left, Watts right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Watts other) => Value.CompareTo(other.Value);

    /// <summary>The amount with its unit to a tenth, for example <c>84 W</c>: no figure on a bench is better known.</summary>
    public override string ToString() => QuantityText.Write(Math.Round(Value, 1), "W");
}
