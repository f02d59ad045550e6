using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>One sort of thing in a pack.</summary>
/// <param name="Ware">What it is.</param>
/// <param name="Count">How many of it, 1 or more; metres of what is sold by length.</param>
public sealed record OfferContent(Ware Ware, int Count)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
