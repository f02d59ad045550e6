namespace LooseGraft.Core.Facts;

/// <summary>A gauge of stranded copper wire for short runs inside a shell.</summary>
/// <param name="Awg">Its American wire gauge number: the larger, the thinner.</param>
/// <param name="SquareMm">Its cross section in square millimetres.</param>
/// <param name="OhmPerMetre">Its resistance in ohms per metre at 20 °C.</param>
/// <param name="Amps">The current it bears without end in a bundle, in amperes (common practice).</param>
public sealed record WireGauge(int Awg, double SquareMm, double OhmPerMetre, double Amps)
{
    /// <summary>Those in use, the thickest first.</summary>
    public static IReadOnlyList<WireGauge> All { get; } = FactFile.Load<IReadOnlyList<WireGauge>>("wires.json");
}
