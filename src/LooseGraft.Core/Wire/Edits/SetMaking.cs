using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Says who made a lead or an adapter.</summary>
public sealed record SetMaking(string Part, PartMaking? Making) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Making = Making });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}: {Making.Words()}";

    public override string Standing(Graft graft) => (graft.FindPart(Part)?.Making).Words();
}
