using System.Text.Json.Nodes;

namespace LooseGraft.SlowJudge;

/// <summary>What a hand does wrong.</summary>
public sealed partial class GraftMaker
{
    private void Slip()
    {
        var joint = _joints[_random.Next(_joints.Count)]!.AsObject();
        var wires = joint["wires"]!.AsArray();
        var (from, to) = (_ports[joint["from"]!.GetValue<string>()].Length, _ports[joint["to"]!.GetValue<string>()].Length);
        switch (_random.Next(7))
        {
            case 0 when wires.Count > 1:
                var (one, other) = (wires[_random.Next(wires.Count)]!, wires[_random.Next(wires.Count)]!);
                var kept = one["to"]!.GetValue<int>();
                one["to"] = other["to"]!.GetValue<int>();
                other["to"] = kept;
                break;
            case 1:
                foreach (var wire in wires.ToArray())
                {
                    if (wire!["to"]!.GetValue<int>() is var position && position < to) wire["to"] = position + 1;
                    else wires.Remove(wire);
                }

                break;
            case 2 when wires.Count > 0:
                wires.RemoveAt(_random.Next(wires.Count));
                break;
            case 3:
                wires.Add(new JsonObject { ["from"] = _random.Next(from) + 1, ["to"] = _random.Next(to) + 1 });
                break;
            case 4 when from > 1:
                Tie(joint, $"from-{_random.Next(from - 1) + 1}", $"from-{from}");
                break;
            case 5 when to > 1:
                Tie(joint, $"to-{_random.Next(to - 1) + 1}", $"to-{to}");
                break;
            default:
                var (here, there) = (_joints[_random.Next(_joints.Count)]!, _joints[_random.Next(_joints.Count)]!);
                if ((string)here["from"]! == (string)there["to"]!) break;
                JoinAcross((string)here["from"]!, (string)there["to"]!, "stray",
                    (_random.Next(_ports[(string)here["from"]!].Length) + 1, _random.Next(_ports[(string)there["to"]!].Length) + 1));
                break;
        }
    }

    private static void EachOnce(JsonArray wires)
    {
        var seen = new HashSet<string>();
        foreach (var wire in wires.ToArray())
        {
            if (!seen.Add(wire!.ToJsonString())) wires.Remove(wire);
        }
    }

    private static void Tie(JsonObject joint, string one, string other)
    {
        if (joint["ties"] is not JsonArray ties) joint["ties"] = ties = [];
        if (one != other && ties.Count == 0) ties.Add(new JsonObject { ["one"] = one, ["other"] = other });
    }
}
