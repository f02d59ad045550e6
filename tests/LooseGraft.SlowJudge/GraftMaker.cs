using System.Text.Json.Nodes;

namespace LooseGraft.SlowJudge;

/// <summary>Makes small grafts as builders wire them, some of them with a slip of the hand.</summary>
public sealed partial class GraftMaker
{
    private const double SlipChance = 0.55;

    private readonly Random _random;
    private readonly JsonArray _parts = [];
    private readonly JsonArray _joints = [];
    private readonly Dictionary<string, string[]> _ports = [];

    private GraftMaker(int seed) => _random = new Random(seed);

    /// <summary>Makes one; the same seed gives the same graft.</summary>
    public static string Make(int seed) => new GraftMaker(seed).Make();

    private string Make()
    {
        Board();
        if (Chance(0.9)) Supply();
        Action[] others = [Fan, Drive, Panel, Usb, Serial, Lamp, Speaker, SecondSupply, Splitter, Toggle, Backplane];
        foreach (var add in others.OrderBy(_ => _random.Next()).Take(_random.Next(1, 4)).ToArray()) add();
        if (_joints.Count > 0 && Chance(SlipChance))
        {
            for (var slips = _random.Next(1, 3); slips > 0; slips--) Slip();
            foreach (var wires in _joints.Select(joint => joint!["wires"]!.AsArray())) EachOnce(wires);
        }

        return Document();
    }

    private string Document()
        => new JsonObject
        {
            ["format"] = "loose-graft",
            ["formatVersion"] = 3,
            ["name"] = "made",
            ["donor"] = new JsonObject { ["name"] = "a donor" },
            ["shell"] = new JsonObject { ["name"] = "a shell" },
            ["parts"] = _parts,
            ["joints"] = _joints,
        }.ToJsonString();

    private void Board()
    {
        Part("board", "board", ("main", "+12 V,+5 V,+3.3 V,ground,ground,+5 V standby,supply-on,power-good"), ("fan", "ground,+12 V,fan-tacho,fan-control"),
            ("usb", "+5 V,usb1-data-,usb1-data+,ground"), ("panel", "power-light+,power-light-,power-switch,ground,reset-switch,drive-light+,drive-light-"),
            ("serial", $"ground,serial-transmit@{Level()},serial-receive@{Level()}"), ("out", "+12 V,ground,ground,+5 V"),
            ("sound", "line-left,ground,audio-presence"),
            ("enable", "drive-power-enable@5,ground"));
    }

    private void Supply()
    {
        var stated = Chance(0.4) ? ">" : "";
        Part("supply", "supply", ("main", $"{stated}+12 V,{stated}+5 V,{stated}+3.3 V,ground,ground,{stated}+5 V standby,supply-on,power-good"),
            ("aux", $"{stated}+12 V,ground,ground,{stated}+5 V"), ("spare", "+12 V,ground,none,-12 V"));
        Join("board/main", "supply/main");
    }

    private void SecondSupply()
    {
        var volts = Pick("+12 V", "+19 V", "+5 V", "+12 V");
        Part("brick", "brick", ("plug", $"{volts},ground"));
        Part("box", "other", ("jack", $"{Pick(volts, volts, "<" + volts, "+12 V")},ground"));
        Join("box/jack", "brick/plug");
    }

    private void Fan()
    {
        Part("fan", "fan", ("plug", Pick("ground,+12 V,fan-tacho,fan-control", "ground,+12 V,fan-tacho", "ground,+12 V")));
        if (Has("supply") && Chance(0.3)) JoinAcross("fan/plug", "supply/aux", "power", (1, 2), Chance(0.3) ? (2, 4) : (2, 1));
        else JoinThrough("board/fan", "fan/plug");
    }

    private void Drive()
    {
        Part("drive", "drive", ("power", Pick("+5 V,ground,ground,+12 V", "<+5 V,ground", "+3.3 V,+5 V,ground")));
        JoinThrough(Has("supply") && Chance(0.6) ? "supply/aux" : "board/out", "drive/power");
    }

    private void Panel()
    {
        Part("panel", "panel", ("plug", "power-switch,power-switch,power-light+,power-light-,drive-light+,drive-light-"));
        Link("panel", "plug/1", "plug/2", "momentary");
        JoinAcross("board/panel", "panel/plug", "panel", (3, 1), (4, 2), (1, 3), (2, 4), (6, 5), (7, 6));
    }

