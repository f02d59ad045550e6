namespace LooseGraft.SlowJudge;

/// <summary>The whole network of a graft in one state of switches and power.</summary>
internal sealed class Desk
{
    private const double InputOhms = 1e5;

    private readonly Dictionary<string, int> _nodes = [];
    private readonly SlowGraft _graft;
    private readonly Islands _islands;
    private readonly string? _off;
    private readonly bool _isIdle;

    public Desk(SlowGraft graft, Islands islands, int closed, bool standby, bool isBolted = false, string? off = null, bool isIdle = false)
    {
        _graft = graft;
        _islands = islands;
        _off = off;
        _isIdle = isIdle;
        var wired = graft.Joins.SelectMany(join => new[] { join.One, join.Other })
            .Concat(graft.Elements.SelectMany(element => new[] { element.One, element.Other })).ToHashSet();
        foreach (var join in graft.Joins.Where(join => SlowGraft.IsMade(join, closed)))
            Network.Resistor(Node(Name(join.One)), Node(Name(join.Other)), join.Switch < 0 ? 0.01 : 0.02);
        foreach (var element in graft.Elements)
        {
            var (one, other) = (Node(Name(element.One)), Node(Name(element.Other)));
            if (element.Kind == "diode") Network.Diode(one, other, element.Threshold!.Value, 0.1);
            else if (element.Threshold is { } threshold) Network.Diode(one, other, threshold, element.Resistance);
            else Network.Resistor(one, other, element.Resistance);
            if (element.HasDiode) Network.Diode(other, one, 0.6, 0.1);
        }

        foreach (var (one, other) in graft.ByLabel()) Network.Resistor(Node(Name(one)), Node(Name(other)), 0.01);
        foreach (var pin in graft.Pins.Where(wired.Contains))
        {
            if (Plane(pin) is { } plane) Network.Resistor(Node(Name(pin)), Node(plane), 0.005);
        }

        // All but fans and what is in a panel touches the shell sooner or later, which is metal as often as not.
        if (isBolted)
        {
            foreach (var pin in graft.Pins.Where(pin => pin is { Conducts: false, Kind: not ("fan" or "lamp" or "panel" or "speaker") }))
                Network.Resistor(Node(Ground(pin)), Node("shell"), 0.05);
        }

        // Tied to its like it is joined, and waits for nothing.
        Power([.. graft.Joins.Where(join => (join.One.Part, join.One.Signal) != (join.Other.Part, join.Other.Signal))
                .SelectMany(join => new[] { join.One, join.Other }),
            .. graft.Elements.SelectMany(element => new[] { element.One, element.Other })], standby);
        Legs(wired);
        foreach (var pin in graft.Pins.Where(pin => wired.Contains(pin) && SlowSignals.Of(pin).Kind != SlowPartKind.Wire))
        {
            Signals.Add((pin, Node(Name(pin)), Node(Ground(pin))));
            Network.Resistor(Node(Name(pin)), Node(Ground(pin)), InputOhms);
        }
    }

    public Network Network { get; } = new();

    public List<(string Name, int Sign, int Branch)> Sources { get; } = [];

    public List<SlowLoad> Loads { get; } = [];

    public List<(string Name, int Plus, int Minus, double? Volts)> Lights { get; } = [];

    public List<(SlowPin Pin, int Node, int Ground)> Signals { get; } = [];

    /// <summary>Each supply that a part has contacts for, and how much of its volts is there.</summary>
    public IEnumerable<(string Part, double Share)> Planes(double[] volts)
        => from pin in _graft.Pins
           where pin.Volts is not null && Plane(pin) is not null && _nodes.ContainsKey(Plane(pin)!) && _nodes.ContainsKey(Ground(pin))
           select (pin.Part, Math.Abs((volts[Node(Plane(pin)!)] - volts[Node(Ground(pin))]) / pin.Volts!.Value));

    /// <summary>The volts of each node.</summary>
    public double[] Solve() => Network.Solve(_nodes.Count);

    /// <summary>Lets a driver drive.</summary>
    /// <returns>Its branch; null when it does nothing in that direction, or is not wired.</returns>
    public int? Drive(SlowPin pin, bool isUp)
    {
        var part = SlowSignals.Of(pin);
        if (!Signals.Exists(signal => signal.Pin == pin) || (isUp && part.Kind == SlowPartKind.Open)) return null;
        return Network.Source(
            Node(Name(pin)), Node(Ground(pin)), isUp ? part.HighVolts : part.Kind == SlowPartKind.Bridge ? -part.HighVolts : 0, part.OutputOhms);
    }

    /// <summary>What an element sees.</summary>
    public (double Volts, double Amps) Through(SlowElement element, double[] volts)
    {
        var across = volts[Node(Name(element.One))] - volts[Node(Name(element.Other))];
        var forward = element.Threshold is { } threshold
            ? Math.Max(0, across - threshold) / (element.Kind == "diode" ? 0.1 : element.Resistance) : across / element.Resistance;
        return (across, forward - (element.HasDiode ? Math.Max(0, -across - 0.6) / 0.1 : 0));
    }

