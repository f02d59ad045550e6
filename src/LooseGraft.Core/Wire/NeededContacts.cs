using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Wire;

/// <summary>Contacts that must be connected for their part to work, and that nothing on their net serves.</summary>
internal static class NeededContacts
{
    /// <summary>A header may be served by several small plugs, and through leads and switches, so it is the whole net that counts.</summary>
    public static IEnumerable<Finding> Unserved(CircuitReview circuit, IEnumerable<JointReview> joints)
    {
        var joined = joints.SelectMany(review => new[] { review.From.Id, review.To.Id }).ToHashSet();
        // A plane inside its part serves no contact that is to be joined from outside.
        var met = circuit.Netlist.Joins.Where(each => each.Kind != JoinKind.Plane).SelectMany(each => new[] { each.One, each.Other }).ToHashSet();
        return from contact in circuit.Netlist.Contacts
               where contact.Pin.NeededFor is not null && contact.Terminal.Conducts && !(met.Contains(contact.Index) && IsServed(contact, circuit))
               let missing = met.Contains(contact.Index) ? "nothing that it is joined to serves it"
                   : joined.Contains(contact.Id.Port) ? "no joint connects it"
                   : "this port has no joint yet"
               select Finding.Of(WireRules.NeededUnconnected, new PinSubject(contact.Id.Port, contact.Pin.Position),
                   $"{contact.Port.Name} of {contact.Part.Name}, position {contact.Pin.Position} ({contact.Signal}): {missing}, and it is needed: {contact.Pin.NeededFor}.",
                   contact.Evidence, "connect it in a joint, or change what it is needed for if that is not so");
    }

    private static bool IsServed(CircuitContact needed, CircuitReview circuit) => circuit.Open.Of(needed) is { } net && needed.Role.Kind switch
    {
        RoleKind.Load => net.Feed is not null,
        RoleKind.Rail => net.Of(RoleKind.Source).Any() || net.Contacts.Any(contact => IsAnother(contact, needed)),
        _ => net.Contacts.Any(contact => IsAnother(contact, needed)),
    };

    // Something with a will, or a leg that leads on; not a bare conductor, and not the same plane again.
    private static bool IsAnother(CircuitContact contact, CircuitContact needed)
        => contact.Terminal.Conducts && contact.Signal.IsMeaningful && !contact.Terminal.IsLabel
            && !(contact.Part.Id == needed.Part.Id && contact.Signal == needed.Signal);
}
