using System.Text.Json.Nodes;

namespace LooseGraft.SlowJudge;

/// <summary>Makes small grafts whose parts are fed by joints: plugs on strings, splitters, boards that feed on, converters, two plugs on one board.</summary>
public sealed class FeedMaker
{
    private static readonly string[] DrivePins = [.. Three("+3.3 V"), .. Three("ground"), .. Three("+5 V"), "ground", "none", "ground", .. Three("+12 V")];
    private static readonly string[] Peripheral = ["+12 V", "ground", "ground", "+5 V"];

    private readonly Random _random;
    private readonly JsonArray _parts = [];
    private readonly JsonArray _joints = [];
    private readonly JsonArray _strings = [];
    private readonly JsonArray _supplies = [];
    private readonly JsonArray _loads = [];
    private readonly List<(string Id, string Connector, string[] Pins, double? LeadMm)> _supplyPorts = [];

    // Plugs that nothing takes yet.
    private readonly List<(string Port, string Connector, string[] Pins)> _free = [];

    // Whether the supply has two rails of 12 V.
    private readonly bool _hasTwo;

    private FeedMaker(int seed)
    {
        _random = new Random(seed);
        _hasTwo = Chance(0.4);
    }

    /// <summary>Makes one; the same seed gives the same graft.</summary>
    public static string Make(int seed) => new FeedMaker(seed).Make();

    private static IEnumerable<string> Three(string signal) => Enumerable.Repeat(signal, 3);

    private string Make()
    {
        Board();
        for (var lead = _random.Next(1, 3); lead > 0; lead--) String();
        for (var splitter = _random.Next(0, 4); splitter > 0; splitter--) Splitter();
        for (var drive = _random.Next(1, 5); drive > 0; drive--) Drive();
        if (Chance(0.5)) Converter();
        Part("supply", "supply", [.. _supplyPorts.Select(port => Port(port.Id, port.Connector, port.Pins, port.LeadMm))]);
        _supplies.Insert(0, new JsonObject
        {
            ["id"] = "supply",
            ["part"] = "supply",
            ["rails"] = _hasTwo
                ? new JsonArray(Rail("+12 V", 18, "12V1"), Rail("+12 V", 14, "12V2"), Rail("+5 V", 20), Rail("+3.3 V", 20))
                : new JsonArray(Rail("+12 V", 30), Rail("+5 V", 20), Rail("+3.3 V", 20)),
            ["strings"] = _strings,
        });
        return new JsonObject
        {
            ["format"] = "loose-graft",
            ["formatVersion"] = 3,
            ["name"] = "made",
            ["donor"] = new JsonObject { ["name"] = "a donor" },
            ["shell"] = new JsonObject { ["name"] = "a shell" },
            ["parts"] = _parts,
            ["joints"] = _joints,
            ["supplies"] = _supplies,
            ["loads"] = _loads,
        }.ToJsonString();
    }

    // One plug or two feed it; some of its contacts may be unwired, and it feeds a fan and a drive on.
    private void Board()
    {
        var ports = new List<JsonObject>();
        for (var plug = _random.Next(1, 3); plug > 0; plug--)
        {
            string[] pins = [.. Enumerable.Repeat("+12 V", _random.Next(1, 4)), .. Enumerable.Repeat("ground", _random.Next(1, 4)), "+5 V", "+3.3 V"];
            _supplyPorts.Add(($"main{plug}", "power-block", pins, Chance(0.5) ? _random.Next(100, 600) : null));
            if (Chance(0.5)) MainLead($"main{plug}");
            ports.Add(Port($"main{plug}", "power-block", pins, null));
            Join($"supply/main{plug}", $"board/main{plug}", pins);
        }

        string[] fan = ["ground", "+12 V"], outlet = ["+5 V", "ground", "ground", "+12 V"];
        Part("board", "board", [.. ports, Port("fan", "pin-header", fan, null), Port("outlet", "power-block", outlet, null)]);
        Part("fan", "fan", Port("plug", "crimp-plug", fan, Chance(0.5) ? 300 : null));
        Join("board/fan", "fan/plug", fan);
        Load("board", ("+12 V", 6), ("+5 V", 3), ("+3.3 V", 2));
        if (ports.Count > 1 && Chance(0.5)) SocketOf("board", "main2", 4);
        Load("fan", ("+12 V", 0.3));
        _free.Add(("board/outlet", "power-block", outlet));
    }

