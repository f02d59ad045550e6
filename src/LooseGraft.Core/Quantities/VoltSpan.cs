namespace LooseGraft.Core.Quantities;

/// <summary>Voltages from a least to a most, both included.</summary>
public readonly record struct VoltSpan
{
    /// <summary>Makes a span.</summary>
    /// <param name="low">The least, signed.</param>
    /// <param name="high">The most, signed.</param>
    /// <exception cref="ArgumentException">The most lies below the least.</exception>
    public VoltSpan(Volts low, Volts high)
    {
        if (high < low) throw new ArgumentException($"A span rises from low to high, but got {low} and {high}.");
        (Low, High) = (low, high);
    }

    /// <summary>The least.</summary>
    public Volts Low { get; }

    /// <summary>The most.</summary>
    public Volts High { get; }

    /// <summary>One voltage and no other.</summary>
    public static VoltSpan Exactly(Volts volts) => new(volts, volts);

    /// <summary>The voltages that differ from a nominal one by at most a share of the larger of the two, so that each of two voltages lies in the span of
    /// the other or neither does.</summary>
    /// <param name="nominal">The middle, signed.</param>
    /// <param name="share">The share, from 0 to below 1.</param>
    public static VoltSpan Around(Volts nominal, double share)
    {
        var (less, more) = (nominal.Value * (1 - share), nominal.Value / (1 - share));
        return new VoltSpan(new Volts(Math.Min(less, more)), new Volts(Math.Max(less, more)));
    }

    /// <summary>Whether a voltage lies within.</summary>
    public bool Contains(Volts volts) => volts >= Low && volts <= High;

    /// <summary>Whether another span lies within.</summary>
    public bool Contains(VoltSpan other) => other.Low >= Low && other.High <= High;

    /// <summary>One figure where there is but one, otherwise both ends: <c>18–20 V</c>.</summary>
    public override string ToString() => Low == High ? Low.ToString() : $"{Low.ToString()[..^2]}–{High}";
}
