namespace LooseGraft.Core.Quantities;

/// <summary>Electric current.</summary>
/// <param name="Value">The amount in amperes.</param>
public readonly record struct Amps(double Value) : IUnitQuantity<Amps>
{
    /// <summary>None at all.</summary>
    public static readonly Amps Zero = new(0);

    /// <inheritdoc/>
    public static Amps Of(double value) => new(value);

    /// <inheritdoc/>
    public static Amps operator +(Amps left, Amps right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Amps operator -(Amps left, Amps right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Amps left, Amps right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Amps left, Amps right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Amps left, Amps right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Amps left, Amps right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Amps other) => Value.CompareTo(other.Value);

    /// <summary>The amount with its unit, for example <c>1.5 A</c>.</summary>
    public override string ToString() => QuantityText.Write(Value, "A");
}
