using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Empties the meter sheet of a lead that is a part.</summary>
public sealed record ForgetPartTests(string Part) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Correction;

    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Tests = [] });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}: its meter sheet is empty again";

    public override string Standing(Graft graft) => $"{(graft.FindPart(Part)?.Tests.Length ?? 0).Counted("line")} read";
}
