namespace LooseGraft.Core.Feed;

/// <summary>A current that counts against a limit.</summary>
/// <param name="Flow">The current.</param>
/// <param name="Weight">What each ampere of it comes to at that limit, in the limit's unit: the share that passes it, times volts where it is in
/// watts.</param>
public readonly record struct FeedTerm(FeedFlow Flow, double Weight);
