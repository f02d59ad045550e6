using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Packs that meet what is open of a group of needs.</summary>
/// <param name="Cost">What they cost, without postage.</param>
/// <param name="Goods">The worth of goods of each seller whose postage depends on it.</param>
/// <param name="Packs">How many of which pack.</param>
internal sealed record CoverOption(long Cost, long[] Goods, ImmutableArray<(int Pack, int Count)> Packs);
