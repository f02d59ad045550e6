namespace LooseGraft.Core.Quantities;

/// <summary>Length.</summary>
/// <param name="Value">The amount in millimetres.</param>
public readonly record struct Millimetres(double Value) : IUnitQuantity<Millimetres>
{
    /// <summary>None at all.</summary>
    public static readonly Millimetres Zero = new(0);

    /// <inheritdoc/>
    public static Millimetres Of(double value) => new(value);

    /// <inheritdoc/>
    public static Millimetres operator +(Millimetres left, Millimetres right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static Millimetres operator -(Millimetres left, Millimetres right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(Millimetres left, Millimetres right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(Millimetres left, Millimetres right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(Millimetres left, Millimetres right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(Millimetres left, Millimetres right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(Millimetres other) => Value.CompareTo(other.Value);

    /// <summary>The amount with its unit, for example <c>2.54 mm</c>.</summary>
    public override string ToString() => QuantityText.Write(Value, "mm");
}
