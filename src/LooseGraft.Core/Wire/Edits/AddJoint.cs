using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Suggesting;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Decides that two ports meet, pushed on as they are until another method is chosen; a loose lead is put where it needs no tool.</summary>
public sealed record AddJoint(PortId From, PortId To) : GraftEdit
{
    /// <summary>The id that the joint has in a graft.</summary>
    public string IdIn(Graft graft) => GraftEdits.FreshId(graft.NameOf(From), graft.Joints.Select(joint => joint.Id));

    public override Graft Apply(Graft graft) => From == To || graft.FindPort(From) is null || graft.FindPort(To) is null
        ? graft
        : graft with { Joints = graft.Joints.Add(LikelyPlace.Of(graft, new Joint(IdIn(graft), From, To, JointMethod.Straight))) };

    public override string Words(Graft graft) => $"New joint {IdIn(graft)}: {graft.NameOf(From)} and {graft.NameOf(To)}";

    public override string Standing(Graft graft) => $"{graft.Joints.Length} joints";
}
