namespace LooseGraft.Core.Facts;

/// <summary>How far a way to read a temperature may be off. Practice, not a standard.</summary>
/// <param name="Tool">The way.</param>
/// <param name="Name">In a builder's words.</param>
/// <param name="Kelvins">In 19 readings of 20 it is off by no more, in kelvins.</param>
/// <param name="Source">Where that comes from.</param>
/// <param name="Caution">What spoils it; null for nothing in particular.</param>
public sealed record HeatToolFact(HeatTool Tool, string Name, double Kelvins, string Source, string? Caution = null)
{
    /// <summary>All of them, in the order of <see cref="HeatTool"/>.</summary>
    public static IReadOnlyList<HeatToolFact> All { get; } = FactFile.Load<IReadOnlyList<HeatToolFact>>("heat-tools.json");

    /// <summary>What is known of one.</summary>
    public static HeatToolFact Of(HeatTool tool) => All[(int)tool];
}
