namespace LooseGraft.Core.Model;

/// <summary>Two contacts of one part that are joined inside it.</summary>
/// <param name="One">A contact.</param>
/// <param name="Other">The other.</param>
/// <param name="Kind">How they are joined.</param>
public sealed record PartLink(InnerEnd One, InnerEnd Other, LinkKind Kind)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
