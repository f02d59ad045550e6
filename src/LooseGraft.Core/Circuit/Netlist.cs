using System.Collections.Immutable;
using LooseGraft.Core.Circuit.Elements;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>The whole graft as one circuit: every contact a node, and everything that joins two of them.</summary>
/// <remarks>A contact is told by its number. Contacts without a conductor are numbered and never joined. Built in time linear in contacts and joins.</remarks>
public sealed class Netlist
{
    private readonly Dictionary<PortId, int> _first = [];
    private readonly Dictionary<string, Range> _ofPart = [];

    // The joins of contact i are those from _start[i] up to _start[i + 1].
    private readonly Join[] _joinsAt;
    private readonly int[] _start;

    private Netlist(Graft graft, IEnumerable<MadeJoint> joints, RoleTable roles)
    {
        var contacts = ImmutableArray.CreateBuilder<CircuitContact>(graft.Parts.Sum(part => part.Ports.Sum(port => port.PositionCount)));
        foreach (var part in graft.Parts)
        {
            var first = contacts.Count;
            foreach (var port in part.Ports)
            {
                _first.Add(new PortId(part.Id, port.Id), contacts.Count);
                var known = roles.Of(part, port);
                foreach (var pin in port.AllPins()) contacts.Add(new CircuitContact(contacts.Count, part, port, pin, known[pin.Position - 1]));
            }

            _ofPart[part.Id] = first..contacts.Count;
        }

        Contacts = contacts.DrainToImmutable();
        // What cannot conduct joins nothing, whatever meets it.
        Joins = [.. PartJoins.Of(graft, this).Where(join => join.One != join.Other)
            .Concat(joints.Where(made => made.Joint.Method != JointMethod.LeaveOff).SelectMany(JoinsOf))
            .Where(join => Conducts(join.One) && Conducts(join.Other))];
        (_start, _joinsAt) = Beside();
        Elements = [.. from part in graft.Parts
                       from link in part.Links
                       where link.Kind.IsElement()
                       let one = Find(part, link.One)
                       let other = Find(part, link.Other)
                       where one is not null && other is not null && Conducts(one.Index) && Conducts(other.Index)
                       select new Element(part, link, one, other)];
    }

    /// <summary>Every contact of the graft.</summary>
    public ImmutableArray<CircuitContact> Contacts { get; }

    /// <summary>Everything that joins two contacts, in every state of the switches.</summary>
    public ImmutableArray<Join> Joins { get; }

    /// <summary>What lies between two contacts of a part and is no mere conductor.</summary>
    internal ImmutableArray<Element> Elements { get; }

    /// <summary>Builds the circuit of a graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="joints">Its joints as decided. A joint that is left off joins nothing, and a tie on it is not made.</param>
    /// <param name="roles">The roles of its contacts, if they are known already.</param>
    public static Netlist Of(Graft graft, IEnumerable<MadeJoint> joints, RoleTable? roles = null)
        => new(graft, joints, roles ?? new RoleTable(graft));

    /// <summary>The contact at a position; null when the graft has no such port or position.</summary>
    public CircuitContact? Find(ContactId id)
        => _first.TryGetValue(id.Port, out var first) && id.Position >= 1 && first + id.Position - 1 < Contacts.Length
            && Contacts[first + id.Position - 1] is var contact && contact.Id == id ? contact : null;

    /// <summary>The contact of a part as it is named inside it; null when the part has no such contact.</summary>
    internal CircuitContact? Find(Part part, InnerEnd end) => Find(new ContactId(new PortId(part.Id, end.Port), end.Position));

    /// <summary>The contacts of a part.</summary>
    internal ReadOnlySpan<CircuitContact> ContactsOf(string part) => _ofPart.TryGetValue(part, out var range) ? Contacts.AsSpan(range) : [];

    /// <summary>The contacts of a port, position 1 first.</summary>
    internal ReadOnlySpan<CircuitContact> ContactsOf(PortId port)
        => _first.TryGetValue(port, out var first) ? Contacts.AsSpan(first, Contacts[first].Port.PositionCount) : [];

    /// <summary>Whether a wire of a joint ends at a contact.</summary>
    internal bool IsWired(CircuitContact contact)
    {
        foreach (var join in JoinsAt(contact.Index))
        {
            if (join.Kind == JoinKind.Joint) return true;
        }

        return false;
    }

    /// <summary>The joins that end at a contact.</summary>
    internal ReadOnlySpan<Join> JoinsAt(int contact) => _joinsAt.AsSpan(_start[contact].._start[contact + 1]);

    private (int[] Start, Join[] Joins) Beside()
    {
        var start = new int[Contacts.Length + 1];
        foreach (var join in Joins)
        {
            start[join.One + 1]++;
            if (join.Other != join.One) start[join.Other + 1]++;
        }

        for (var contact = 0; contact < Contacts.Length; contact++) start[contact + 1] += start[contact];
        var (beside, next) = (new Join[start[^1]], start[..^1]);
        foreach (var join in Joins)
        {
            beside[next[join.One]++] = join;
            if (join.Other != join.One) beside[next[join.Other]++] = join;
        }

        return (start, beside);
    }

    private IEnumerable<Join> JoinsOf(MadeJoint made)
    {
        var (joint, from, to) = (made.Joint, _first[made.Joint.From] - 1, _first[made.Joint.To] - 1);
        foreach (var meeting in made.Meetings) yield return new Join(from + meeting.From, to + meeting.To, JoinKind.Joint, joint.Id);
        foreach (var tie in joint.Ties) yield return new Join(At(tie.One), At(tie.Other), JoinKind.Tie, joint.Id);

        int At(LeadEnd end) => (end.IsFrom ? from : to) + end.Position;
    }

    private bool Conducts(int contact) => Contacts[contact].Pin.Contact == ContactState.Wired;
}
