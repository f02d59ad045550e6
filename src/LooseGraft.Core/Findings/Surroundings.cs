using LooseGraft.Core.Model;

namespace LooseGraft.Core.Findings;

/// <summary>What lies outside a graft and bears on it all the same: the day, and what its builder owns. A graft reviewed without is judged by itself.</summary>
/// <param name="Today">The day; null where nobody says.</param>
/// <param name="Bin">What is owned, as far as it is written down what it is.</param>
public sealed record Surroundings(DateOnly? Today, ValueList<OwnedThing> Bin)
{
    /// <summary>Nothing is known.</summary>
    public static readonly Surroundings None = new(null, []);

    /// <summary>What was ordered and what came of it, where the records do not lie in the graft itself.</summary>
    public ValueList<BenchRecord> Records { get; init; } = [];
}
