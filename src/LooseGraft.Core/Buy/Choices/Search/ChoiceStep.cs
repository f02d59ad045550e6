using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>What one step takes: a way of a joint, or packs for a group.</summary>
/// <param name="Joint">The joint; null where a group is bought for.</param>
/// <param name="Way">Which way of it.</param>
/// <param name="Packs">What is bought with it.</param>
internal sealed record ChoiceStep(int? Joint, int Way, ImmutableArray<(int Pack, int Count)> Packs);
