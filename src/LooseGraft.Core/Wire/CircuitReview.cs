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
        var answer = CircuitJudge.Judge(netlist);
        (Netlist, Conflicts, IsAllTold, Open) = (netlist, answer.Conflicts, answer.IsAll, answer.Open);
        // What moves is in all of its positions at once here.
        _closed = new Lazy<NetState>(() => netlist.Joins.Any(join => join.Kind == JoinKind.Throw) ? new NetState(netlist, _ => true) : answer.Closed);
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
    /// <param name="roles">The roles of its contacts, if they are known already.</param>
    public static CircuitReview Of(Graft graft, IEnumerable<JointReview> joints, RoleTable? roles = null)
    {
        var made = joints.Select(joint => new MadeJoint(joint.Joint, joint.Decided.Select(contact => new Conductor(contact.From, contact.To))));
        return new CircuitReview(Netlist.Of(graft, made, roles));
    }

    /// <summary>What acts on the net of a contact, with every switch closed.</summary>
    internal ImmutableArray<CircuitContact> ActorsWith(CircuitContact contact) => _closed.Value.Of(contact)?.Actors ?? [];

    /// <summary>The net of a contact with no switch closed.</summary>
    internal NetState Open { get; }
}
