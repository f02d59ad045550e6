namespace LooseGraft.Core.Quantities;

/// <summary>Area of a way for air.</summary>
/// <param name="Value">The amount in square centimetres.</param>
public readonly record struct SquareCentimetres(double Value) : IUnitQuantity<SquareCentimetres>
{
    /// <inheritdoc/>
    public static SquareCentimetres Of(double value) => new(value);

    /// <inheritdoc/>
    public static SquareCentimetres operator +(SquareCentimetres left, SquareCentimetres right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static SquareCentimetres operator -(SquareCentimetres left, SquareCentimetres right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(SquareCentimetres left, SquareCentimetres right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(SquareCentimetres left, SquareCentimetres right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(SquareCentimetres left, SquareCentimetres right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(SquareCentimetres left, SquareCentimetres right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(SquareCentimetres other) => Value.CompareTo(other.Value);

    /// <summary>The amount to a tenth, for example <c>12.5 cm²</c>.</summary>
    public override string ToString() => QuantityText.Write(Math.Round(Value, 1), "cm²");
}
