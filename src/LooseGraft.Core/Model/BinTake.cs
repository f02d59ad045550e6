using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What is taken from the bin for a need that is no part of the graft.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Name">What the bin calls it.</param>
/// <param name="Claim">The thing in the bin, and how many of it.</param>
public sealed record BinTake(string Need, string Name, BinClaim Claim)
{
    /// <summary>What it cost when it was bought; null where nobody knows, or in another currency.</summary>
    public Money? Cost { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
