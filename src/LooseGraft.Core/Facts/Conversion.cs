namespace LooseGraft.Core.Facts;

/// <summary>Two ways of saying the same thing that no wire joins: a converter is needed between them.</summary>
/// <remarks>Line rates and levels: ITU-R BT.470 for television, VESA for computer screens, USB 2.0; currents and pins are typical of such converters (common
/// practice).</remarks>
/// <param name="Id">Unique among conversions.</param>
/// <param name="One">Signals of the one side, any of which shows that it is meant.</param>
/// <param name="Other">Signals of the other side.</param>
/// <param name="Converter">What is needed, by kind.</param>
/// <param name="Needs">Its supply and its pins.</param>
/// <param name="Why">Why a wire will not do.</param>
public sealed record Conversion(string Id, IReadOnlyList<string> One, IReadOnlyList<string> Other, string Converter, string Needs, string Why)
{
    /// <summary>All that the product knows.</summary>
    public static IReadOnlyList<Conversion> All { get; } = FactFile.Load<IReadOnlyList<Conversion>>("conversions.json");
}
