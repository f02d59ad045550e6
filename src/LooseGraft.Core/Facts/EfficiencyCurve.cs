namespace LooseGraft.Core.Facts;

/// <summary>How much of what it takes a supply of a class gives on, by load.</summary>
/// <param name="Class">The class.</param>
/// <param name="Least">The least share at a fifth, at half and at all of its total.</param>
/// <param name="Most">The most.</param>
public sealed record EfficiencyCurve(EfficiencyClass Class, IReadOnlyList<double> Least, IReadOnlyList<double> Most)
{
    /// <summary>The lower of the mains voltages that classes are laid down for.</summary>
    public const int LowMains = 115;

    /// <summary>The higher.</summary>
    public const int HighMains = 230;

    // Certificates say nothing below a fifth of the load, where the supply's own needs weigh more and more (common practice: ten points less near nothing,
    // and ten more in doubt).
    private const double LeastCertified = 0.2;
    private const double FallToNothing = 0.10;
    private const double NearlyAll = 0.99;

    private static readonly (double From, double To)[] Pieces = [(1, double.PositiveInfinity), (0.5, 1), (LeastCertified, 0.5), (0, LeastCertified)];

    /// <summary>The curve of a class.</summary>
    /// <param name="efficiencyClass">The class.</param>
    /// <param name="mains">Volts of the mains, 115 or 230; null where nobody said: then from the least at the one to the most at the other.</param>
    public static EfficiencyCurve Of(EfficiencyClass efficiencyClass, int? mains = null)
    {
        var entry = EfficiencyEntry.All.First(each => each.Class == efficiencyClass);
        var (least, most) = (mains == HighMains ? entry.Least230 : entry.Least115, mains == LowMains ? entry.Least115 : entry.Least230);
        return new EfficiencyCurve(efficiencyClass, least, [.. most.Select(share => share + entry.Span)]);
    }

    /// <summary>Low, likely and high share given on, interpolated between the certified points.</summary>
    /// <param name="load">Share of its total that is drawn; 0 and more.</param>
    public (double Low, double Likely, double High) At(double load)
    {
        if (Class == EfficiencyClass.Lossless) return (1, 1, 1);
        var (least, most) = (At(Least, load), At(Most, load));
        var doubt = load < LeastCertified ? FallAt(load) : 0;
        return (least - doubt, (least + most) / 2, Math.Min(most, NearlyAll));
    }

    /// <summary>What is given on while so much is taken: low, likely and high, in the unit of what is taken.</summary>
    /// <remarks>Each is the fixed point of g = taken · share(g / total). The share climbs by at most one point for each point of load, and a supply takes
    /// less than its total there, so the step draws together.</remarks>
    /// <param name="taken">What is taken, 0 and more.</param>
    /// <param name="total">What the supply gives in all, in the same unit; null where that is not known: then as at half of it.</param>
    public (double Low, double Likely, double High) Given(double taken, double? total)
    {
        return (Solve(share => share.Low), Solve(share => share.Likely), Solve(share => share.High));

        double Solve(Func<(double Low, double Likely, double High), double> of)
        {
            if (total is not > 0) return taken * of(At(0.5));
            var given = taken;
            for (var round = 0; round < 60; round++) given = taken * of(At(given / total.Value));
            return given;
        }
    }

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

    private static double At(IReadOnlyList<double> points, double load) => load switch
    {
        < LeastCertified => points[0] - FallAt(load),
        < 0.5 => points[0] + ((points[1] - points[0]) * (load - LeastCertified) / (0.5 - LeastCertified)),
        < 1 => points[1] + ((points[2] - points[1]) * (load - 0.5) / 0.5),
        _ => points[2],
    };

    private static double FallAt(double load) => FallToNothing * (LeastCertified - Math.Max(load, 0)) / LeastCertified;
}
