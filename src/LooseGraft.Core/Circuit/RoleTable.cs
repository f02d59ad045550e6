using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>Finds the role of each contact from what its part is and has inside, its signal, its direction and its stated volts.</summary>
/// <remarks>The table stands in docs/rules.md. What the pin itself states goes before what is usual.</remarks>
public sealed class RoleTable
{
    private readonly Dictionary<string, VoltSpan[]> _outputs;
    private static readonly Volts UsbVolts = new(5);

    private readonly HashSet<ContactId> _linked = [];

    // What a winding gives is all that its legs carry, whether or not somebody wrote more beside them.
    private readonly HashSet<ContactId> _wound = [];
    private readonly ActiveLinks _active;
    private readonly Dictionary<PortId, ContactRole[]> _known = [];

    /// <summary>The roles in a graft.</summary>
    public RoleTable(Graft graft)
    {
        _outputs = graft.Supplies.GroupBy(supply => supply.Part).ToDictionary(same => same.Key,
            same => same.SelectMany(supply => supply.Rails).Select(rail => VoltSpan.Around(rail.Voltage, Tolerances.Rail)).ToArray());
        _active = new ActiveLinks(graft);
        foreach (var part in graft.Parts)
        {
            foreach (var link in part.Links)
                (link.Kind == LinkKind.Winding ? _wound : _linked).UnionWith([IdOf(part, link.One), IdOf(part, link.Other)]);
        }
    }

    /// <summary>The roles of all contacts of a port, position 1 first.</summary>
    public IReadOnlyList<ContactRole> Of(Part part, Port port)
    {
        var id = new PortId(part.Id, port.Id);
        return _known.TryGetValue(id, out var roles) ? roles : _known[id] = [.. port.AllPins().Select(pin => Of(part, port, pin))];
    }

    /// <summary>The role of a contact.</summary>
    public ContactRole Of(Part part, Port port, Pin pin)
    {
        if (_active.RoleOf(part, port, pin) is { } active) return active;
        var id = new ContactId(new PortId(part.Id, port.Id), pin.Position);
        var (isLinked, isWound) = part.Links.IsEmpty ? (false, false) : (_linked.Contains(id), _wound.Contains(id));
        if (pin.Signal.Value.Family == SignalFamily.Unknown && isWound) return ContactRole.Passive;
        var role = Of(part.Kind, pin, isLinked || isWound, _outputs.GetValueOrDefault(part.Id, []));
        if (pin.WorksOn is { } range && role.Wants is not null) return role with { Wants = range };
        return role is { Kind: RoleKind.Load, Wants: { } wants } && wants.Contains(UsbVolts)
            && port.Pins.Any(beside => beside.Signal.Value.Family == SignalFamily.Usb)
            ? role with { Wants = ContactRole.UsbPeripheral } : role;
    }

    /// <summary>The role of a contact on a kind of part.</summary>
    /// <param name="kind">The kind of part.</param>
    /// <param name="pin">The contact.</param>
    /// <param name="isLinked">Whether a link inside the part leads on from it.</param>
    /// <param name="outputs">The voltages that the part's label says it gives; empty when it has none.</param>
    internal static ContactRole Of(PartKind kind, Pin pin, bool isLinked, VoltSpan[] outputs)
    {
        // A contact of a panel that a link leads on from is a leg; on a board it stays what it is, whatever it is linked to.
        if (kind.OnlyConducts() || pin.Direction == SignalDirection.Passive || (isLinked && kind.HasLegs())) return ContactRole.Passive;
        return pin.Signal.Value switch
        {
            { Family: SignalFamily.Unknown } => ContactRole.Unknown,
            { Family: SignalFamily.None } => ContactRole.Passive,
            { Entry.IsChassis: true } => ContactRole.Chassis,
            { Entry.StaysOpen: true } => ContactRole.KeepOpen,
            { Family: SignalFamily.Ground } => ContactRole.Ground,
            { Entry.AnyVolts: true }
                => pin.Level is { } level && level != Volts.Zero ? OfSupply(kind, pin, level, standby: false, outputs) : ContactRole.Unknown,
            { SupplyVoltage: { } volts } supply => OfSupply(kind, pin, volts, supply.IsStandby, outputs),
            var signal => OfSignal(kind, pin, signal),
        };
    }

    private static ContactId IdOf(Part part, InnerEnd end) => new(new PortId(part.Id, end.Port), end.Position);

    private static ContactRole OfSupply(PartKind kind, Pin pin, Volts volts, bool standby, VoltSpan[] outputs) => (pin.Direction, kind) switch
    {
        (SignalDirection.In, _) => ContactRole.Load(volts, standby),
        (SignalDirection.Both, _) => ContactRole.Rail(volts, standby),
        // What a board gives on one contact it may take on another of the same plane.
        (_, PartKind.Board or PartKind.Microcontroller) => ContactRole.Rail(volts, standby),
        (SignalDirection.Out, _) or (_, PartKind.Supply or PartKind.Brick) => ContactRole.Source(volts, standby),
        // A converter gives what its label says it gives, and takes the rest. Without a label it may do either.
        (_, PartKind.Converter) => outputs.Length == 0 ? ContactRole.Rail(volts, standby)
            : outputs.Any(output => output.Contains(volts)) ? ContactRole.Source(volts, standby)
            : ContactRole.Load(volts, standby),
        _ => ContactRole.Load(volts, standby),
    };

    internal static ContactRole OfSignal(PartKind kind, Pin pin, Signal signal)
    {
        var level = pin.Level ?? (signal.Entry?.UsualVolts is { } usual ? new Volts(usual) : null);
        return Direction(kind, pin, signal) switch
        {
            SignalDirection.Out => new ContactRole(RoleKind.Driver) { Drive = signal.Entry?.Drive ?? SignalDrive.PushPull, Level = level },
            SignalDirection.Both => new ContactRole(RoleKind.Driver) { Drive = SignalDrive.InTurn, Level = level },
            SignalDirection.Passive => ContactRole.Passive,
            SignalDirection.In => new ContactRole(RoleKind.Input) { Level = level },
            // What nobody said more of is taken to listen, and may do either.
            _ => new ContactRole(RoleKind.Input) { Level = level, MayDrive = true },
        };
    }

    private static SignalDirection Direction(PartKind kind, Pin pin, Signal signal)
    {
        if (pin.Direction != SignalDirection.Unstated) return pin.Direction;
        // A loudspeaker and a lamp are coil and filament whatever is written on their tags; what else has a bridge output drives it.
        if (kind is PartKind.Speaker or PartKind.Lamp) return SignalDirection.Passive;
        if (signal.Entry?.Drive == SignalDrive.Bridge) return SignalDirection.Out;
        return signal.Entry?.UsualDirection(kind) ?? SignalDirection.Unstated;
    }
}
