using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>Contacts of adapters and leads that have more than conductors inside: what a step, an inverter or a delay takes, and what it gives.</summary>
internal sealed class ActiveLinks
{
    private readonly Dictionary<ContactId, (PartLink Link, bool Gives)> _ends = [];
    private readonly HashSet<string> _parts = [];

    public ActiveLinks(Graft graft)
    {
        foreach (var part in graft.Parts)
        {
            foreach (var link in part.Links.Where(link => link.Kind.IsActive()))
            {
                _parts.Add(part.Id);
                _ends[Id(part, link.One)] = (link, Gives: false);
                _ends[Id(part, link.Other)] = (link, Gives: true);
            }
        }
    }

    /// <summary>The role of a contact at which such a thing ends, or of the ground it works against; null for every other.</summary>
    public ContactRole? RoleOf(Part part, Port port, Pin pin)
    {
        if (!_parts.Contains(part.Id)) return null;
        if (!_ends.TryGetValue(new ContactId(new PortId(part.Id, port.Id), pin.Position), out var end))
            return part.Kind.OnlyConducts() && pin.Signal.Value.Family == SignalFamily.Ground ? ContactRole.Ground : null;
        return end.Link.Kind == LinkKind.Step ? OfStep(part, pin, end.Link, end.Gives) : OfLine(part, pin, end.Gives);
    }

    // What it is made for stands on the contact, what it gives in its figures or there. Only what runs on standby goes on giving,
    // whatever its far side is called.
    private static ContactRole OfStep(Part part, Pin pin, PartLink link, bool gives)
    {
        var signal = pin.Signal.Value;
        if (gives)
        {
            var taken = part.Ports.FirstOrDefault(port => port.Id == link.One.Port)?.PinAt(link.One.Position).Signal.Value;
            return (link.Figures.Volts ?? signal.SupplyVoltage) is { } volts
                ? ContactRole.Source(volts, taken?.IsStandby == true) : ContactRole.Unknown;
        }

        var role = signal.SupplyVoltage is { } wanted ? ContactRole.Load(wanted, signal.IsStandby)
            : pin.WorksOn is { } range ? ContactRole.Load(range.Low, isStandby: false) : ContactRole.Unknown;
        return pin.WorksOn is { } stated && role.Wants is not null ? role with { Wants = stated } : role;
    }

    private static ContactRole OfLine(Part part, Pin pin, bool gives) => pin.Signal.Value.Family is SignalFamily.Unknown or SignalFamily.None
        ? ContactRole.Unknown
        : RoleTable.OfSignal(part.Kind, pin with { Direction = gives ? SignalDirection.Out : SignalDirection.In }, pin.Signal.Value);

    private static ContactId Id(Part part, InnerEnd end) => new(new PortId(part.Id, end.Port), end.Position);
}
