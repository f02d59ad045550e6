using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>The watts to which a setting holds a part: a processor's power limit, a card's. It can be lost with the battery of the board.</summary>
/// <param name="Limit">All rails together, in ordinary use and at peak; starts and milliseconds are not held.</param>
public sealed record PowerCap(Known<Watts> Limit)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
