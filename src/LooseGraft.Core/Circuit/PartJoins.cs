using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>What is joined inside parts: links as described, planes, and what is taken for granted of leads and switches that nobody described.</summary>
internal static class PartJoins
{
    public static IEnumerable<Join> Of(Graft graft, Netlist netlist)
        => graft.Parts.SelectMany(part => Links(part, netlist).Concat(Inside(part, netlist.ContactsOf(part.Id).ToArray())));

    private static IEnumerable<Join> Links(Part part, Netlist netlist)
        => from each in part.Links.Index()
           let link = each.Item
           where !link.Kind.IsElement()
           let one = netlist.Find(part, link.One)
           let other = netlist.Find(part, link.Other)
           where one is not null && other is not null
           select link.Kind.Moves()
               ? new Join(one.Index, other.Index, Throws(part, link) ? JoinKind.Throw : JoinKind.Switch, part.Id)
               {
                   Mover = Mover(part, link.Name ?? $"link {each.Index + 1}"),
                   IsClosedAtRest = link.IsClosedAtRest,
                   Overlaps = link.Overlaps,
               }
               : new Join(one.Index, other.Index, JoinKind.Inside, part.Id);

    /// <summary>What moves the contacts of a name.</summary>
    public static string Mover(Part part, string name) => $"{part.Id}: {name}";

    // Moved, it opens something: then more of what is closed is not simply more.
    private static bool Throws(Part part, PartLink link) => link.Kind == LinkKind.Relay || link.IsClosedAtRest
        || (link.Name is not null && part.Links.Any(other => other.Name == link.Name && (other.IsClosedAtRest || other.Kind == LinkKind.Coil)));

    private static IEnumerable<Join> Inside(Part part, CircuitContact[] contacts)
    {
        var wired = contacts.Where(contact => contact.Pin.Contact == ContactState.Wired).ToArray();
        if (part.Kind.OnlyConducts())
            return part.Links.IsEmpty ? part.Kind == PartKind.Switch ? Switches(part, wired) : ByLabel(part, wired) : [];
        return Planes(part, wired).Concat(part.Kind.HasLegs() ? Switches(part, [.. wired.Where(contact => !IsLinked(part, contact))]) : []);
    }

    // A plane belongs to a part's own supply or ground: two parts that use one name share nothing by it.
    private static IEnumerable<Join> Planes(Part part, CircuitContact[] wired)
        => Stars(wired.Where(contact => contact.Role.Kind is RoleKind.Ground or RoleKind.Chassis or RoleKind.Source or RoleKind.Rail or RoleKind.Load),
            contact => (part.Kind.HasOnePlane() ? null : contact.Port.Id, contact.Signal.Name), JoinKind.Plane, part.Id);

    private static IEnumerable<Join> ByLabel(Part part, CircuitContact[] wired)
        => Stars(wired.Where(contact => contact.Signal.IsMeaningful), contact => contact.Signal.Name, JoinKind.ByLabel, part.Id);

    // The two legs of a switch, or its one leg and the return beside it.
    private static IEnumerable<Join> Switches(Part part, CircuitContact[] wired)
        => from legs in wired.Where(contact => contact.Role.Kind == RoleKind.Passive && LegRules.IsSwitched(contact.Signal))
            .GroupBy(contact => (contact.Port.Id, contact.Signal.Name))
           let first = legs.First()
           from other in legs.Count() > 1
               ? legs.Skip(1)
               : wired.Where(contact => contact.Port.Id == first.Port.Id && contact.Signal.Family == SignalFamily.Ground).Take(1)
           select new Join(first.Index, other.Index, JoinKind.Switch, part.Id) { Mover = Mover(part, $"{first.Id.Port.Port}/{first.Pin.Position}") };

    private static bool IsLinked(Part part, CircuitContact contact)
        => part.Links.Any(link => IsAt(link.One, contact) || IsAt(link.Other, contact));

    private static bool IsAt(InnerEnd end, CircuitContact contact) => end.Port == contact.Port.Id && end.Position == contact.Pin.Position;

    // Each joined to the first that is like it.
    private static IEnumerable<Join> Stars<TKey>(IEnumerable<CircuitContact> contacts, Func<CircuitContact, TKey> key, JoinKind kind, string owner)
        where TKey : notnull
    {
        var firsts = new Dictionary<TKey, int>();
        foreach (var contact in contacts)
        {
            if (!firsts.TryAdd(key(contact), contact.Index)) yield return new Join(firsts[key(contact)], contact.Index, kind, owner);
        }
    }
}
