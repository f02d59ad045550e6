using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says that two contacts are joined inside a part.</summary>
public sealed record AddLink(string Part, PartLink Link) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Links = part.Links.Add(Link) });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}, {Link.One} and {Link.Other}: joined inside, {Link.Kind.Words()}";

    public override string Standing(Graft graft) => $"{graft.FindPart(Part)?.Links.Length ?? 0} links inside";
}