    private void Usb()
    {
        Part("stick", Pick("other", "panel"), ("plug", "+5 V,usb1-data-,usb1-data+,ground"));
        JoinThrough("board/usb", "stick/plug");
    }

    private void Serial()
    {
        var level = Chance(0.6) ? "" : Level();
        var power = Pick("", "", "+5 V", "+5 V", "+5 V standby");
        // With a power of its own it is what the board expects, so that nothing but that power is at fault.
        var (heard, said) = power == "" ? (level, level) : (LevelOf("board/serial", 2), LevelOf("board/serial", 3));
        var lines = $"ground,serial-receive@{heard},serial-transmit@{said}";
        if (power == "") Part("modem", "other", ("plug", lines));
        else Part("modem", "other", ("plug", lines), ("jack", $"{power},ground"));
        if (power == "+5 V" && Chance(0.5))
        {
            Part("charger", "brick", ("plug", "+5 V,ground"));
            Join("modem/jack", "charger/plug");
        }
        else if (power != "" && Has("supply"))
        {
            JoinAcross("modem/jack", "supply/main", "jack", (1, power == "+5 V" ? 2 : 6), (2, 4));
        }

        JoinThrough("board/serial", "modem/plug");
    }

    private void Lamp()
    {
        Part("lamp", Pick("lamp", "panel"), ("tags", $"power-light+@{Pick("12", "12", "24", "6.3", "")},power-light-"));
        if (!Has("supply")) return;
        JoinAcross("supply/spare", "lamp/tags", "lamp", (1, 1), (2, 2));
    }

    private void Speaker()
    {
        Part("amplifier", "other", ("power", "+12 V,ground"), ("in", "line-left,ground"), ("out", ">speaker+,>speaker-"));
        Part("speaker", "speaker", ("tags", "speaker+,speaker-"));
        Join("speaker/tags", "amplifier/out");
        Join("board/sound", "amplifier/in");
        Join(Has("supply") ? "supply/spare" : "board/out", "amplifier/power");
    }

    private void Splitter()
    {
        if (!Has("supply")) return;
        Part("splitter", "lead", ("in", "+12 V,ground,ground,+5 V"), ("one", "+12 V,ground,ground,+5 V"), ("two", "unknown,none,none,unknown"));
        foreach (var contact in new[] { 1, 2, 3, 4 })
        {
            Link("splitter", $"in/{contact}", $"one/{contact}", null);
            Link("splitter", $"in/{contact}", $"two/{contact}", null);
        }

        Part("disk", "drive", ("power", "+12 V,ground,ground,+5 V"));
        Part("disk2", "drive", ("power", "+12 V,ground,ground,+5 V"));
        Join("supply/aux", "splitter/in");
        Join("splitter/one", "disk/power");
        JoinAcross("splitter/two", "disk2/power", "two", (1, 1), (2, 2), (3, 3), (4, 4));
    }

    private void Toggle()
    {
        if (!Has("supply")) return;
        Part("toggle", Pick("switch", "panel"), ("tags", "spare-switch,spare-switch"));
        Link("toggle", "tags/1", "tags/2", "latching");
        Part("strip", "lamp", ("ends", "+12 V,ground"));
        JoinAcross("supply/spare", "toggle/tags", "feed", (1, 1));
        JoinAcross("strip/ends", "toggle/tags", "toggled", (1, 2));
        JoinAcross("strip/ends", "supply/spare", "back", (2, 2));
    }

    private void Backplane()
    {
        Part("backplane", "other", ("control", "drive-power-enable@5,ground,fan-present@0"), ("power", "+5 V,ground,+12 V"));
        Join("board/enable", "backplane/control");
        Join(Has("supply") ? "supply/aux" : "board/out", "backplane/power");
        if (Chance(0.5)) Tie(_joints[^2]!.AsObject(), "to-3", "to-2");
    }

