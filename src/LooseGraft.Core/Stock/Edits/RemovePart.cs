using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Takes a part out with everything that names it.</summary>
public sealed record RemovePart(string Part) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithoutPart(Part);

    public override string Words(Graft graft) => $"Part {Part} taken out, with its joints, draws, readings and photographs";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
