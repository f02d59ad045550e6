namespace LooseGraft.Core.Quantities;

/// <summary>Electric potential difference, signed: a rail may be negative.</summary>
/// <param name="Value">The amount in volts.</param>
public readonly record struct Volts(double Value) : IUnitQuantity<Volts>
{
    /// <summary>None at all.</summary>
    public static readonly Volts Zero = new(0);

    /// <inheritdoc/>
    public static Volts Of(double value) => new(value);

    /// <inheritdoc/>
    public static Volts operator +(Volts left, Volts right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Volts operator -(Volts left, Volts right) => new(left.Value - right.Value);

    /// <summary>Power of a current at this voltage: P = |U| · I. A negative rail delivers positive power.</summary>
    public static Watts operator *(Volts volts, Amps amps) => new(Math.Abs(volts.Value) * amps.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Volts left, Volts right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Volts left, Volts right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Volts left, Volts right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Volts left, Volts right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Volts other) => Value.CompareTo(other.Value);

    /// <summary>The amount with its unit, for example <c>−12 V</c>.</summary>
    public override string ToString() => QuantityText.Write(Value, "V");
}
