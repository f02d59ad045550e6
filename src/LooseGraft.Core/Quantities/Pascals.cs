namespace LooseGraft.Core.Quantities;

/// <summary>Pressure of air.</summary>
/// <param name="Value">The amount in pascals; 1 mm of water is 9.807.</param>
public readonly record struct Pascals(double Value) : IUnitQuantity<Pascals>
{
    /// <inheritdoc/>
    public static Pascals Of(double value) => new(value);

    /// <inheritdoc/>
    public static Pascals operator +(Pascals left, Pascals right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Pascals operator -(Pascals left, Pascals right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Pascals left, Pascals right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Pascals left, Pascals right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Pascals left, Pascals right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Pascals left, Pascals right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Pascals other) => Value.CompareTo(other.Value);

    /// <summary>The amount to a tenth, for example <c>17.5 Pa</c>.</summary>
    public override string ToString() => QuantityText.Write(Math.Round(Value, 1), "Pa");
}
