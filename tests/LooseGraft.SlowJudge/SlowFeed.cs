using System.Text.Json;

namespace LooseGraft.SlowJudge;

/// <summary>What flows in a graft of <see cref="FeedMaker"/>, by every contact a node of its own and all of them solved at once: voltages, not drops.</summary>
public sealed class SlowFeed
{
    private const double Least = 0.0001;

    private static readonly Dictionary<int, double> OhmsPerMetre = new()
    {
        [16] = 0.0132,
        [18] = 0.0210,
        [20] = 0.0333,
        [22] = 0.0530,
    };

    private readonly Network _network = new();
    private readonly Dictionary<string, int> _nodes = [];
    private readonly Dictionary<string, string> _same = [];
    private readonly Dictionary<string, string> _signals = [];
    private readonly Dictionary<string, (int Branch, double Volts)> _outputs = [];
    private readonly List<(string From, string To, int Branch)> _joints = [];
    private readonly Dictionary<string, double> _leads = [];
    private readonly Dictionary<string, string> _connectors = [];
    private readonly Dictionary<string, string> _kinds = [];
    private readonly List<(int Draw, string Node, string Ground, double Volts, Func<double[], double> Watts)> _holding = [];
    private readonly HashSet<string> _apart = [];
    private readonly Dictionary<string, string> _railOf = [];
    private readonly JsonElement _graft;
    private readonly double[] _volts;

    /// <summary>Solves the graft of a document.</summary>
    public SlowFeed(string json)
    {
        _graft = JsonDocument.Parse(json).RootElement;
        foreach (var part in Items(_graft, "parts")) Read(part);
        foreach (var load in Items(_graft, "loads"))
        {
            foreach (var draw in Items(load, "draws").Where(draw => draw.TryGetProperty("port", out _)))
                _apart.Add($"{Text(load, "part")}/{Text(draw, "port")} {Text(draw, "rail")}");
        }

        foreach (var supply in Items(_graft, "supplies")) Supply(supply);
        foreach (var part in Items(_graft, "parts")) Inside(part);
        foreach (var joint in Items(_graft, "joints")) Joint(joint);
        foreach (var load in Items(_graft, "loads"))
        {
            foreach (var draw in Items(load, "draws")) Draw(Text(load, "part"), draw);
        }

        // It gives on all that it takes.
        if (_kinds.ContainsKey("converter"))
            Hold("plane converter +12 V", "converter ground", 12, volts => 9 * _network.Current(_outputs["converter +9 V"].Branch, volts));
        _volts = Settle();
    }

    // Each takes its watts at the voltage that the last solution left it, until none changes.
    private double[] Settle()
    {
        var volts = _network.Solve(_nodes.Count);
        for (var change = 1.0; change > 1e-6;)
        {
            change = 0;
            foreach (var (draw, node, ground, nominal, watts) in _holding)
            {
                var supply = _railOf[node];
                var lost = volts[Node(supply)] - volts[Node($"{supply[..supply.IndexOf(' ')]} ground")] - (volts[Node(node)] - volts[Node(ground)]);
                var (before, amps) = (_network.Current(draw, volts), watts(volts) / (nominal - lost));
                _network.SetDraw(draw, amps);
                if (amps != before) change = Math.Max(change, Math.Abs(amps - before) / Math.Max(amps, before));
            }

            if (change > 0) volts = _network.Solve(_nodes.Count);
        }

        return volts;
    }

    private void Hold(string node, string ground, double volts, Func<double[], double> watts)
    {
        // The first rail of that voltage to which conductors lead.
        if (_outputs.Keys.FirstOrDefault(output => _outputs[output].Volts == volts && _network.Connects(Node(output), Node(node))) is not { } rail) return;
        _railOf[node] = rail;
        _holding.Add((_network.Draw(Node(node), Node(ground), 0), node, ground, volts, watts));
    }

    /// <summary>What each rail of each supply gives, in amperes, by supply and rail.</summary>
    public IEnumerable<(string Rail, double Amps)> Rails => _outputs.Select(output => (output.Key, _network.Current(output.Value.Branch, _volts)));

    /// <summary>What leaves each joined contact towards what is joined to it, in amperes; by port and position.</summary>
    public IEnumerable<(string Contact, double Amps)> Out
        => _joints.SelectMany(joint => new[]
        {
            (Contact: joint.From, Amps: -_network.Current(joint.Branch, _volts)), (Contact: joint.To, Amps: _network.Current(joint.Branch, _volts)),
        });

