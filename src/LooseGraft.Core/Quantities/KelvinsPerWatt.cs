namespace LooseGraft.Core.Quantities;

/// <summary>Resistance of a cooler: how much warmer than its air a chip gets for each watt.</summary>
/// <param name="Value">The amount in kelvins per watt.</param>
public readonly record struct KelvinsPerWatt(double Value) : IUnitQuantity<KelvinsPerWatt>
{
    /// <inheritdoc/>
    public static KelvinsPerWatt Of(double value) => new(value);

    /// <inheritdoc/>
    public static KelvinsPerWatt operator +(KelvinsPerWatt left, KelvinsPerWatt right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static KelvinsPerWatt operator -(KelvinsPerWatt left, KelvinsPerWatt right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(KelvinsPerWatt left, KelvinsPerWatt right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(KelvinsPerWatt left, KelvinsPerWatt right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(KelvinsPerWatt left, KelvinsPerWatt right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(KelvinsPerWatt left, KelvinsPerWatt right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(KelvinsPerWatt other) => Value.CompareTo(other.Value);

    /// <summary>The amount, for example <c>0.45 K/W</c>.</summary>
    public override string ToString() => QuantityText.Write(Value, "K/W");
}
