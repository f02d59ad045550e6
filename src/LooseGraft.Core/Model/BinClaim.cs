namespace LooseGraft.Core.Model;

/// <summary>What a part of the graft takes from the bin.</summary>
/// <param name="Entry">The bin's own short name for the entry.</param>
/// <param name="Count">How many of it, 1 or more.</param>
public sealed record BinClaim(string Entry, int Count);
