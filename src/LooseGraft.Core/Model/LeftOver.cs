using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Something that is left over when a graft is done: the old case, the old supply, a spare fan.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Name">What the builder calls it.</param>
/// <param name="Fetches">What it may fetch, in the graft's currency; nothing for what is given away.</param>
public sealed record LeftOver(string Id, string Name, Money Fetches)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
