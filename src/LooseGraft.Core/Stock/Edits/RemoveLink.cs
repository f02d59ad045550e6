using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Takes back what lies between two contacts inside a part; a coil takes the contacts that it moves with it.</summary>
/// <param name="Part">The part.</param>
/// <param name="Index">The link's place in the part's list, from 0.</param>
public sealed record RemoveLink(string Part, int Index) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.WithPart(Part, part => Index < 0 || Index >= part.Links.Length ? part : part with { Links = part.Links.RemoveAt(Index).WithoutOrphans() });

    public override string Words(Graft graft)
        => $"{graft.NameOf(Part)}: {graft.FindPart(Part)?.Links.ElementAtOrDefault(Index)?.Words ?? "a link"} inside taken out";

    public override string Standing(Graft graft) => $"{graft.FindPart(Part)?.Links.Length ?? 0} links inside";
}
