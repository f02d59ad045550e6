using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>What a way to make something cooler costs. Practice of hobbyists with hand tools, not a standard; shops and paces differ.</summary>
/// <param name="Sort">The way.</param>
/// <param name="PriceEuros">What has to be bought: low, likely, high.</param>
/// <param name="Minutes">How long it takes: low, likely, high.</param>
/// <param name="Source">Where that comes from.</param>
/// <param name="ForGood">What cannot be taken back; null for nothing.</param>
/// <param name="Caution">What to mind before it is done; null for nothing.</param>
public sealed record CureFact(
    CureSort Sort, IReadOnlyList<decimal> PriceEuros, IReadOnlyList<double> Minutes, string Source, string? ForGood = null, string? Caution = null)
{
    /// <summary>All of them, in the order of <see cref="CureSort"/>.</summary>
    public static IReadOnlyList<CureFact> All { get; } = FactFile.Load<IReadOnlyList<CureFact>>("cures.json");

    /// <summary>What has to be bought.</summary>
    public PriceSpan Price => new(PriceEuros[0], PriceEuros[1], PriceEuros[2]);

    /// <summary>How long it takes.</summary>
    public Spread<Minutes> Time => new(new Minutes(Minutes[0]), new Minutes(Minutes[1]), new Minutes(Minutes[2]));

    /// <summary>What is known of one.</summary>
    public static CureFact Of(CureSort sort) => All[(int)sort];
}
