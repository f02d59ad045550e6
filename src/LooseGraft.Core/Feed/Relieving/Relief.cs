using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Relieving;

/// <summary>What would bring a place within its limit.</summary>
/// <param name="Words">As a builder says it.</param>
/// <param name="Edit">The change that does it; null where it is done with hands and money alone.</param>
public sealed record Relief(string Words, GraftEdit? Edit = null);
