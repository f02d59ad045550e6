using System.Collections.Immutable;

namespace LooseGraft.Core.Feed.Wall;

/// <summary>What came of asking an instrument at the wall.</summary>
/// <param name="Samples">What it showed since it was last asked; empty when nothing.</param>
/// <param name="Problem">Why there is nothing; null when all is well.</param>
/// <param name="IsOver">Whether it will show nothing more.</param>
public sealed record WallAnswer(ImmutableArray<WallSample> Samples, string? Problem = null, bool IsOver = false);
