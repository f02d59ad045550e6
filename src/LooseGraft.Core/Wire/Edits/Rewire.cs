using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Edits;

/// <summary>Gives a joint other wires.</summary>
/// <param name="Joint">The joint.</param>
/// <param name="Method">The method by which it is then made.</param>
/// <param name="Wires">All of its wires then.</param>
public sealed record Rewire(string Joint, JointMethod Method, ValueList<Conductor> Wires) : WiringEdit(Joint, Method, Wires)
{
    protected override string What => $"rewired, {Wires.Length.Counted("wire")}";
}
