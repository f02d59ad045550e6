using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Takes one end of a joint off its port and puts it on another of the same kind; its wires stay as they are.</summary>
/// <param name="Joint">Its id.</param>
/// <param name="Old">The port it leaves.</param>
/// <param name="New">The port it goes to.</param>
public sealed record MoveJoint(string Joint, PortId Old, PortId New) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.FindPort(New) is null ? graft : graft.WithJoint(Joint, joint
        => joint.From == New || joint.To == New ? joint
            : joint.From == Old ? joint with { From = New } : joint.To == Old ? joint with { To = New } : joint);

    public override string Words(Graft graft) => $"Joint {Joint}: moved from {Old} to {New}";

    public override string Standing(Graft graft) => graft.Joints.FirstOrDefault(joint => joint.Id == Joint) is { } joint
        ? $"{joint.From} and {joint.To}" : "this joint is not there any more";
}
