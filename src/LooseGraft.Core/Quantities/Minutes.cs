namespace LooseGraft.Core.Quantities;

/// <summary>Time at the bench.</summary>
/// <param name="Value">The amount in minutes.</param>
public readonly record struct Minutes(double Value) : IUnitQuantity<Minutes>
{
    /// <inheritdoc/>
    public static Minutes Of(double value) => new(value);

    /// <inheritdoc/>
    public static Minutes operator +(Minutes left, Minutes right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Minutes operator -(Minutes left, Minutes right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Minutes left, Minutes right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Minutes left, Minutes right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Minutes left, Minutes right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Minutes left, Minutes right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Minutes other) => Value.CompareTo(other.Value);

    /// <summary>Whole minutes, for example <c>25 min</c>: nobody knows it better.</summary>
    public override string ToString() => QuantityText.Write(Math.Round(Value), "min");
}
