using BenchmarkDotNet.Attributes;
using LooseGraft.Core.Buy.Choices.Search;

namespace LooseGraft.Bench;

/// <summary>The exact choice of Buy: the whole front of four costs for fifteen joints, and less of it for forty joints and needs.</summary>
[MemoryDiagnoser]
public class ChoiceOfForty
{
    private readonly ChoiceProblem _fifteen = GeneratedChoice.Of(15, 10, 100, 7);
    private readonly ChoiceProblem _forty = GeneratedChoice.Of(28, 12, 200, 7);

    /// <summary>All four costs.</summary>
    [Benchmark]
    public int FifteenJointsFourCosts() => ChoiceSearch.Of(_fifteen, ChoiceCosts.All, new ChoiceWork()).Points.Length;

    /// <summary>Money by days: the cheapest and the soonest.</summary>
    [Benchmark]
    public int FortyJointsAndNeedsTwoCosts() => ChoiceSearch.Of(_forty, ChoiceCosts.Days, new ChoiceWork()).Points.Length;

    /// <summary>Money, days and acts, as far as a page waits for them.</summary>
    [Benchmark]
    public int FortyJointsAndNeedsThreeCosts() => ChoiceSearch.Of(_forty, ChoiceCosts.Acts | ChoiceCosts.Days, new ChoiceWork(most: 400_000)).Points.Length;
}
