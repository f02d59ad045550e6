using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>A gauge of stranded copper wire for short runs inside a shell.</summary>
/// <param name="Awg">Its American wire gauge number: the larger, the thinner.</param>
/// <param name="SquareMm">Its cross section in square millimetres.</param>
/// <param name="OhmPerMetre">Its resistance in ohms per metre at 20 °C.</param>
/// <param name="Amps">The current it bears without end in a bundle, in amperes (common practice).</param>
public sealed record WireGauge(int Awg, double SquareMm, double OhmPerMetre, double Amps)
{
    /// <summary>The number of what supplies and adapters are usually wired with (common practice); taken where nobody looked.</summary>
    public const int Usual = 18;

    /// <summary>Those in use, the thickest first.</summary>
    public static IReadOnlyList<WireGauge> All { get; } = FactFile.Load<IReadOnlyList<WireGauge>>("wires.json");

    /// <summary>Any gauge: between two in use the geometric mean, as each gauge is thinner than the one before by the same factor.</summary>
    /// <param name="awg">Its number. What is thicker than the thickest listed counts as that, what is thinner than the thinnest as that.</param>
    public static WireGauge Of(int awg)
    {
        var (thicker, thinner) = (All.LastOrDefault(gauge => gauge.Awg <= awg) ?? All[0], All.FirstOrDefault(gauge => gauge.Awg >= awg) ?? All[^1]);
        return thicker == thinner ? thicker : new WireGauge(awg, Between(thicker.SquareMm, thinner.SquareMm),
            Between(thicker.OhmPerMetre, thinner.OhmPerMetre), Between(thicker.Amps, thinner.Amps));
    }

    /// <summary>What so much of it resists, in ohms; 0 where nobody measured.</summary>
    public double OhmsOver(Millimetres? length) => OhmPerMetre * (length?.Value ?? 0) / 1000;

    private static double Between(double one, double other) => Math.Sqrt(one * other);
}
