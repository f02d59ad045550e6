using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Writes down what the meter said of a made lead, in place of what it said of these ends before.</summary>
public sealed record AddLeadTest(string Joint, ContinuityTest<LeadEnd> Test) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.LeadTest;

    public override Graft Apply(Graft graft) => graft.WithJoint(Joint, joint => joint with { Tests = joint.Tests.With(Test) });

    public override string Words(Graft graft) => $"Lead {Joint}, {Test.One} to {Test.Other}: {(Test.Beeped ? "beep" : "no beep")}";

    public override string Standing(Graft graft) => $"{(graft.Joints.FirstOrDefault(joint => joint.Id == Joint)?.Tests.Length ?? 0).Counted("line")} read";
}
