using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>Something that a choice takes from the bin.</summary>
/// <param name="Thing">The thing.</param>
/// <param name="Need">What it is for.</param>
/// <param name="Count">How many of it, 1 or more.</param>
public sealed record BinPick(OwnedThing Thing, Need Need, int Count);
