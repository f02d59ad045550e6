using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>What a supply and what it feeds tell each other: bricks that are recognised, USB-C sources that are asked, drives that are told to stay
/// off.</summary>
internal static class IdentityRules
{
    /// <summary>What USB gives without being asked: 5 V and its tolerance (USB Type-C specification, 4.8).</summary>
    private static readonly Volts Unasked = new(5.5);

    private static readonly Volts PowerOff = new(3.3);

    public static IEnumerable<Clash> Of(Netlist netlist, NetState closed) => Identities(netlist, closed).Concat(StayingOff(netlist, closed));

    // One finding for each plug, whatever number of lines it could speak over.
    private static IEnumerable<Clash> Identities(Netlist netlist, NetState closed)
        => from line in netlist.Contacts.Where(contact => contact.Signal.Entry is { Identifies: true } && contact.Role.Kind != RoleKind.Passive)
               .DistinctBy(contact => contact.Id.Port)
           let port = netlist.ContactsOf(line.Id.Port).ToArray()
           where !port.Any(contact => contact.Signal == line.Signal && IsAnswered(contact, closed))
           let power = port.FirstOrDefault(contact => IsInUse(contact, line, closed))
           where power is not null
           select new Clash(ConflictKind.IdentityMissing, Severity.Check, power.Role.Kind == RoleKind.Source ? power : line, line);

    private static bool IsAnswered(CircuitContact line, NetState closed)
        => closed.Of(line) is { } net && net.Actors.Any(other => other.Part.Id != line.Part.Id && other.Signal == line.Signal);

    // A board that is fed through this plug by another's supply, or a source that would have to give more than it does unasked.
    private static bool IsInUse(CircuitContact power, CircuitContact line, NetState closed) => closed.Of(power) is { } net && power.Role.Kind switch
    {
        RoleKind.Source
            => power.Role.Gives!.Value.High > Unasked && line.Signal.Name == "usb-c-channel" && net.Actors.Any(actor => actor.Part.Id != power.Part.Id),
        RoleKind.Load or RoleKind.Rail => net.Of(RoleKind.Source).Any(source => source.Part.Id != power.Part.Id),
        _ => false,
    };

    // Contact 3 of the usual drive plug is the same +3.3 V as its neighbours on older drives (Serial ATA 3.3); so it is its own wire that counts.
    private static IEnumerable<Clash> StayingOff(Netlist netlist, NetState closed)
        => from contact in netlist.Contacts
           where contact is { Part.Kind: PartKind.Drive, Pin.Position: 3, Role.Kind: RoleKind.Load, Port.Type.Id: "drive-power-15" }
               && contact.Signal.SupplyVoltage == PowerOff && netlist.IsWired(contact)
           let feed = closed.Of(contact)?.Feed
           where feed is not null
           select new Clash(ConflictKind.MayStayOff, Severity.Note, feed, contact);
}