    private static IEnumerable<JsonElement> Items(JsonElement owner, string name)
        => owner.TryGetProperty(name, out var list) ? list.EnumerateArray().AsEnumerable() : [];

    private static string Text(JsonElement owner, string name) => owner.GetProperty(name).GetString()!;

    private void Read(JsonElement part)
    {
        _kinds[Text(part, "id")] = Text(part, "kind");
        foreach (var port in Items(part, "ports"))
        {
            var name = $"{Text(part, "id")}/{Text(port, "id")}";
            _connectors[name] = Text(port, "connector");
            _leads[name] = port.TryGetProperty("leadMm", out var length) ? length.GetDouble() / 1000 : 0;
            foreach (var pin in Items(port, "pins")) _signals[$"{name}/{pin.GetProperty("position").GetInt32()}"] = Text(pin, "signal");
        }
    }

    private void Supply(JsonElement supply)
    {
        var (id, part) = (Text(supply, "id"), Text(supply, "part"));
        var gives = new HashSet<string>();
        foreach (var rail in Items(supply, "rails"))
        {
            var (signal, limit) = (Text(rail, "output"), rail.GetProperty("limitAmps").GetDouble());
            var volts = double.Parse(signal.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
            var name = rail.TryGetProperty("name", out var label) ? label.GetString()! : signal;
            _outputs[$"{id} {name}"] = (_network.Source(Node($"{id} {name}"), Node($"{id} ground"), volts, 0.01 * volts / limit), volts);
            gives.Add(signal);
        }

        gives.Add("ground");
        var tied = new HashSet<string>();
        foreach (var lead in Items(supply, "strings")) String(id, part, lead, tied);
        // A port on no string has a wire of 18 AWG for each contact.
        foreach (var (contact, signal) in _signals.Where(pin => pin.Key.StartsWith(part + "/", StringComparison.Ordinal) && gives.Contains(pin.Value)))
        {
            var port = contact[..contact.LastIndexOf('/')];
            if (!tied.Contains(port)) _network.Resistor(Node(RailOf(id, signal, default)), Node(contact), Least + (0.0210 * _leads[port]));
        }
    }

    // The rail of a signal that is said of a lead, or the first of it.
    private string RailOf(string supply, string signal, JsonElement lead)
    {
        var said = lead.ValueKind == JsonValueKind.Object ? Items(lead, "rails").Select(rail => rail.GetString()!).ToArray() : [];
        var alike = Items(Items(_graft, "supplies").First(each => Text(each, "id") == supply), "rails").Where(rail => Text(rail, "output") == signal)
            .Select(rail => rail.TryGetProperty("name", out var label) ? label.GetString()! : signal).ToArray();
        return $"{supply} {alike.FirstOrDefault(said.Contains) ?? alike.FirstOrDefault() ?? signal}";
    }

    // From plug to plug, as many wires side by side as are said; where it ends in one plug of the larger kinds, one for each contact if those are more.
    private void String(string supply, string part, JsonElement lead, HashSet<string> tied)
    {
        var plugs = Items(lead, "plugs").Select(plug => $"{part}/{Text(plug, "port")}").ToArray();
        var length = lead.TryGetProperty("lengthMm", out var millimetres) ? millimetres.GetDouble() / 1000 : 0;
        var (perMetre, each) = (PerMetre(lead), lead.GetProperty("wiresEach").GetInt32());
        foreach (var signal in new[] { "+12 V", "+5 V", "+3.3 V", "ground" })
        {
            var before = RailOf(supply, signal, lead);
            var few = Items(lead, "railWires").Where(each => Text(each, "rail") == signal).Select(each => (int?)each.GetProperty("wires").GetInt32())
                .FirstOrDefault();
            foreach (var (index, plug) in plugs.Index())
            {
                tied.Add(plug);
                var contacts = Contacts(plug, signal).ToArray();
                var wires = few ?? (plugs.Length == 1 && _connectors[plug] != "drive-power-15" ? Math.Max(each, contacts.Length) : each);
                var end = $"end {Text(lead, "id")} {index} {signal}";
                _network.Resistor(Node(before), Node(end), Least + (perMetre * length / plugs.Length / wires));
                foreach (var contact in contacts) Merge(contact, end);
                before = end;
            }
        }
    }

    private IEnumerable<string> Contacts(string port, string signal)
        => _signals.Where(pin => pin.Key.StartsWith(port + "/", StringComparison.Ordinal) && pin.Value == signal).Select(pin => pin.Key);

    private void Inside(JsonElement part)
    {
        var id = Text(part, "id");
        if (_kinds[id] is "supply") return;
        foreach (var (contact, signal) in _signals.Where(pin => pin.Key.StartsWith(id + "/", StringComparison.Ordinal) && pin.Value != "none").ToArray())
        {
            var port = contact[..contact.LastIndexOf('/')];
            // What a converter gives, and its ground, are those of a supply.
            if (_kinds[id] == "converter" && (port == "converter/out" || signal == "ground")) continue;
            if (_kinds[id] != "adapter") Merge(contact, _apart.Contains($"{port} {signal}") ? $"plane {port} {signal}" : $"plane {id} {signal}");
            else if (!part.TryGetProperty("links", out _))
                _network.Resistor(Node(contact), Node($"star {id} {signal}"), Least + (PerMetre(part) * _leads[port]));
        }

        foreach (var link in Items(part, "links"))
        {
            var (one, other) = ($"{id}/{Text(link, "one")}", $"{id}/{Text(link, "other")}");
            if (_signals[one] != "none") _network.Resistor(Node(one), Node(other), Least + (PerMetre(part) * (LeadOf(one) + LeadOf(other))));
        }
    }

    private void Joint(JsonElement joint)
    {
        var (from, to) = (Text(joint, "from"), Text(joint, "to"));
        foreach (var wire in Items(joint, "wires"))
        {
            var (one, other) = ($"{from}/{wire.GetProperty("from").GetInt32()}", $"{to}/{wire.GetProperty("to").GetInt32()}");
            var ohms = Ohms(joint, ContactOhms(from), ContactOhms(to));
            _joints.Add((one, other, _network.Resistor(Node(one), Node(other), ohms)));
        }
    }

    // A lead that is made has a plug at each end; what is spliced has one contact, and a wire of its own only where that is said.
    private static double Ohms(JsonElement joint, double from, double to)
    {
        var (isSaid, isMade) = (joint.TryGetProperty("awg", out _) | joint.TryGetProperty("lengthMm", out var length), Text(joint, "method") == "rebuild");
        var wire = isSaid || isMade ? Least + (PerMetre(joint) * (length.ValueKind == JsonValueKind.Number ? length.GetDouble() / 1000 : 0)) : 0;
        return wire + (isMade ? from + to : Math.Max(from, to) + (isSaid ? Least : 0));
    }

    // Where no gauge is said, 18.
    private static double PerMetre(JsonElement of)
    {
        var gauge = of.TryGetProperty("awg", out var said) ? said.GetInt32() : 18;
        return OhmsPerMetre.TryGetValue(gauge, out var known) ? known : Math.Sqrt(OhmsPerMetre[gauge - 1] * OhmsPerMetre[gauge + 1]);
    }

    private double LeadOf(string contact) => _leads[contact[..contact.LastIndexOf('/')]];

    private double ContactOhms(string port) => _connectors[port] is "power-block" or "peripheral-power-4" ? 0.0075 : 0.020;

    private void Draw(string part, JsonElement draw)
    {
        var (rail, amps) = (Text(draw, "rail"), draw.GetProperty("peakAmps").GetDouble());
        var from = draw.TryGetProperty("port", out var port) ? $"{part}/{port.GetString()}" : part;
        if (!_signals.Any(pin => pin.Key.StartsWith(from + "/", StringComparison.Ordinal) && pin.Value == rail)) return;
        var (node, ground) = ($"plane {from} {rail}", $"plane {part} ground");
        var volts = double.Parse(rail.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
        if (draw.TryGetProperty("holdsPower", out _)) Hold(node, ground, volts, _ => volts * amps);
        else _network.Draw(Node(node), Node(ground), amps);
    }

    private void Merge(string one, string other) => _same[Root(one)] = Root(other);

    private string Root(string name) => _same.TryGetValue(name, out var other) && other != name ? Root(other) : name;

    private int Node(string name) => _nodes.TryGetValue(Root(name), out var node) ? node : _nodes[Root(name)] = _nodes.Count;
}
