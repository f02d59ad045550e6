using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Takes over the wire table that is proposed for a joint.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="Method">The method by which it is then made.</param>
/// <param name="Wires">The table.</param>
public sealed record TakeTable(string Joint, JointMethod Method, ValueList<Conductor> Wires) : WiringEdit(Joint, Method, Wires)
{
    protected override string What => "takes the proposed wire table";
}
