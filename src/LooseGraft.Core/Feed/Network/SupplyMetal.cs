using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Network;

/// <summary>The supplies of a graft in its network: their rails, and the leads from there to the contacts of their plugs.</summary>
internal sealed class SupplyMetal
{
    /// <summary>The rail of a plug that leads back.</summary>
    public const string Ground = RailWires.Ground;

    // Wires and links whose length nobody knows still conduct; a tenth of a milliohm is below any contact.
    internal const double Next = 0.0001;

    private readonly Graft _graft;
    private readonly FeedMetal _metal;
    private readonly Netlist _netlist;
    private readonly Dictionary<string, int> _grounds = [];
    private readonly Dictionary<PortId, (Supply Supply, SupplyLead Lead, int Plug)> _plugs = [];
    private readonly Dictionary<(string Supply, string Lead, int Plug, string Rail), int> _ends = [];
    private readonly ILookup<string, FeedOutlet> _bySupply;
    private readonly ILookup<string, Supply> _ofPart;

    public SupplyMetal(Graft graft, Netlist netlist, FeedMetal metal)
    {
        (_graft, _metal, _netlist, _ofPart) = (graft, metal, netlist, graft.Supplies.ToLookup(supply => supply.Part));
        foreach (var supply in graft.Supplies)
        {
            _grounds[supply.Id] = metal.AddNode();
            foreach (var (lead, at, plug) in supply.Leads.SelectMany(lead => lead.Plugs.Index().Select(plug => (lead, plug.Index, plug.Item))))
            {
                if (plug.Port is { } port) _plugs.TryAdd(new PortId(supply.Part, port), (supply, lead, at));
            }
        }

        Outlets = [.. from supply in graft.Supplies
                      from rail in supply.Rails
                      select new FeedOutlet(supply, rail, metal.AddNode(), _grounds[supply.Id])];
        _bySupply = Outlets.ToLookup(outlet => outlet.Supply.Id);
        foreach (var supply in graft.Supplies) Contacts(supply);
    }

    /// <summary>Every rail of every supply.</summary>
    public IReadOnlyList<FeedOutlet> Outlets { get; }

    /// <summary>The node that the current of a supply comes back to.</summary>
    public int GroundOf(Supply supply) => _grounds[supply.Id];

    /// <summary>Whether what stands on a contact is given by a supply that is described, or is its ground: then no plane of the part joins it.</summary>
    public bool IsOutput(CircuitContact contact)
        => _ofPart.Contains(contact.Part.Id) && (contact.Role.IsReturn || (contact.Role.Kind == RoleKind.Source && OutletFor(contact) is not null));

    /// <summary>The rail of a supply that serves what wants a signal: the one of that name, or one of a voltage that it bears.</summary>
    /// <param name="supply">Id of the supply.</param>
    /// <param name="wanted">What is wanted.</param>
    /// <param name="range">The voltages that do; null for the usual tolerance.</param>
    /// <param name="lead">The lead by which it is wanted, which tells rails of one voltage apart; null for the supply itself.</param>
    /// <param name="named">The rail that is meant, where no lead tells.</param>
    public FeedOutlet? Serving(string supply, Signal wanted, VoltSpan? range = null, SupplyLead? lead = null, string? named = null)
    {
        var alike = Alike(supply, wanted, range);
        if (alike.Length < 2 || lead is null) return alike.FirstOrDefault(outlet => outlet.Rail.Name == named) ?? alike.FirstOrDefault();
        var rail = Supply.RailOn(lead, [.. alike.Select(outlet => outlet.Rail)]);
        return alike.First(outlet => outlet.Rail == rail);
    }

    private FeedOutlet[] Alike(string supply, Signal wanted, VoltSpan? range)
    {
        var own = _bySupply[supply].Where(outlet => outlet.Rail.Output.Name == wanted.Name).ToArray();
        if (own.Length > 0) return own;
        var nearest = _bySupply[supply].Where(outlet => outlet.Rail.Output.IsStandby == wanted.IsStandby && wanted.SupplyVoltage is { } volts
                && (range ?? VoltSpan.Around(volts, Tolerances.Of(volts))).Contains(outlet.Rail.Voltage))
            .MinBy(outlet => Math.Abs(outlet.Rail.Voltage.Value - wanted.SupplyVoltage!.Value.Value));
        return nearest is null ? [] : [.. _bySupply[supply].Where(outlet => outlet.Rail.Output.Name == nearest.Rail.Output.Name)];
    }

