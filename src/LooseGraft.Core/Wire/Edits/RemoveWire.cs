using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Takes a wire out of a joint.</summary>
public sealed record RemoveWire(string Joint, int From, int To) : JointEdit(Joint)
{
    protected override Joint Change(Joint joint) => joint with { Wires = joint.Wires.RemoveAll(wire => (wire.From, wire.To) == (From, To)) };

    protected override string What => $"wire {From} to {To} taken out";
}
