using LooseGraft.Core.Feed;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Tests;

/// <summary>Small things to put on the bench of a test.</summary>
internal static class Bench
{
    public static Signal Signal(string name) => Model.Signal.Parse(name) ?? throw new ArgumentException(name);

    public static Pin Pin(int position, string signal, Evidence evidence = Evidence.Measured) => new(position) { Signal = new(Signal(signal), evidence) };

    /// <summary>A bare header at 2.54 mm in one row; signals separated by commas, position 1 first.</summary>
    public static Port Header(string signals, string connector = "pin-header", Gender gender = Gender.Male, int rows = 1, Evidence evidence = Evidence.Measured)
    {
        var names = signals.Split(',', StringSplitOptions.TrimEntries);
        return new Port(gender == Gender.Male ? "header" : "plug", gender == Gender.Male ? "header" : "plug", ConnectorTypes.Find(connector)!, gender)
        {
            OwnRows = rows,
            OwnColumns = names.Length / rows,
            Pins = [.. names.Select((name, index) => name switch
            {
                "absent" => new Pin(index + 1) { Contact = ContactState.Absent },
                "blocked" => new Pin(index + 1) { Contact = ContactState.Blocked },
                "unwired" => new Pin(index + 1) { Contact = ContactState.Unwired, Signal = new(Core.Model.Signal.None, evidence) },
                _ => Pin(index + 1, name, evidence),
            })],
        };
    }

    /// <summary>A crimp plug of sockets, counted like the header it goes on.</summary>
    public static Port Plug(string signals, string connector = "crimp-plug", int rows = 1, Evidence evidence = Evidence.Measured)
        => Header(signals, connector, Gender.Female, rows, evidence) with { OwnNumbering = Numbering.Zigzag };

    public static Part Board(Port port) => new("board", "board", PartKind.Board) { Ports = [port] };

    public static Part Shell(Port port) => new("shell", "shell", PartKind.Panel) { Ports = [port] };

    /// <summary>A graft of one board port and one shell port.</summary>
    public static Graft Joined(Port header, Port plug, JointMethod method = JointMethod.Straight, params (int From, int To)[] wires)
        => Graft.Empty("test") with
        {
            Parts = [Board(header), Shell(plug)],
            Joints = [new Joint("joint", new PortId("board", header.Id), new PortId("shell", plug.Id), method)
            {
                Wires = [.. wires.Select(wire => new Conductor(wire.From, wire.To))],
                Reason = method == JointMethod.LeaveOff ? "not needed" : null,
            }],
        };

    public static Known<Amps> Limit(double amps, Evidence evidence = Evidence.Label) => new(new Amps(amps), evidence);

    public static Spread<Amps> Currents(double low, double likely, double high) => new(new Amps(low), new Amps(likely), new Amps(high));

    public static Draw Draw(string rail, double amps, Evidence evidence = Evidence.Measured)
        => new(rail, Currents(amps / 4, amps / 4, amps / 4), Currents(amps / 2, amps / 2, amps / 2), Currents(amps, amps, amps), evidence);

    /// <summary>A graft with one supply that feeds one board.</summary>
    public static Graft Fed(Supply supply, params ReadOnlySpan<Draw> draws)
        => Graft.Empty("test") with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply), new Part("board", "board", PartKind.Board)],
            Supplies = [supply],
            Loads = [Hung("load", "board", "supply") with { Draws = [.. draws] }],
        };

    /// <summary>A load that is meant to hang on a supply, and joined to nothing.</summary>
    public static Load Hung(string id, string part, string supply) => new(id, part) { Meant = new MeantWay(supply) };

    /// <summary>The same, meant to take a plug.</summary>
    public static Load At(this Load load, string plug) => load with { Meant = load.Meant! with { Plug = plug } };

    /// <summary>The same, meant to be fed on by a port.</summary>
    public static Load At(this Load load, PortId port) => load with { Meant = load.Meant! with { Through = port } };

    /// <summary>How a graft is fed, by what its joints make.</summary>
    public static FeedFlows Flows(Graft graft) => new(graft, WireStage.Review(graft).Circuit.Netlist);

    /// <summary>The room at one place of a supply.</summary>
    public static RoomLeft Room(Graft graft, string supply, string rail, string? plug = null, PortId? port = null)
        => RoomLeft.At(graft, Review.Of(graft).Feed, [(rail, new MeantWay(supply) { Plug = plug, Through = port })])[0];

    /// <summary>A supply with +12 V at 10 A and +5 V at 10 A, 60 W between +5 V and +3.3 V, 150 W in all.</summary>
    public static Supply SmallSupply() => new("supply", "supply")
    {
        Rails = [new Rail(Signal("+12 V"), Limit(10)), new Rail(Signal("+5 V"), Limit(10)), new Rail(Signal("+3.3 V"), Limit(10))],
        Combined = [new CombinedLimit(["+5 V", "+3.3 V"], new(new Watts(60), Evidence.Label))],
        Total = new TotalLimit(new(new Watts(150), Evidence.Label)),
    };
}
