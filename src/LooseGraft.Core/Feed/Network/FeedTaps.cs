using LooseGraft.Core.Circuit;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Network;

/// <summary>Where each draw enters the network, and what is put in where nothing leads to it yet.</summary>
/// <remarks>First by joints alone; then what is meant is put in for what no joint feeds; then what is still not fed hangs on the supply itself.</remarks>
internal sealed class FeedTaps
{
    private readonly Graft _graft;
    private readonly Netlist _netlist;
    private readonly SupplyMetal _supplies;
    private readonly FeedMetal _metal;
    private readonly SocketsApart _apart;

    // The contacts by which boards give on.
    private readonly CircuitContact[] _givers;

    // Hundreds of draws name the same few rails.
    private readonly Dictionary<string, Signal> _rails = [];
    private readonly Dictionary<(string Part, string Rail), int> _planes = [];
    private readonly Dictionary<(string Supply, string Plug, string Rail), int> _plugs = [];
    private readonly Dictionary<(PortId Port, string Rail), int> _ports = [];

    private FeedTaps(Graft graft, Netlist netlist, SupplyMetal supplies, FeedMetal metal)
        => (_graft, _netlist, _supplies, _metal, _apart, _givers) = (graft, netlist, supplies, metal, new SocketsApart(graft),
            [.. netlist.Contacts.Where(contact => contact.Role.Kind == RoleKind.Rail)]);

    /// <summary>Puts in what is meant and what hangs loose, and gives every draw that some supply serves.</summary>
    public static List<FeedTap> Of(Graft graft, Netlist netlist, SupplyMetal supplies, FeedMetal metal)
    {
        var taps = new FeedTaps(graft, netlist, supplies, metal);
        return taps.Place([.. from load in graft.Loads from draw in load.Draws select new FeedTap(load, draw, null), .. taps.Inputs()]);
    }

    private List<FeedTap> Place(List<FeedTap> taps)
    {
        var pieces = new FeedPieces(_metal, _supplies.Outlets);
        var wants = taps.ToDictionary(tap => tap, WantOf);
        foreach (var tap in taps)
        {
            tap.Node = NodeOf(tap, wants[tap], pieces.IsFed);
            tap.Hold = pieces.IsBroken(tap.Node) ? FeedHold.NotSolved : pieces.IsFed(tap.Node) ? FeedHold.Joined : FeedHold.NotWired;
        }

        foreach (var tap in taps.Where(tap => tap.Hold == FeedHold.NotWired && MeantOf(tap) is not null)) Mean(tap, wants[tap], pieces);
        pieces = new FeedPieces(_metal, _supplies.Outlets);
        foreach (var tap in taps.Where(tap => tap.Hold == FeedHold.NotWired && pieces.IsFed(tap.Node))) tap.Hold = FeedHold.Meant;
        foreach (var tap in taps.Where(tap => tap.Hold == FeedHold.NotWired)) HangLoose(tap, wants[tap], pieces);
        pieces = new FeedPieces(_metal, _supplies.Outlets);
        foreach (var tap in taps)
        {
            tap.Outlet = tap.Hold == FeedHold.NotSolved || pieces.IsBroken(tap.Node) ? OutletFor(tap, wants[tap]) : pieces.OutletsAt(tap.Node).FirstOrDefault();
            if (tap.Outlet is not { } outlet) continue;
            if (pieces.IsBroken(tap.Node)) (tap.Hold, tap.Node) = (FeedHold.NotSolved, outlet.Node);
            var back = BackOf(tap);
            tap.Return = back is { } node && _metal.PieceOf(node) == _metal.PieceOf(outlet.Ground) && !pieces.IsBroken(node) ? node : outlet.Ground;
        }

        return [.. taps.Where(tap => tap.Outlet is not null)];
    }

    // What is fed on by a port goes back the way that the port's own part does; what hangs loose comes back by no joint.
    private int? BackOf(FeedTap tap) => tap.Hold switch
    {
        FeedHold.Meant when MeantOf(tap) is { Through: { } port } => GroundOf(port.Part),
        FeedHold.Joined or FeedHold.Meant => tap.Feeds is { } supply ? _supplies.GroundOf(supply) : GroundOf(tap.Part),
        _ => null,
    };

    // What a converter takes: by the contact that a joint feeds, or as it is meant.
    private IEnumerable<FeedTap> Inputs()
        => _graft.Supplies.Where(supply => supply.Meant is not null || InputOf(supply.Part) is not null).Select(supply => new FeedTap(null, null, supply));

