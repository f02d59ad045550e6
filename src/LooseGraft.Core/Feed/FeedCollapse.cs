namespace LooseGraft.Core.Feed;

/// <summary>A consumer that takes ever more the less voltage is left, until none is.</summary>
/// <param name="Flow">Its current, as if no voltage were lost.</param>
/// <param name="Case">The first load case in which it happens.</param>
/// <param name="IsLikely">Whether the likely figures suffice for it; false where it takes the high ones.</param>
public sealed record FeedCollapse(FeedFlow Flow, LoadCase Case, bool IsLikely);
