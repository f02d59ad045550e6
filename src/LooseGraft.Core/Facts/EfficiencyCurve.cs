namespace LooseGraft.Core.Facts;

/// <summary>How much of what it takes a supply of a class gives on, by load.</summary>
/// <param name="Class">The class.</param>
/// <param name="At20">Share given on at a fifth of its total.</param>
/// <param name="At50">At half.</param>
/// <param name="At100">At all of it.</param>
/// <param name="Margin">How far a single supply of the class may be off, either way.</param>
/// <param name="Source">Where the figures come from.</param>
public sealed record EfficiencyCurve(EfficiencyClass Class, double At20, double At50, double At100, double Margin, string Source)
{
    // Certificates say nothing below a fifth of the load, where the supply's own needs weigh more and more (common practice: ten points less near nothing).
    private const double LeastCertified = 0.2;
    private const double FallToNothing = 0.10;

    private static readonly (double From, double To)[] Pieces = [(1, double.PositiveInfinity), (0.5, 1), (LeastCertified, 0.5), (0, LeastCertified)];

    private static readonly Dictionary<EfficiencyClass,
    EfficiencyCurve> ByClass = FactFile.Load<IReadOnlyList<EfficiencyCurve>>("efficiency.json").ToDictionary(curve => curve.Class);

    /// <summary>The curve of a class.</summary>
    public static EfficiencyCurve Of(EfficiencyClass efficiencyClass) => ByClass[efficiencyClass];

    /// <summary>The most that may be given on while no more than so much is taken, at the low share.</summary>
    /// <remarks>The low share is a straight line between its points, so in each piece g = taken · share(g / total) is one equation in g.</remarks>
    /// <param name="taken">What may be taken, 0 and more.</param>
    /// <param name="total">What the supply gives in all, above 0, in the same unit.</param>
    public double MostGiven(double taken, double total)
    {
        foreach (var (from, to) in Pieces)
        {
            var start = At(from).Low;
            var slope = double.IsPositiveInfinity(to) ? 0 : (At(to).Low - start) / (to - from);
            var given = taken * (start - (slope * from)) / (1 - (taken * slope / total));
            // Rounding at a joint between two pieces must not lose the answer to both.
            if (given >= (from * total) - 1e-9 && given <= (to * total) + 1e-9) return given;
        }

        return 0;
    }

    /// <summary>Low, likely and high share given on, interpolated between the certified points.</summary>
    /// <param name="load">Share of its total that is drawn; 0 and more.</param>
    public (double Low, double Likely, double High) At(double load)
    {
        if (Margin == 0) return (At50, At50, At50);
        var likely = load switch
        {
            < LeastCertified => At20 - (FallToNothing * (LeastCertified - Math.Max(load, 0)) / LeastCertified),
            < 0.5 => At20 + ((At50 - At20) * (load - LeastCertified) / (0.5 - LeastCertified)),
            < 1 => At50 + ((At100 - At50) * (load - 0.5) / 0.5),
            _ => At100,
        };
        var low = likely - Margin - (load < LeastCertified ? FallToNothing * (LeastCertified - Math.Max(load, 0)) / LeastCertified : 0);
        return (low, likely, Math.Min(likely + Margin, 0.99));
    }
}
