using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Feed;

/// <summary>A place on the way of a current.</summary>
/// <param name="Key">Which limit stands there, if any is known.</param>
/// <param name="Label">What it is called, in a word or two.</param>
/// <param name="Subject">What it belongs to.</param>
public sealed record FeedStep(FeedLimitKey Key, string Label, Subject Subject);
