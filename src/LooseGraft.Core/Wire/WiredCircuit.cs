using LooseGraft.Core.Circuit;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>The circuit that the joints of a graft make.</summary>
public static class WiredCircuit
{
    /// <summary>Builds it from the joints as decided.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="review">Its wiring as reviewed.</param>
    public static Netlist Of(Graft graft, WireReview review)
        => Netlist.Of(graft, review.Judged.Select(
            joint => new MadeJoint(joint.Joint, joint.Decided.Select(contact => new Conductor(contact.From, contact.To)))));
}
