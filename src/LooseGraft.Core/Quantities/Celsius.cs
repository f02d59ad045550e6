namespace LooseGraft.Core.Quantities;

/// <summary>Temperature. Differences are in the same unit, one degree being one kelvin.</summary>
/// <param name="Value">The amount in degrees Celsius.</param>
public readonly record struct Celsius(double Value) : IUnitQuantity<Celsius>
{
    /// <inheritdoc/>
    public static Celsius Of(double value) => new(value);

    /// <inheritdoc/>
    public static Celsius operator +(Celsius left, Celsius right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Celsius operator -(Celsius left, Celsius right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Celsius left, Celsius right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Celsius left, Celsius right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Celsius left, Celsius right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Celsius left, Celsius right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Celsius other) => Value.CompareTo(other.Value);

    /// <summary>The amount to a degree, for example <c>84 °C</c>: no figure of a model of air is better known.</summary>
    public override string ToString() => QuantityText.Write(Math.Round(Value), "°C");
}
