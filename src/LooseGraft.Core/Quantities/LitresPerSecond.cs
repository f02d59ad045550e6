namespace LooseGraft.Core.Quantities;

/// <summary>Flow of air.</summary>
/// <param name="Value">The amount in litres per second; 1 CFM is 0.4719.</param>
public readonly record struct LitresPerSecond(double Value) : IUnitQuantity<LitresPerSecond>
{
    private const double OfACubicMetre = 1000;

    /// <summary>The same flow in cubic metres per second.</summary>
    public double CubicMetres => Value / OfACubicMetre;

    /// <inheritdoc/>
    public static LitresPerSecond Of(double value) => new(value);

    /// <summary>A flow given in cubic metres per second.</summary>
    public static LitresPerSecond OfCubicMetres(double value) => new(value * OfACubicMetre);

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
