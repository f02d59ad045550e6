using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Something in a pack.</summary>
/// <param name="Count">How many, 1 or more.</param>
/// <param name="Needs">The needs for which it will do.</param>
public sealed record ChoiceContent(int Count, ImmutableArray<int> Needs);
