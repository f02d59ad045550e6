using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>A change of the wires of a joint.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="Method">The method by which it is then made.</param>
/// <param name="Wires">All of its wires then.</param>
public abstract record WiringEdit(string Joint, JointMethod Method, ValueList<Conductor> Wires) : JointEdit(Joint)
{
    protected sealed override Joint Change(Joint joint) => joint with { Method = Method, Wires = Wires };
}
