using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>The circuit that the joints of a graft make, and what is wrong with it.</summary>
public sealed class CircuitReview
{
    private readonly Lazy<NetState> _closed;

    private CircuitReview(Netlist netlist)
    {
        (Netlist, (Conflicts, IsAllTold)) = (netlist, CircuitJudge.Judge(netlist));
        _closed = new Lazy<NetState>(() => new NetState(netlist, _ => true));
    }

    /// <summary>The circuit.</summary>
    public Netlist Netlist { get; }

    /// <summary>What is wrong with it, the worst first.</summary>
    public ImmutableArray<Conflict> Conflicts { get; }

    /// <summary>Whether that is all.</summary>
    public bool IsAllTold { get; }

    /// <summary>Builds and judges the circuit of a graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="joints">Its joints, each judged by itself.</param>
    public static CircuitReview Of(Graft graft, IEnumerable<JointReview> joints)
        => new(Netlist.Of(graft, joints.Select(
            joint => new MadeJoint(joint.Joint, joint.Decided.Select(contact => new Conductor(contact.From, contact.To))))));

    /// <summary>What acts on the net of a contact, with every switch closed.</summary>
    internal ImmutableArray<CircuitContact> ActorsWith(CircuitContact contact) => _closed.Value.Of(contact)?.Actors ?? [];

    /// <summary>The net of a contact with no switch closed.</summary>
    internal NetState Open { get => field ??= new NetState(Netlist, join => join.IsMadeAtRest); }
}