    private CircuitContact? InputOf(string part)
    {
        foreach (var contact in _netlist.ContactsOf(part))
        {
            if (contact.Role.Kind == RoleKind.Load && _netlist.IsWired(contact)) return contact;
        }

        return null;
    }

    private Signal WantOf(FeedTap tap)
        => tap.Draw is { } draw ? Named(draw.Rail)
            : InputOf(tap.Part)?.Signal is { SupplyVoltage: not null } input ? input
            : tap.Feeds!.Meant is { } meant ? OutputOf(meant) : Signal.Unknown;

    private Signal Named(string rail) => _rails.TryGetValue(rail, out var known) ? known : _rails[rail] = Signal.Parse(rail)!;

    private Signal OutputOf(MeantInput meant)
        => _graft.Supplies.FirstOrDefault(supply => supply.Id == meant.Supply)?.Rails.FirstOrDefault(rail => rail.Name == meant.Rail)?.Output
            ?? Signal.Parse(meant.Rail) ?? Signal.Unknown;

    private static MeantWay? MeantOf(FeedTap tap) => tap switch
    {
        { Load.Meant: { } way } => way,
        { Feeds.Meant: { } input } => new MeantWay(input.Supply) { Plug = input.Plug, Rail = input.Rail },
        _ => null,
    };

    // The contacts of a part that take, or pass on, what is wanted; those first that something feeds.
    private int NodeOf(FeedTap tap, Signal wanted, Func<int, bool> isFed)
        => tap.Draw?.Socket is not { } socket ? NodeOf(tap.Part, wanted, isFed)
            : NodeOf(_netlist.ContactsOf(new PortId(tap.Part, socket)), wanted, isFed) ?? PlaneOf($"{tap.Part}/{socket}", wanted.Name);

    // What enters by a socket of its own feeds nothing else of the part.
    private int NodeOf(string part, Signal wanted, Func<int, bool> isFed)
        => NodeOf(_netlist.ContactsOf(part), wanted, isFed, isApart: false) ?? NodeOf(_netlist.ContactsOf(part), wanted, isFed)
            ?? PlaneOf(part, wanted.Name);

    private int? NodeOf(ReadOnlySpan<CircuitContact> contacts, Signal wanted, Func<int, bool> isFed, bool isApart = true)
    {
        int? first = null;
        foreach (var contact in contacts)
        {
            if (contact.Pin.Contact != ContactState.Wired || _supplies.IsOutput(contact) || !Takes(contact, wanted)) continue;
            if (!isApart && _apart.Contains(contact)) continue;
            if (isFed(contact.Index)) return contact.Index;
            first ??= contact.Index;
        }

        return first;
    }

    internal static bool Takes(CircuitContact contact, Signal wanted)
        => contact.Signal.Name == wanted.Name
            || (contact.Role is { Kind: RoleKind.Load or RoleKind.Rail, Wants: { } wants } && wanted.SupplyVoltage is { } volts && wants.Contains(volts)
                && contact.Role.IsStandby == wanted.IsStandby);

    private int PlaneOf(string part, string rail)
        => _planes.TryGetValue((part, rail), out var node) ? node : _planes[(part, rail)] = _metal.AddNode();

    private int? GroundOf(string part)
    {
        foreach (var contact in _netlist.ContactsOf(part))
        {
            if (contact.Role.IsReturn && contact.Pin.Contact == ContactState.Wired && !_supplies.IsOutput(contact)) return contact.Index;
        }

        return _planes.TryGetValue((part, SupplyMetal.Ground), out var node) ? node : null;
    }

    private void Mean(FeedTap tap, Signal wanted, FeedPieces pieces)
    {
        var (supply, plug, through) = (MeantOf(tap)!.Supply, MeantOf(tap)!.Plug, MeantOf(tap)!.Through);
        if (Meant(MeantOf(tap)!, wanted, RangeOf(tap.Part, wanted)) is not { } outlet) return;
        if (through is { } port && port.Part != tap.Part && _graft.FindPort(port) is { } found)
        {
            _metal.Merge(tap.Node, PortEnd(port, found, wanted, tap.Part));
            // What feeds it on and is joined to nothing is fed as it is meant to be itself.
            var on = NodeOf(port.Part, wanted, pieces.IsFed);
            if (!pieces.IsFed(on) && PlugOf(port.Part, supply) is { } own
                && Meant(new MeantWay(supply) { Plug = own }, wanted, null) is { } upstream) _metal.Merge(on, PlugEnd(upstream, own, wanted.Name));
        }
        else if (plug is not null)
        {
            _metal.Merge(tap.Node, PlugEnd(outlet, plug, wanted.Name));
            _metal.Merge(GroundOf(tap.Part) ?? PlaneOf(tap.Part, SupplyMetal.Ground), PlugEnd(outlet, plug, SupplyMetal.Ground));
        }
    }

