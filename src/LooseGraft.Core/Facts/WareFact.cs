using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>What is known of a sort of thing that is bought. Practice of hobbyists' shops, not a standard.</summary>
/// <param name="Kind">The sort.</param>
/// <param name="Name">As it is written in a list of needs.</param>
/// <param name="Unit">What is counted, one of it.</param>
/// <param name="Units">What is counted, several.</param>
/// <param name="PriceEuros">What one costs new: low, likely, high; null where they differ too much to say.</param>
/// <param name="Source">Where that comes from.</param>
public sealed record WareFact(WareKind Kind, string Name, string Unit, string Units, IReadOnlyList<decimal>? PriceEuros, string Source)
{
    /// <summary>All of them, in the order of <see cref="WareKind"/>.</summary>
    public static IReadOnlyList<WareFact> All { get; } = FactFile.Load<IReadOnlyList<WareFact>>("wares.json");

    /// <summary>What one costs; null where they differ too much to say.</summary>
    public PriceSpan? Price => PriceEuros is [var low, var likely, var high] ? new PriceSpan(low, likely, high) : null;

    /// <summary>What is known of one.</summary>
    public static WareFact Of(WareKind kind) => All[(int)kind];

    /// <summary>For example <c>4 pieces</c> or <c>1 metre</c>.</summary>
    public string Counted(int count) => $"{count} {(count == 1 ? Unit : Units)}";
}
