using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>Something between two contacts of a part in which current meets more than a conductor.</summary>
/// <param name="Part">The part it is in.</param>
/// <param name="Link">What it is, and what is known of it.</param>
/// <param name="One">Its plus side, where it has one.</param>
/// <param name="Other">Its other side.</param>
internal sealed record Element(Part Part, PartLink Link, CircuitContact One, CircuitContact Other)
{
    /// <summary>What moves with a coil; null for all else, and for a coil without a name.</summary>
    public string? Mover => Link is { Kind: LinkKind.Coil, Name: { } name } ? PartJoins.Mover(Part, name) : null;
}
