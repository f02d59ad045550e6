using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what lies between two contacts inside a part.</summary>
public sealed record AddLink(string Part, PartLink Link) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Links = part.Links.Add(Link) });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}, {Link.One} to {Link.Other}: {Link.Words} inside";

    public override string Standing(Graft graft) => $"{graft.FindPart(Part)?.Links.Length ?? 0} links inside";
}
