namespace LooseGraft.Core.Quantities;

/// <summary>Electric resistance.</summary>
/// <param name="Value">The amount in ohms.</param>
public readonly record struct Ohms(double Value) : IUnitQuantity<Ohms>
{
    /// <inheritdoc/>
    public static Ohms Of(double value) => new(value);

    /// <inheritdoc/>
    public static Ohms operator +(Ohms left, Ohms right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Ohms operator -(Ohms left, Ohms right) => new(left.Value - right.Value);

    /// <summary>The current that a voltage drives through a resistance: I = U / R.</summary>
    public static Amps operator /(Volts volts, Ohms ohms) => new(volts.Value / ohms.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Ohms left, Ohms right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Ohms left, Ohms right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Ohms left, Ohms right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Ohms left, Ohms right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Ohms other) => Value.CompareTo(other.Value);

    /// <summary>The amount as builders write it, for example <c>470 ohm</c>, <c>4.7 kilohm</c>.</summary>
    public override string ToString() => Math.Abs(Value) switch
    {
        >= 1e6 => QuantityText.Write(Value / 1e6, "megohm"),
        >= 1e3 => QuantityText.Write(Value / 1e3, "kilohm"),
        _ => QuantityText.Write(Value, "ohm"),
    };
}