    private void MainLead(string port)
    {
        var lead = Lead($"lead-{port}", new JsonObject { ["id"] = "p", ["connector"] = "power-block", ["port"] = port });
        if (Chance(0.5)) lead["railWires"] = new JsonArray(Few("+5 V"), Few("ground"));
    }

    private JsonObject Few(string rail) => new() { ["rail"] = rail, ["wires"] = _random.Next(1, 5) };

    private JsonObject Lead(string name, params JsonNode[] plugs)
    {
        var lead = new JsonObject
        {
            ["id"] = name,
            ["name"] = name,
            ["awg"] = _random.Next(16, 23),
            ["wiresEach"] = _random.Next(1, 3),
            ["plugs"] = new JsonArray([.. plugs]),
        };
        if (Chance(0.7)) lead["lengthMm"] = _random.Next(200, 1000);
        if (_hasTwo && Chance(0.8)) lead["rails"] = new JsonArray(Chance(0.5) ? "12V1" : "12V2");
        _strings.Add(lead);
        return lead;
    }

    // Part of what a board takes enters by one of its sockets alone.
    private void SocketOf(string part, string port, double most)
    {
        var draw = Draw("+12 V", most);
        draw["port"] = port;
        _loads.First(load => (string)load!["part"]! == part)!["draws"]!.AsArray().Add(draw);
    }

    private void String()
    {
        var (name, plugs) = ($"string{_strings.Count}", new List<JsonNode>());
        for (var at = 0; at < _random.Next(1, 4); at++)
        {
            var (connector, pins) = Chance(0.5) ? ("drive-power-15", DrivePins) : ("peripheral-power-4", Peripheral);
            var port = $"{name}-{at}";
            _supplyPorts.Add((port, connector, pins, null));
            plugs.Add(new JsonObject { ["id"] = $"p{at}", ["connector"] = connector, ["port"] = port });
            _free.Add(($"supply/{port}", connector, pins));
        }

        Lead(name, [.. plugs]);
    }

    private void Splitter()
    {
        if (_free.Count == 0) return;
        var (name, plug) = ($"splitter{_parts.Count}", Take());
        var links = new JsonArray();
        foreach (var end in Enumerable.Range(0, 2).SelectMany(at => Enumerable.Range(1, plug.Pins.Length).Select(position => (At: at, Position: position))))
            links.Add(new JsonObject { ["one"] = $"in/{end.Position}", ["other"] = $"out{end.At}/{end.Position}", ["kind"] = "wire" });
        var part = Part(name, "adapter", Port("in", plug.Connector, plug.Pins, 100), Port("out0", plug.Connector, plug.Pins, Chance(0.5) ? 150 : null),
            Port("out1", plug.Connector, plug.Pins, null));
        if (Chance(0.5)) part["awg"] = _random.Next(16, 23);
        // Otherwise what is labelled alike is joined.
        if (Chance(0.5)) part["links"] = links;
        Join(plug.Port, $"{name}/in", plug.Pins);
        _free.AddRange([($"{name}/out0", plug.Connector, plug.Pins), ($"{name}/out1", plug.Connector, plug.Pins)]);
    }

    private void Drive()
    {
        if (_free.Count == 0) return;
        var (name, plug) = ($"drive{_parts.Count}", Take());
        Part(name, "drive", Port("power", plug.Connector, plug.Pins, null));
        Join(plug.Port, $"{name}/power", plug.Pins);
        Load(name, ("+12 V", 0.6), ("+5 V", 0.8));
    }

