using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Empties the meter sheet of a made lead.</summary>
public sealed record ForgetLeadTests(string Joint) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Correction;

    public override Graft Apply(Graft graft) => graft.WithJoint(Joint, joint => joint with { Tests = [] });

    public override string Words(Graft graft) => $"Lead {Joint}: its meter sheet is empty again";

    public override string Standing(Graft graft) => $"{(graft.Joints.FirstOrDefault(joint => joint.Id == Joint)?.Tests.Length ?? 0).Counted("line")} read";
}
