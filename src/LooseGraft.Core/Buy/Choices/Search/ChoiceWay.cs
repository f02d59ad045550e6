using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>One way of making a joint.</summary>
/// <param name="Acts">How many of its acts cannot be taken back.</param>
/// <param name="Steps">Time at the bench, in steps of five minutes.</param>
/// <param name="Asks">What it needs.</param>
public sealed record ChoiceWay(int Acts, int Steps, ImmutableArray<ChoiceAsk> Asks);
