using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Takes a joint out.</summary>
public sealed record RemoveJoint(string Joint) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with { Joints = graft.Joints.RemoveAll(joint => joint.Id == Joint) };

    public override string Words(Graft graft) => $"Joint {Joint} taken out";

    public override string Standing(Graft graft) => $"{graft.Joints.Length} joints";
}