    /// <summary>The ohms behind a node: by how much its voltage gives way to a kilohm more.</summary>
    public double OhmsBehind(int node, int ground, double[] volts)
    {
        const double Test = 1000;
        var open = volts[node] - volts[ground];
        var branch = Network.Resistor(node, ground, Test);
        var loaded = Solve();
        Network.Remove(branch);
        return Test * ((open / (loaded[node] - loaded[ground])) - 1);
    }

    public bool IsGrounded(SlowPin pin) => _graft.Pins.Exists(other => other.IsGround && !other.Conducts && _islands.Joins(pin, other));

    public bool AreJoined(SlowPin one, SlowPin other) => _islands.Joins(one, other);

    private static string Name(SlowPin pin) => $"{pin.Port}/{pin.Position}";

    // Sockets and lights of a panel have nothing in common but their place.
    private static string Home(SlowPin pin) => pin.Kind is "panel" or "lamp" or "speaker" ? pin.Port : pin.Part;

    private static string Ground(SlowPin pin) => $"{Home(pin)} ground";

    private static string? Plane(SlowPin pin)
        => !pin.Conducts && pin.Direction != "passive" && (pin.IsGround || pin.Volts is not null) ? $"{Home(pin)} {pin.Signal}" : null;

    private void Power(HashSet<SlowPin> met, bool standby)
    {
        var supplies = _graft.Pins.Where(pin => pin.Gives).Select(pin => pin.Part).Distinct().ToList();
        foreach (var plane in _graft.Pins.Where(pin => pin.Volts is not null && Plane(pin) is not null).GroupBy(pin => Plane(pin)!))
        {
            var pin = plane.First();
            var (plus, minus, volts) = (Node(plane.Key), Node(Ground(pin)), pin.Volts!.Value);
            var isOff = (standby && !pin.IsStandby) || (pin.Gives && pin.Part == _off) || (!pin.Gives && IsLeftWithout(pin.Part));
            // A board whose supply comes from nowhere in the graft makes it itself.
            var isMade = pin.IsBoard && !plane.Any(each => _graft.Pins.Exists(other => other.Gives && other.Volts is not null && _islands.Reach(each, other)));
            if (pin.Gives || isMade)
            {
                // No two supplies are set quite alike.
                if (isOff) Network.Resistor(plus, minus, 50);
                else Sources.Add((plane.Key, Math.Sign(volts), Network.Source(plus, minus, volts * (1 + (0.02 * supplies.IndexOf(pin.Part))), 0.01)));
                if (isOff) Loads.Add(new SlowLoad(plane.Key, plus, minus, volts, true, false, false, true));
            }
            else
            {
                Network.Resistor(plus, minus, Math.Abs(volts) / (_isIdle ? 0.1 : pin.IsBoard ? 1 : 0.5));
                Loads.Add(new SlowLoad(
                    plane.Key, plus, minus, volts, pin.IsBoard && !pin.IsStandby, pin.IsStandby, plane.Any(met.Contains), pin.Kind is "fan" or "lamp"));
            }
        }
    }

    // What a board makes, it makes of what it gets.
    private bool IsLeftWithout(string part)
        => _off is not null && _graft.Feeding(part, _islands).ToArray() is { Length: > 0 } feeding && feeding.All(giver => giver == _off);

    private void Legs(HashSet<SlowPin> wired)
    {
        foreach (var plus in _graft.Pins.Where(pin => wired.Contains(pin) && pin is { Kind: "panel" or "lamp", Signal: "power-light+" or "drive-light+" }))
        {
            var minus = _graft.Pins.Find(pin => pin.Port == plus.Port && pin.Signal == plus.Signal[..^1] + "-")
                ?? _graft.Pins.Find(pin => pin.Port == plus.Port && pin.IsGround);
            if (minus is null || !wired.Contains(minus)) continue;
            var (one, other) = (Node(Name(plus)), Node(Name(minus)));
            Network.Resistor(one, other, plus.Level is { } level ? level / 0.02 : 400);
            Lights.Add((Name(plus), one, other, plus.Level));
        }

        foreach (var plus in _graft.Pins.Where(pin => wired.Contains(pin) && pin is { Kind: "speaker", Signal: "speaker+" }))
        {
            if (_graft.Pins.Find(pin => pin.Port == plus.Port && wired.Contains(pin) && pin.Signal == "speaker-") is { } minus)
                Network.Resistor(Node(Name(plus)), Node(Name(minus)), 8);
        }
    }

    private int Node(string name) => _nodes.TryGetValue(name, out var node) ? node : _nodes[name] = _nodes.Count;
}
