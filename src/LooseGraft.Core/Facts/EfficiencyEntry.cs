namespace LooseGraft.Core.Facts;

/// <summary>What is laid down of a class of supplies: the least share that it gives on, by load and mains.</summary>
/// <param name="Class">The class.</param>
/// <param name="Least115">The least share at a fifth, at half and at all of its total, on 115 V.</param>
/// <param name="Least230">The same on 230 V.</param>
/// <param name="Span">How far above the least a supply of the class may be: certificates are minima, and the next class is about three points above.</param>
/// <param name="Source">Where the figures come from.</param>
public sealed record EfficiencyEntry(
    EfficiencyClass Class, IReadOnlyList<double> Least115, IReadOnlyList<double> Least230, double Span, string Source)
{
    /// <summary>Every class.</summary>
    public static IReadOnlyList<EfficiencyEntry> All { get; } = FactFile.Load<IReadOnlyList<EfficiencyEntry>>("efficiency.json");
}