    // It gives on all that it takes, so that its efficiency is no second question.
    private void Converter()
    {
        if (_free.FindIndex(plug => plug.Pins.Contains("+12 V")) < 0) return;
        var plug = Take();
        string[] out_ = ["+9 V", "ground"];
        Part("converter", "converter", Port("in", plug.Connector, [.. plug.Pins.Select(pin => pin is "+12 V" or "ground" ? pin : "none")], null),
            Port("out", "power-block", out_, 200));
        Join(plug.Port, "converter/in", plug.Pins);
        Part("box", "other", Port("in", "power-block", out_, null));
        Join("converter/out", "box/in", out_);
        Load("box", ("+9 V", 2));
        _supplies.Add(new JsonObject
        {
            ["id"] = "converter",
            ["part"] = "converter",
            ["rails"] = new JsonArray(Rail("+9 V", 5)),
            ["efficiency"] = "lossless",
        });
    }

    private (string Port, string Connector, string[] Pins) Take()
    {
        var at = _random.Next(_free.Count);
        var plug = _free[at];
        _free.RemoveAt(at);
        return plug;
    }

    private static JsonObject Rail(string output, double amps, string? name = null)
    {
        var rail = new JsonObject { ["output"] = output, ["limitAmps"] = amps, ["evidence"] = "label" };
        if (name is not null) rail["name"] = name;
        return rail;
    }

    private void Load(string part, params (string Rail, double Most)[] draws)
        => _loads.Add(new JsonObject
        {
            ["id"] = part,
            ["part"] = part,
            ["draws"] = new JsonArray([.. draws.Select(JsonNode (draw) => Draw(draw.Rail, draw.Most))]),
        });

    private JsonObject Draw(string rail, double most)
    {
        var amps = Math.Round(most * _random.NextDouble(), 3);
        var draw = new JsonObject { ["rail"] = rail, ["idleAmps"] = amps, ["typicalAmps"] = amps, ["peakAmps"] = amps, ["evidence"] = "measured" };
        if (Chance(0.3)) draw["holdsPower"] = true;
        return draw;
    }

    private JsonObject Part(string id, string kind, params JsonObject[] ports)
    {
        var part = new JsonObject { ["id"] = id, ["name"] = id, ["kind"] = kind, ["ports"] = new JsonArray([.. ports]) };
        _parts.Add(part);
        return part;
    }

    private static JsonObject Port(string id, string connector, string[] pins, double? leadMm)
    {
        var port = new JsonObject
        {
            ["id"] = id,
            ["name"] = id,
            ["connector"] = connector,
            ["gender"] = "female",
            ["rows"] = 1,
            ["columns"] = pins.Length,
            ["pins"] = new JsonArray([.. pins.Select(JsonNode (pin, index) => new JsonObject
            {
                ["position"] = index + 1, ["signal"] = pin, ["evidence"] = "measured",
            })]),
        };
        if (leadMm is { } length) port["leadMm"] = length;
        return port;
    }

    private void Join(string from, string to, string[] pins)
    {
        var joint = new JsonObject
        {
            ["id"] = $"j{_joints.Count}",
            ["from"] = from,
            ["to"] = to,
            ["method"] = Chance(0.5) ? "rebuild" : "splice",
            ["wires"] = new JsonArray([.. Enumerable.Range(1, pins.Length).Where(position => IsWired(pins, position))
                .Select(JsonNode (position) => new JsonObject { ["from"] = position, ["to"] = position })]),
        };
        if (Chance(0.5)) joint["awg"] = _random.Next(16, 23);
        if (Chance(0.5)) joint["lengthMm"] = _random.Next(50, 500);
        _joints.Add(joint);
    }

    // Here and there a contact is left out, the first of its signal never.
    private bool IsWired(string[] pins, int position)
        => pins[position - 1] is var signal && signal != "none" && (Array.IndexOf(pins, signal) == position - 1 || Chance(0.8));

    private bool Chance(double share) => _random.NextDouble() < share;
}
