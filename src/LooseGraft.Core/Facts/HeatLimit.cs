namespace LooseGraft.Core.Facts;

/// <summary>How hot a sort of thing may get, in degrees Celsius. Practice, not a standard.</summary>
/// <param name="Kind">The sort.</param>
/// <param name="Name">In a builder's words.</param>
/// <param name="Comfortable">Up to here for years.</param>
/// <param name="Throttles">From here it slows down, or its label no longer holds.</param>
/// <param name="Never">Beyond this it switches off or is harmed.</param>
/// <param name="Beyond">What lies beyond each of the three, in words that follow the figure.</param>
/// <param name="Source">Where that comes from.</param>
public sealed record HeatLimit(
    HotKind Kind, string Name, double Comfortable, double Throttles, double Never, IReadOnlyList<string> Beyond, string Source)
{
    /// <summary>All of them, in the order of <see cref="HotKind"/>.</summary>
    public static IReadOnlyList<HeatLimit> All { get; } = FactFile.Load<IReadOnlyList<HeatLimit>>("heat-limits.json");

    /// <summary>Where quick epoxy and hot-melt glue soften (makers' sheets: 55 to 60).</summary>
    public const double GlueSoftens = 55;

    /// <summary>Where ties and studs of the usual polyamide (66) give way under a load (makers' sheets: 85 for years).</summary>
    public const double PolyamideGives = 85;

    /// <summary>What a lithium pack stands (common practice; makers' sheets: charged up to 45).</summary>
    public const double PackStands = 45;

    /// <summary>Where wood dries out for good and its lacquer softens (common practice).</summary>
    public const double WoodDries = 70;

    /// <summary>Where bare metal burns who holds it for some seconds (common practice).</summary>
    public const double Touched = 55;

    /// <summary>Where printed parts of polylactide soften (makers' sheets).</summary>
    public const double PrintedSoftens = 55;

    /// <summary>The limits of a sort.</summary>
    public static HeatLimit Of(HotKind kind) => All[(int)kind];
}