    private string? PlugOf(string part, string supply)
        => _graft.Loads.FirstOrDefault(load => load.Part == part && load.Meant is { Plug: not null } meant && meant.Supply == supply)?.Meant!.Plug;

    // Behind the contacts of a plug that a part is meant to take.
    private int PlugEnd(FeedOutlet outlet, string plug, string signal)
    {
        var rail = signal == SupplyMetal.Ground ? null : outlet;
        var key = (outlet.Supply.Id, plug, rail?.Rail.Name ?? SupplyMetal.Ground);
        if (_plugs.TryGetValue(key, out var known)) return known;
        var (lead, at) = outlet.Supply.FindPlug(plug)!.Value;
        var (conductors, end) = (_supplies.ContactsOf(outlet.Supply, lead, at), _metal.AddNode());
        var contacts = Math.Max(1, _supplies.ContactCount(outlet.Supply, lead.Plugs[at], rail?.Rail.Output.Name ?? SupplyMetal.Ground));
        _metal.Add(new FeedBranch(_supplies.EndOf(outlet.Supply, lead, at, rail), end, conductors.Contact.Usual / contacts)
        {
            From = conductors,
            Count = contacts,
        });
        return _plugs[key] = end;
    }

    // Behind the contacts of a port that is meant to feed a part on.
    private int PortEnd(PortId id, Port port, Signal wanted, string feeds)
    {
        if (_ports.TryGetValue((id, wanted.Name), out var known)) return known;
        var part = _graft.FindPart(id.Part)!;
        var (conductors, end) = (_supplies.ContactsOf(part, port, _graft.FindPart(feeds)), _metal.AddNode());
        var contacts = 0;
        var from = -1;
        foreach (var contact in _netlist.ContactsOf(id))
        {
            if (contact.Pin.Contact != ContactState.Wired || !Takes(contact, wanted)) continue;
            contacts++;
            from = contact.Index;
        }

        _metal.Add(new FeedBranch(contacts == 0 ? NodeOf(id.Part, wanted, _ => false) : from, end, conductors.Contact.Usual / Math.Max(1, contacts))
        {
            From = conductors,
            Count = Math.Max(1, contacts),
        });
        return _ports[(id, wanted.Name)] = end;
    }

    // At the board that would feed it on, where one is joined to it; otherwise at the part itself.
    private void HangLoose(FeedTap tap, Signal wanted, FeedPieces pieces)
    {
        if (OutletFor(tap, wanted) is not { } outlet || pieces.IsFed(tap.Node) || _metal.PieceOf(tap.Node) == _metal.PieceOf(outlet.Node)) return;
        var piece = _metal.PieceOf(tap.Node);
        var giver = Array.Find(_givers, contact => _metal.PieceOf(contact.Index) == piece);
        _metal.Merge(giver?.Index ?? tap.Node, outlet.Node);
    }

    private FeedOutlet? OutletFor(FeedTap tap, Signal wanted)
    {
        var range = RangeOf(tap.Part, wanted);
        if (MeantOf(tap) is { } meant) return Meant(meant, wanted, range);
        var serving = _graft.Supplies.Where(supply => supply.Part != tap.Part).Select(supply => _supplies.Serving(supply.Id, wanted, range))
            .OfType<FeedOutlet>().ToArray();
        return serving is [var only] ? only : null;
    }

    private FeedOutlet? Meant(MeantWay way, Signal wanted, VoltSpan? range)
    {
        var supply = _graft.Supplies.FirstOrDefault(each => each.Id == way.Supply);
        return _supplies.Serving(way.Supply, wanted, range, way.Plug is { } plug ? supply?.FindPlug(plug)?.Lead : null, way.Rail);
    }

    private VoltSpan? RangeOf(string part, Signal wanted)
    {
        foreach (var contact in _netlist.ContactsOf(part))
        {
            if (contact.Role.Kind == RoleKind.Load && contact.Signal.Name == wanted.Name) return contact.Role.Wants;
        }

        return null;
    }
}
