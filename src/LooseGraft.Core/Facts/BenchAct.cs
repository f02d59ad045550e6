using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>One piece of work at the bench: how long a hobbyist takes, what it uses up, and what cannot be taken back.</summary>
/// <remarks>Times and prices are those of hobbyists with hand tools (common practice), low, likely and high; the builder's own pace may differ by
/// half.</remarks>
/// <param name="Id">Unique among acts.</param>
/// <param name="Name">What is done, once.</param>
/// <param name="Many">What is counted, as in "3 terminals to crimp".</param>
/// <param name="Minutes">Minutes for one: low, likely, high.</param>
/// <param name="PriceEuros">Material for one: low, likely, high.</param>
/// <param name="Tools">What is needed.</param>
/// <param name="Skill">What one should be able to do.</param>
/// <param name="Irreversible">What cannot be taken back; null when all of it can.</param>
public sealed record BenchAct(
    string Id, string Name, string Many, IReadOnlyList<double> Minutes, IReadOnlyList<decimal> PriceEuros, IReadOnlyList<string> Tools, string Skill,
    string? Irreversible)
{
    private static readonly Dictionary<string, BenchAct> ById = FactFile.Load<IReadOnlyList<BenchAct>>("bench-acts.json").ToDictionary(act => act.Id);

    /// <summary>The time for so many.</summary>
    public Spread<Minutes> TimeFor(int count) => new(new Minutes(Minutes[0] * count), new Minutes(Minutes[1] * count), new Minutes(Minutes[2] * count));

    /// <summary>The material for so many.</summary>
    public PriceSpan PriceFor(int count) => new PriceSpan(PriceEuros[0], PriceEuros[1], PriceEuros[2]) * count;

    internal static BenchAct Find(string id) => ById[id];
}
