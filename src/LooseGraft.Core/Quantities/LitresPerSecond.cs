namespace LooseGraft.Core.Quantities;

/// <summary>Flow of air.</summary>
/// <param name="Value">The amount in litres per second; 1 CFM is 0.4719.</param>
public readonly record struct LitresPerSecond(double Value) : IUnitQuantity<LitresPerSecond>
{
    /// <inheritdoc/>
    public static LitresPerSecond Of(double value) => new(value);

    /// <inheritdoc/>
    public static LitresPerSecond operator +(LitresPerSecond left, LitresPerSecond right) => new(left.Value + right.Value);

    /// <inheritdoc/>
    public static LitresPerSecond operator -(LitresPerSecond left, LitresPerSecond right) => new(left.Value - right.Value);

    /// <summary>Orders by amount.</summary>
    public static bool operator <(LitresPerSecond left, LitresPerSecond right) => left.Value < right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >(LitresPerSecond left, LitresPerSecond right) => left.Value > right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator <=(LitresPerSecond left, LitresPerSecond right) => left.Value <= right.Value;

    /// <summary>Orders by amount.</summary>
    public static bool operator >=(LitresPerSecond left, LitresPerSecond right) => left.Value >= right.Value;

    /// <inheritdoc/>
    public int CompareTo(LitresPerSecond other) => Value.CompareTo(other.Value);

    /// <summary>The amount to a tenth, for example <c>3.4 L/s</c>.</summary>
    public override string ToString() => QuantityText.Write(Math.Round(Value, 1), "L/s");
}
