using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Comparing;

/// <summary>What stands in the way where a box grows.</summary>
/// <param name="Way">Which way, as seen from above.</param>
/// <param name="Meets">What it would meet, by name; empty for room enough.</param>
public sealed record DepthGrown(string Way, ImmutableArray<string> Meets);
