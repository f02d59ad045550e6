using System.Collections.Immutable;
using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Circuit;

/// <summary>Finds the join that is to blame for a clash, and keeps those that were blamed already.</summary>
internal sealed class Blame(Netlist netlist)
{
    private readonly HashSet<Join> _taken = [];

    /// <summary>Whether a join is still in the circuit at rest.</summary>
    public bool LeavesOpen(Join join) => join.IsMadeAtRest && Leaves(join);

    /// <summary>Whether a join is still in the circuit with every switch closed that only makes.</summary>
    public bool LeavesClosed(Join join) => (join.Kind != JoinKind.Throw || join.IsClosedAtRest) && Leaves(join);

    /// <summary>Whether a join is still in the circuit at all.</summary>
    public bool Leaves(Join join) => _taken.Count == 0 || !_taken.Contains(join);

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
        return clash.ToConflict(
            contacts, HasNoPlace(clash.Kind) || clash.Flow is not null ? null : Place(clash, trimmed, contacts), [.. trimmed.Where(join => !join.IsMadeAtRest)],
            trimmed.Any(join => join.Kind == JoinKind.ByLabel) ? Evidence.Assumed : evidence);
    }

    // Where something is missing, or comes of which supply is on, no join that is there is to blame.
    private static bool HasNoPlace(ConflictKind kind) => kind is ConflictKind.NotFed or ConflictKind.NoReturn or ConflictKind.ReturnThroughSignal
            or ConflictKind.ReturnThroughLoad or ConflictKind.FedWhileOff or ConflictKind.IdentityMissing or ConflictKind.MayStayOff;

    // The way begins where it leaves the plane of what gives, and ends where it enters that of what takes.
    private (int From, ImmutableArray<Join> Way) Trim(Clash clash, ImmutableArray<Join> way)
    {
        var contacts = Ways.Contacts(netlist, clash.Giver.Index, way);
        var start = 0;
        while (start < way.Length && IsOn(contacts[start + 1], clash.Giver)) start++;
        var end = way.Length;
        while (end > start && IsOn(contacts[end - 1], clash.End)) end--;
        return (contacts[start].Index, way[start..end]);
    }

    private static bool IsOn(CircuitContact contact, CircuitContact plane)
        => contact.Part.Id == plane.Part.Id && contact.Signal == plane.Signal
            && contact.Role.Kind is RoleKind.Ground or RoleKind.Chassis or RoleKind.Source or RoleKind.Rail or RoleKind.Load;

    // Where what arrives first departs from what that end expects.
    private Join? Place(Clash clash, ImmutableArray<Join> way, ImmutableArray<CircuitContact> contacts)
    {
        var departs = Departure(clash, way, contacts);
        // A wire that meets what it should not only by way of a tie, a press or a link where none belongs is a good wire.
        return departs is { Kind: JoinKind.Joint } ? way.TakeWhile(join => join != departs).FirstOrDefault(IsStray) ?? departs : departs;
    }

    // The wires of a lead run from port to port; one that joins two contacts of one port was forgotten there.
    private bool IsStray(Join join) => join.Kind switch
    {
        JoinKind.Tie or JoinKind.Switch or JoinKind.Throw => true,
        JoinKind.Inside => netlist.Contacts[join.One] is var one && (one.Id.Port == netlist.Contacts[join.Other].Id.Port || !one.Part.Kind.OnlyConducts()),
        _ => false,
    };

    private static Join? Departure(Clash clash, ImmutableArray<Join> way, ImmutableArray<CircuitContact> contacts)
    {
        for (var step = 0; step < way.Length; step++)
        {
            var (join, next) = (way[step], contacts[step + 1]);
            if (join.Kind == JoinKind.Plane) continue;
            if (IsAgainst(clash.Giver, next)) return join;
        }

        return way.LastOrDefault(join => join.Kind != JoinKind.Plane);
    }

    private static bool IsAgainst(CircuitContact giver, CircuitContact next)
    {
        if (next.Role.Kind != RoleKind.Passive) return NetRules.Judge(giver, next) is not null;
        if (next.Signal.SupplyVoltage is not null || next.Signal.Family == SignalFamily.Ground)
            return NetRules.Judge(giver.Terminal, next.Terminal.AsLabelled) is { Kind: not null };
        return next.Part.Kind.OnlyConducts()
            ? LabelRules.Departs(giver.Terminal, next.Terminal)
            : LegRules.Judge(giver.Terminal, next.Terminal) is { Kind: not null };
    }
}
