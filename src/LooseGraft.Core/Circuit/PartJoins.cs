using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>What is joined inside parts: links as described, planes, and what is taken for granted of leads and switches that nobody described.</summary>
internal static class PartJoins
{
    public static IEnumerable<Join> Of(Graft graft, Netlist netlist)
        => graft.Parts.SelectMany(part => Links(part, netlist).Concat(Inside(part, netlist.ContactsOf(part.Id).ToArray())));

    private static IEnumerable<Join> Links(Part part, Netlist netlist)
        => from link in part.Links
           let one = netlist.Find(new ContactId(new PortId(part.Id, link.One.Port), link.One.Position))
           let other = netlist.Find(new ContactId(new PortId(part.Id, link.Other.Port), link.Other.Position))
           where one is not null && other is not null
           select new Join(one.Index, other.Index, link.Kind == LinkKind.Wire ? JoinKind.Inside : JoinKind.Switch, part.Id);

    private static IEnumerable<Join> Inside(Part part, CircuitContact[] contacts)
    {
        var wired = contacts.Where(contact => contact.Pin.Contact == ContactState.Wired).ToArray();
        if (part.Kind.OnlyConducts())
            return part.Links.IsEmpty ? part.Kind == PartKind.Switch ? Switches(part, wired) : ByLabel(part, wired) : [];
        return Planes(part, wired).Concat(part.Links.IsEmpty && part.Kind.HasLegs() ? Switches(part, wired) : []);
    }

    // A plane belongs to a part's own supply or ground: two parts that use one name share nothing by it.
    private static IEnumerable<Join> Planes(Part part, CircuitContact[] wired)
        => wired.Where(contact => contact.Role.Kind is RoleKind.Ground or RoleKind.Chassis or RoleKind.Source or RoleKind.Rail or RoleKind.Load)
            .GroupBy(contact => (part.Kind.HasOnePlane() ? null : contact.Port.Id, contact.Signal.Name))
            .SelectMany(plane => Star(plane, JoinKind.Plane, part.Id));

    private static IEnumerable<Join> ByLabel(Part part, CircuitContact[] wired)
        => wired.Where(contact => contact.Signal.IsMeaningful).GroupBy(contact => contact.Signal.Name)
            .SelectMany(same => Star(same, JoinKind.ByLabel, part.Id));

    // The two legs of a switch, or its one leg and the return beside it.
    private static IEnumerable<Join> Switches(Part part, CircuitContact[] wired)
        => from legs in wired.Where(contact => contact.Role.Kind == RoleKind.Passive && LegRules.IsSwitched(contact.Signal))
            .GroupBy(contact => (contact.Port.Id, contact.Signal.Name))
           let first = legs.First()
           from other in legs.Count() > 1
               ? legs.Skip(1)
               : wired.Where(contact => contact.Port.Id == first.Port.Id && contact.Signal.Family == SignalFamily.Ground).Take(1)
           select new Join(first.Index, other.Index, JoinKind.Switch, part.Id);

    private static IEnumerable<Join> Star(IEnumerable<CircuitContact> contacts, JoinKind kind, string owner)
    {
        var first = contacts.First();
        return contacts.Skip(1).Select(other => new Join(first.Index, other.Index, kind, owner));
    }
}
