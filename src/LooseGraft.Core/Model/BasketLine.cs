namespace LooseGraft.Core.Model;

/// <summary>So many packs of an offer that are to be bought.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Packs">How many, 1 or more.</param>
public sealed record BasketLine(string Offer, int Packs)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
