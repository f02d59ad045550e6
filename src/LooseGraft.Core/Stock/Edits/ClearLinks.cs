using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Takes back all that was said of what lies between contacts inside a part.</summary>
public sealed record ClearLinks(string Part) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Links = [] });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}: nothing is said of its inside any more";

    public override string Standing(Graft graft) => $"{graft.FindPart(Part)?.Links.Length ?? 0} links inside";
}