    /// <summary>Where one rail, or the ground, comes out of a plug of a lead.</summary>
    public int EndOf(Supply supply, SupplyLead lead, int plug, FeedOutlet? outlet)
    {
        var rail = outlet?.Rail.Name ?? Ground;
        if (_ends.TryGetValue((supply.Id, lead.Id, plug, rail), out var known)) return known;
        var node = outlet?.Node ?? GroundOf(supply);
        for (var at = 0; at < lead.Plugs.Length; at++)
        {
            var end = _metal.AddNode();
            var wires = WiresOf(supply, lead, outlet);
            var ohms = OhmsOf(lead) / lead.Plugs.Length;
            _metal.Add(new FeedBranch(node, end, Next + (ohms / wires))
            {
                From = at > 0 ? null : WiresOf(supply, lead),
                Count = wires,
            });
            _ends[(supply.Id, lead.Id, at, rail)] = node = end;
        }

        return _ends[(supply.Id, lead.Id, plug, rail)];
    }

    /// <summary>The contacts of a plug of a lead.</summary>
    public Conductors ContactsOf(Supply supply, SupplyLead lead, int plug)
    {
        var found = lead.Plugs[plug];
        return new Conductors(
            FeedLimitKey.OfPlug($"{lead.Id}/{found.Id}", ""), $"at {_graft.NameOfPlug(supply, lead, found)}",
            found.Port is { } port ? _graft.NameOf(new PortId(supply.Part, port)) : found.Id, new SupplyLeadSubject(supply.Id, lead.Id),
            found.Type.ContactAmps, Note(found.Type), ContactOhms.Of(found.Type), HasWireEach(found.Type) ? OhmsOf(lead) : 0)
        {
            Bound = new PortBound(found.Type.Port?.OfSupply, null, UsualOf(found.Type)),
        };
    }

    /// <summary>The contacts of any port.</summary>
    /// <param name="part">The part.</param>
    /// <param name="port">Its port.</param>
    /// <param name="feeds">What hangs there; null for what is known by its joints.</param>
    public Conductors ContactsOf(Part part, Port port, Part? feeds = null)
    {
        var id = new PortId(part.Id, port.Id);
        var isSupply = _ofPart.Contains(part.Id);
        // A jack has one contact, so that what is said of the jack is said of its contact.
        var ownContact = port.Type.Housing == Housing.Barrel ? port.Limit : null;
        var conductors = _plugs.TryGetValue(id, out var plug)
            ? ContactsOf(plug.Supply, plug.Lead, plug.Plug)
            : new Conductors(new FeedLimitKey(isSupply ? FeedLimitKind.Plug : FeedLimitKind.Port, Port: id), $"at {port.Name} of {part.Name}", port.Name,
                new PortSubject(id), port.Type.ContactAmps, Note(port.Type), ContactOhms.Of(port.Type));
        var bound = BoundOf(part, port, feeds ?? CardAt(id));
        return conductors with
        {
            // A slot is judged as a whole: what stands for it in a sketch has other contacts than it.
            Amps = bound.Usual == CardSlot.Usual ? null : ownContact?.Amps?.Value ?? conductors.Amps,
            Note = ownContact?.Amps is { } amps ? $"contact of {amps}" : conductors.Note,
            Evidence = ownContact?.Amps is null ? Evidence.Assumed : ownContact.Evidence,
            Bound = bound,
        };
    }

    // What a supply gives at a plug is what its label says, whatever a board would give there.
    private PortBound BoundOf(Part part, Port port, Part? feeds)
    {
        var isSketch = part.Kind == PartKind.Board && feeds?.Kind == PartKind.Card && port.Type.Port is null && port.Type.Housing != Housing.Header;
        var usual = isSketch ? CardSlot.Usual : _ofPart.Contains(part.Id) ? port.Type.Port?.OfSupply : port.Type.Port;
        return new PortBound(usual, port.Limit, isSketch || port.Type.Housing == Housing.Slot ? CardSlot.Note : UsualOf(port.Type));
    }