    // Straight on, or by way of a go-between.
    private void JoinThrough(string from, string to)
    {
        if (Chance(0.6))
        {
            Join(from, to);
            return;
        }

        var (name, near) = ($"by{_parts.Count}", _ports[from]);
        Part(name, Pick("adapter", "lead"), ("near", Labels(from)), ("far", Labels(to)));
        if (Chance(0.5))
        {
            foreach (var (here, there) in Matching(near, _ports[to])) Link(name, $"near/{here}", $"far/{there}", null);
        }

        JoinAcross(from, $"{name}/near", $"{name}-near", [.. Enumerable.Range(1, near.Length).Select(contact => (contact, contact))]);
        JoinAcross($"{name}/far", to, $"{name}-far", [.. Enumerable.Range(1, _ports[to].Length).Select(contact => (contact, contact))]);
    }

    // A go-between that crosses two lines is labelled for what each end meets, so that its label joins what its wires would cross.
    private string Labels(string port)
        => string.Join(",", _ports[port].Select(signal => signal.Split('@')[0])
        .Select(signal => signal is "serial-transmit" or "serial-receive" ? "none" : signal.TrimStart('<', '>')));

    private void Join(string from, string to) => JoinAcross(from, to, $"j{_joints.Count}", [.. Matching(_ports[from], _ports[to])]);

    private void JoinAcross(string from, string to, string id, params (int From, int To)[] wires)
        => _joints.Add(new JsonObject
        {
            ["id"] = $"{id}-{_joints.Count}",
            ["from"] = from,
            ["to"] = to,
            ["method"] = "rebuild",
            ["wires"] = new JsonArray([.. wires.Select(wire => (JsonNode)new JsonObject { ["from"] = wire.From, ["to"] = wire.To })]),
        });

    private static IEnumerable<(int From, int To)> Matching(string[] from, string[] to)
    {
        var free = Enumerable.Range(0, to.Length).ToList();
        for (var here = 0; here < from.Length; here++)
        {
            var signal = Bare(from[here]) switch { "serial-transmit" => "serial-receive", "serial-receive" => "serial-transmit", var other => other };
            var there = free.FindIndex(index => Bare(to[index]) == signal && signal != "none");
            if (there < 0) continue;
            yield return (here + 1, free[there] + 1);
            free.RemoveAt(there);
        }
    }

    private string LevelOf(string port, int contact) => _ports[port][contact - 1].Split('@')[1];

    private static string Bare(string signal) => signal.Split('@')[0].TrimStart('<', '>');

    private void Part(string id, string kind, params (string Id, string Pins)[] ports)
        => _parts.Add(new JsonObject
        {
            ["id"] = id,
            ["name"] = id,
            ["kind"] = kind,
            ["ports"] = new JsonArray([.. ports.Select(JsonNode (port) => Port(id, port.Id, port.Pins.Split(',')))]),
        });

    private JsonObject Port(string part, string id, string[] pins)
    {
        _ports[$"{part}/{id}"] = pins;
        return new JsonObject
        {
            ["id"] = id,
            ["name"] = id,
            ["connector"] = "loose-ends",
            ["gender"] = "female",
            ["rows"] = 1,
            ["columns"] = pins.Length,
            ["pins"] = new JsonArray([.. pins.Select(JsonNode (pin, index) => Pin(index + 1, pin))]),
        };
    }

    // "<" before a signal states that the part takes it, ">" that it gives it; "@5" its level.
    private static JsonObject Pin(int position, string text)
    {
        var pin = new JsonObject { ["position"] = position, ["signal"] = Bare(text), ["evidence"] = "measured" };
        if (text[0] is '<' or '>') pin["direction"] = text[0] == '<' ? "in" : "out";
        if (text.Split('@') is [_, { Length: > 0 } level]) pin["levelVolts"] = double.Parse(level, System.Globalization.CultureInfo.InvariantCulture);
        return pin;
    }

    private void Link(string part, string one, string other, string? kind)
    {
        var owner = _parts.First(each => (string)each!["id"]! == part)!.AsObject();
        if (owner["links"] is not JsonArray links) owner["links"] = links = [];
        var link = new JsonObject { ["one"] = one, ["other"] = other };
        if (kind is not null) link["kind"] = kind;
        links.Add(link);
    }

    private bool Has(string part) => _parts.Any(each => (string)each!["id"]! == part);

    private bool Chance(double chance) => _random.NextDouble() < chance;

    private string Pick(params string[] from) => from[_random.Next(from.Length)];

    private string Level() => Pick("3.3", "3.3", "3.3", "5", "12");
}
