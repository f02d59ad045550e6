using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>The whole graft as one circuit: every contact a node, and everything that joins two of them.</summary>
/// <remarks>A contact is told by its number. Contacts without a conductor are numbered and never joined. Built in time linear in contacts and joins.</remarks>
public sealed class Netlist
{
    private readonly Dictionary<PortId, int> _first = [];

    private Netlist(Graft graft)
    {
        var roles = new RoleTable(graft);
        var contacts = ImmutableArray.CreateBuilder<CircuitContact>();
        foreach (var part in graft.Parts)
        {
            foreach (var port in part.Ports)
            {
                _first.Add(new PortId(part.Id, port.Id), contacts.Count);
                foreach (var pin in port.AllPins()) contacts.Add(new CircuitContact(contacts.Count, part, port, pin, roles.Of(part, port, pin)));
            }
        }

        Contacts = contacts.DrainToImmutable();
        // What cannot conduct joins nothing, whatever meets it.
        Joins = [.. PartJoins.Of(graft, this).Where(join => Conducts(join.One) && Conducts(join.Other) && join.One != join.Other)];
    }

    private Netlist(Netlist parts, IEnumerable<Join> joints)
    {
        (_first, Contacts) = (parts._first, parts.Contacts);
        Joins = [.. parts.Joins, .. joints.Where(join => Conducts(join.One) && Conducts(join.Other))];
    }

    /// <summary>Every contact of the graft.</summary>
    public ImmutableArray<CircuitContact> Contacts { get; }

    /// <summary>Everything that joins two contacts, in every state of the switches.</summary>
    public ImmutableArray<Join> Joins { get; }

    /// <summary>Builds the circuit of a graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="joints">Its joints as decided. A joint that is left off joins nothing, and a tie on it is not made.</param>
    public static Netlist Of(Graft graft, IEnumerable<MadeJoint> joints)
    {
        var parts = new Netlist(graft);
        return new Netlist(parts, joints.Where(made => made.Joint.Method != JointMethod.LeaveOff).SelectMany(parts.JoinsOf));
    }

    /// <summary>The contact at a position; null when the graft has no such port or position.</summary>
    public CircuitContact? Find(ContactId id)
        => _first.TryGetValue(id.Port, out var first) && id.Position >= 1 && first + id.Position - 1 < Contacts.Length
            && Contacts[first + id.Position - 1] is var contact && contact.Id == id ? contact : null;

    private IEnumerable<Join> JoinsOf(MadeJoint made)
    {
        var (joint, from, to) = (made.Joint, _first[made.Joint.From] - 1, _first[made.Joint.To] - 1);
        foreach (var meeting in made.Meetings) yield return new Join(from + meeting.From, to + meeting.To, JoinKind.Joint, joint.Id);
        foreach (var tie in joint.Ties) yield return new Join(At(tie.One), At(tie.Other), JoinKind.Tie, joint.Id);

        int At(LeadEnd end) => (end.IsFrom ? from : to) + end.Position;
    }

    private bool Conducts(int contact) => Contacts[contact].Pin.Contact == ContactState.Wired;
}
