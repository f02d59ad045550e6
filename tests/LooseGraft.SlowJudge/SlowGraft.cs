using System.Globalization;
using System.Text.Json;

namespace LooseGraft.SlowJudge;

/// <summary>A graft as this judge reads it from its JSON, by itself.</summary>
internal sealed class SlowGraft
{
    private readonly HashSet<string> _described = [];

    public List<SlowPin> Pins { get; } = [];

    /// <summary>Pairs of pins that are joined, the number of the switch or coil that must move for it, from 0, and whether it opens then; −1 for those that
    /// always are.</summary>
    public List<(SlowPin One, SlowPin Other, int Switch, bool Opens)> Joins { get; } = [];

    public List<SlowElement> Elements { get; } = [];

    /// <summary>What moves contacts, by name: switches, and coils.</summary>
    public List<string> Movers { get; } = [];

    public int Switches => Movers.Count;

    /// <summary>Whether a join is made in a state: a bit is set for each mover that is pressed or pulls.</summary>
    public static bool IsMade((SlowPin One, SlowPin Other, int Switch, bool Opens) join, int state)
        => join.Switch < 0 || ((state >> join.Switch & 1) == 1) != join.Opens;

    /// <summary>The state in which everything stands as with all that only makes closed, and the rest untouched.</summary>
    public int Most => Enumerable.Range(0, Switches).Where(number => !Coils.Contains(number)
        && !Joins.Exists(join => join.Switch == number && join.Opens)).Sum(number => 1 << number);

    /// <summary>The numbers of the movers that are coils.</summary>
    public IEnumerable<int> Coils => Elements.Where(element => element.Kind == "coil").Select(coil => Movers.IndexOf(coil.Mover)).Where(number => number >= 0);

    public static SlowGraft Read(string json)
    {
        var (graft, root) = (new SlowGraft(), JsonDocument.Parse(json).RootElement);
        foreach (var part in Items(root, "parts")) graft.AddPart(part);
        foreach (var joint in Items(root, "joints").Where(joint => Text(joint, "method") != "leave-off")) graft.AddJoint(joint);
        return graft;
    }

    public SlowPin? At(string port, int position) => Pins.Find(pin => pin.Port == port && pin.Position == position);

    /// <summary>Pins of leads and adapters of which nobody described the inside: what is labelled alike is taken to be joined.</summary>
    public IEnumerable<(SlowPin, SlowPin)> ByLabel()
        => from same in Pins.Where(pin => pin.Kind is "lead" or "adapter" && pin.Signal is not ("none" or "unknown")
               && !_described.Contains(pin.Part)).GroupBy(pin => (pin.Part, pin.Signal))
           from other in same.Skip(1)
           select (same.First(), other);

    /// <summary>The supplies and bricks that some supply contact of a part is joined to, with every switch closed.</summary>
    public IEnumerable<string> Feeding(string part, Islands islands)
        => from pin in Pins
           where pin.Part == part && pin.Volts is not null && !pin.Conducts
           from giver in Pins
           where giver.Gives && giver.Volts is not null && islands.Reach(pin, giver)
           select giver.Part;

    private void AddPart(JsonElement part)
    {
        var (id, kind) = (Text(part, "id"), Text(part, "kind"));
        foreach (var port in Items(part, "ports"))
        {
            foreach (var pin in Items(port, "pins"))
            {
                Pins.Add(new SlowPin(id, kind, $"{id}/{Text(port, "id")}", pin.GetProperty("position").GetInt32(), Text(pin, "signal"), Text(pin, "direction"),
                    pin.TryGetProperty("levelVolts", out var level) ? level.GetDouble() : null));
            }
        }

        Enliven(id, Items(part, "links").Where(link => Text(link, "kind") == "step").ToArray());
        foreach (var (index, link) in Items(part, "links").Index())
        {
            _described.Add(id);
            var (one, other) = (Inner(id, Text(link, "one")), Inner(id, Text(link, "other")));
            var mover = Text(link, "name") is { Length: > 0 } name ? $"{id} {name}" : $"{id} {index}";
            switch (Text(link, "kind"))
            {
                case "" or "wire" or "fuse":
                    Joins.Add((one, other, -1, false));
                    break;
                case "step":
                    break;
                case "momentary" or "latching" or "relay":
                    if (!Movers.Contains(mover)) Movers.Add(mover);
                    Joins.Add((one, other, Movers.IndexOf(mover), link.TryGetProperty("closedAtRest", out _)));
                    break;
                default:
                    Elements.Add(new SlowElement(Text(link, "kind"), one, other, mover, Figure(link, "ohms"), Figure(link, "volts"), Figure(link, "amps"),
                        Figure(link, "watts"), link.TryGetProperty("diode", out _)));
                    break;
            }
        }
    }

    // What a step takes is a load, and what it gives a supply of its own, both against the grounds of its part.
    private void Enliven(string part, JsonElement[] steps)
    {
        for (var at = 0; at < Pins.Count && steps.Length > 0; at++)
        {
            var pin = Pins[at];
            if (pin.Part != part) continue;
            if (steps.Any(step => Inner(part, Text(step, "one")) == pin) || pin.IsGround) Pins[at] = pin with { Kind = "other" };
            else if (steps.Any(step => Inner(part, Text(step, "other")) == pin)) Pins[at] = pin with { Kind = "brick" };
        }
    }

    private static double? Figure(JsonElement link, string name) => link.TryGetProperty(name, out var figure) ? figure.GetDouble() : null;

    private void AddJoint(JsonElement joint)
    {
        var (from, to) = (Text(joint, "from"), Text(joint, "to"));
        foreach (var wire in Items(joint, "wires"))
            Joins.Add((At(from, wire.GetProperty("from").GetInt32())!, At(to, wire.GetProperty("to").GetInt32())!, -1, false));
        foreach (var tie in Items(joint, "ties")) Joins.Add((End(Text(tie, "one"), from, to), End(Text(tie, "other"), from, to), -1, false));
    }

    private SlowPin Inner(string part, string text)
        => text.Split('/') is [var port, var number] ? At($"{part}/{port}", Number(number))! : throw new FormatException(text);

    private SlowPin End(string text, string from, string to)
        => text.Split('-') is [var side, var number] ? At(side == "from" ? from : to, Number(number))! : throw new FormatException(text);

    private static int Number(string text) => int.Parse(text, CultureInfo.InvariantCulture);

    private static JsonElement.ArrayEnumerator Items(JsonElement element, string name)
        => element.TryGetProperty(name, out var list) ? list.EnumerateArray() : default;

    private static string Text(JsonElement element, string name) => element.TryGetProperty(name, out var text) ? text.GetString()! : "";
}
