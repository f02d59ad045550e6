namespace LooseGraft.Core.Quantities;

/// <summary>How many times as much as something is taken for.</summary>
/// <param name="Value">1 for just as much.</param>
public readonly record struct Factor(double Value) : IUnitQuantity<Factor>
{
    /// <inheritdoc/>
    public static Factor Of(double value) => new(value);

    /// <inheritdoc/>
    public static Factor operator +(Factor left, Factor right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Factor operator -(Factor left, Factor right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Factor left, Factor right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Factor left, Factor right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Factor left, Factor right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Factor left, Factor right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Factor other) => Value.CompareTo(other.Value);

    /// <summary>To two digits behind the point, for example <c>0.55 times</c>.</summary>
    public override string ToString() => QuantityText.Write(Math.Round(Value, 2), "times");
}
