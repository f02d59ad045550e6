using System.Collections.Immutable;
using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Circuit;

/// <summary>Finds the join that is to blame for a clash, and keeps those that were blamed already.</summary>
internal sealed class Blame(Netlist netlist)
{
    private readonly HashSet<Join> _taken = [];

    /// <summary>Whether a join is still in the circuit with every switch open.</summary>
    public bool LeavesOpen(Join join) => join.Kind != JoinKind.Switch && !_taken.Contains(join);

    /// <summary>Whether a join is still in the circuit with every switch closed.</summary>
    public bool LeavesClosed(Join join) => !_taken.Contains(join);

    /// <summary>Whether a join that was blamed ends in the net of a contact.</summary>
    public bool IsIn(NetState state, CircuitContact contact)
        => state.Of(contact) is { } net && _taken.Any(join => state.Of(netlist.Contacts[join.One]) == net);

    /// <summary>Tells a clash and takes the join that is to blame out of the circuit.</summary>
    public Conflict Take(Clash clash, ImmutableArray<Join> way)
    {
        var conflict = Tell(clash, way);
        _taken.Add(conflict.Place!);
        return conflict;
    }

    /// <summary>Tells a clash.</summary>
    public Conflict Tell(Clash clash, ImmutableArray<Join> way)
    {
        // What reaches its victim through a load, or lacks something, has no way to be told.
        if (way.IsEmpty) return clash.ToConflict([clash.Giver, clash.Taker], null, [], clash.Giver.Evidence.And(clash.Taker.Evidence));
        var (from, trimmed) = Trim(clash, way);
        var contacts = Ways.Contacts(netlist, from, trimmed);
        var evidence = contacts[0].Evidence.And(contacts[^1].Evidence);
        return clash.ToConflict(contacts, Place(clash, trimmed, contacts), [.. trimmed.Where(join => join.Kind == JoinKind.Switch)],
            trimmed.Any(join => join.Kind == JoinKind.ByLabel) ? Evidence.Assumed : evidence);
    }

    // The way begins where it leaves the plane of what gives, and ends where it enters that of what takes.
    private (int From, ImmutableArray<Join> Way) Trim(Clash clash, ImmutableArray<Join> way)
    {
        var contacts = Ways.Contacts(netlist, clash.Giver.Index, way);
        var start = 0;
        while (start < way.Length && IsOn(contacts[start + 1], clash.Giver)) start++;
        var end = way.Length;
        while (end > start && IsOn(contacts[end - 1], clash.Taker)) end--;
        return (contacts[start].Index, way[start..end]);
    }

    private static bool IsOn(CircuitContact contact, CircuitContact plane)
        => contact.Part.Id == plane.Part.Id && contact.Signal == plane.Signal
            && contact.Role.Kind is RoleKind.Ground or RoleKind.Source or RoleKind.Rail or RoleKind.Load;

    // Where what arrives first departs from what that end expects.
    private static Join? Place(Clash clash, ImmutableArray<Join> way, ImmutableArray<CircuitContact> contacts)
    {
        var departs = Departure(clash, way, contacts);
        // A wire that meets what it should not only while a switch is pressed is a good wire; a tie or link is not.
        return departs is { Kind: JoinKind.Joint } && way.FirstOrDefault(join => join.Kind == JoinKind.Switch) is { } press ? press : departs;
    }

    private static Join? Departure(Clash clash, ImmutableArray<Join> way, ImmutableArray<CircuitContact> contacts)
    {
        for (var step = 0; step < way.Length; step++)
        {
            var (join, next) = (way[step], contacts[step + 1]);
            if (join.Kind == JoinKind.Plane) continue;
            if (next.Role.Kind == RoleKind.Passive ? LabelRules.Departs(clash.Giver, next) : NetRules.Judge(clash.Giver, next) is not null) return join;
        }

        return way.LastOrDefault(join => join.Kind != JoinKind.Plane);
    }
}
