using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what lies between contacts inside a part: one thing, or the wires of a lead in a row. What is named at one end of a wire of a lead or an
/// adapter is named at its other end by it.</summary>
public sealed record AddLinks(string Part, ValueList<PartLink> Links) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => WireNames.Carried(part with { Links = [.. part.Links, .. Links] }));

    public override string Words(Graft graft) => Links is [var one] ? $"{graft.NameOf(Part)}, {one.One} to {one.Other}: {one.Words} inside"
        : $"{graft.NameOf(Part)}: {Links.Length.Counted("link")} inside";

    public override string Standing(Graft graft) => $"{graft.FindPart(Part)?.Links.Length ?? 0} links inside";
}