    // What sits in a port face to face, if that is a card.
    private Part? CardAt(PortId port)
    {
        foreach (var contact in _netlist.ContactsOf(port))
        {
            foreach (var join in _netlist.JoinsAt(contact.Index))
            {
                if (join.Kind == JoinKind.Joint && _netlist.Contacts[join.From(contact.Index)].Part is { Kind: PartKind.Card } card) return card;
            }
        }

        return null;
    }

    private static string Note(ConnectorType type) => type.ContactAmps is { } amps ? $"contact of {amps} A" : UsualOf(type);

    private static string UsualOf(ConnectorType type) => type.Port?.GivenAmps is { } given ? $"usual for such a port, {given} A" : "usual for such a port";

    private void Contacts(Supply supply)
    {
        foreach (var contact in _netlist.ContactsOf(supply.Part))
        {
            if (contact.Pin.Contact != ContactState.Wired || !IsOutput(contact)) continue;
            var isOnLead = _plugs.TryGetValue(contact.Id.Port, out var plug) && plug.Supply.Id == supply.Id;
            var outlet = contact.Role.IsReturn ? null : OutletFor(contact, isOnLead ? plug.Lead : null);
            if (outlet is not null && outlet.Supply.Id != supply.Id) continue;
            if (isOnLead)
            {
                _metal.Merge(EndOf(supply, plug.Lead, plug.Plug, outlet), contact.Index);
            }
            else
            {
                var ohms = WireGauge.Of(WireGauge.Usual).OhmsOver(contact.Port.LeadLength);
                _metal.Add(new FeedBranch(outlet?.Node ?? GroundOf(supply), contact.Index, Next + ohms));
            }
        }
    }

    private FeedOutlet? OutletFor(CircuitContact contact, SupplyLead? lead = null)
        => _ofPart[contact.Part.Id].Select(supply => Serving(supply.Id, contact.Signal, null, lead)).FirstOrDefault(outlet => outlet is not null);

    private static double OhmsOf(SupplyLead lead) => WireGauge.Of(lead.Awg).OhmsOver(lead.Length);

    // A terminal of the larger plugs is crimped to a wire of its own; small ones are bridged in the plug.
    private static bool HasWireEach(ConnectorType type) => ContactOhms.IsLarge(type);

    // What is said of a lead is said of its main supplies: standby and negative rails have a wire for each contact.
    private int WiresOf(Supply supply, SupplyLead lead, FeedOutlet? outlet)
    {
        if (lead.RailWires.FirstOrDefault(few => few.Rail == (outlet?.Rail.Name ?? Ground)) is { } said) return said.Wires;
        if (lead.Plugs is not [var only] || !HasWireEach(only.Type)) return lead.WiresEach;
        var contacts = ContactCount(supply, only, outlet?.Rail.Output.Name ?? Ground);
        var isMain = outlet is null or { Rail: { Output.IsStandby: false, Voltage.Value: > 0 } };
        return isMain || contacts == 0 ? Math.Max(lead.WiresEach, contacts) : contacts;
    }

    private static Conductors WiresOf(Supply supply, SupplyLead lead) => new(
        FeedLimitKey.OfWire(lead.Id, ""), $"along {lead.Name}", lead.Name, new SupplyLeadSubject(supply.Id, lead.Id), WireGauge.Of(lead.Awg).Amps,
        $"wire of {lead.Awg} AWG", ContactOhms.Of(lead.Plugs[0].Type), OhmsOf(lead));

    /// <summary>How many contacts of a plug carry a signal: as described, or as is usual for its kind.</summary>
    public int ContactCount(Supply supply, SupplyPlug plug, string signal)
    {
        var described = 0;
        if (plug.Port is { } port)
        {
            foreach (var contact in _netlist.ContactsOf(new PortId(supply.Part, port)))
            {
                if (contact.Pin.Contact == ContactState.Wired && contact.Signal.Name == signal) described++;
            }
        }

        return described > 0 ? described : plug.Type.Pinout.Count(each => each == signal);
    }
}
