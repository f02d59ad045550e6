using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Puts a part of a usual sort in, with what it gives and what it takes.</summary>
public sealed record AddUsualPart(PartTemplate Template, string Name, PartOrigin Origin, Money? Cost) : GraftEdit
{
    public override Graft Apply(Graft graft) => TemplatePart.Add(graft, Template, Name, Origin, Cost);

    public override string Words(Graft graft) => $"New part {Name}";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
