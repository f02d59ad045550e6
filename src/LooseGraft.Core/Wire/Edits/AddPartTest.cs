using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Writes down what the meter said of a lead that is a part, in place of what it said of these contacts before.</summary>
public sealed record AddPartTest(string Part, ContinuityTest<InnerEnd> Test) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.LeadTest;

    public override Graft Apply(Graft graft) => graft.WithPart(Part, part => part with { Tests = part.Tests.With(Test) });

    public override string Words(Graft graft) => $"{graft.NameOf(Part)}, {Test.One} to {Test.Other}: {(Test.Beeped ? "beep" : "no beep")}";

    public override string Standing(Graft graft) => $"{(graft.FindPart(Part)?.Tests.Length ?? 0).Counted("line")} read";
}
