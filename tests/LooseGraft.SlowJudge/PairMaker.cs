using System.Text.Json.Nodes;

namespace LooseGraft.SlowJudge;

/// <summary>Makes the smallest grafts in which two contacts of given roles are wired to each other: straight, through a lead, or through a switch.</summary>
public static class PairMaker
{
    private static readonly Dictionary<string, string[]> Samples = new()
    {
        ["source"] = ["supply +12 V", "supply +5 V", "supply +3.3 V", "brick +19 V", "supply +5 V standby", "supply -12 V", "brick +5 V"],
        ["rail"] = ["board +12 V", "board +5 V", "board +3.3 V", "board +5 V standby"],
        ["load"] = ["drive +5 V", "drive +12 V", "fan +12 V", "other +19 V", "other +5 V standby", "card -12 V", "card +3.3 V"],
        ["driver"] =
        [
            "board serial-transmit@3.3", "other serial-transmit@5", "other serial-transmit@12", "board serial-transmit", "supply power-good", "fan fan-tacho",
            "board fan-control",
            "other usb1-data+", "board usb1-data-", "board power-light+", "board power-light-", "board line-left", "other speaker+",
            "board drive-power-enable@5", "board supply-on",
        ],
        ["input"] =
        [
            "board serial-receive@3.3", "other serial-receive@5", "other serial-receive", "supply supply-on", "board power-switch",
            "other drive-power-enable@5",
            "board audio-presence", "other fan-present@0", "board fan-tacho", "fan fan-control", "board power-good", "other line-left",
        ],
        ["ground"] = ["board ground", "supply ground", "drive ground", "fan ground", "other ground"],
        ["passive"] = ["panel none", "lead none", "lead +12 V", "adapter serial-transmit", "panel power-light+", "speaker speaker+"],
        ["unknown"] = ["board unknown", "other unknown"],
    };

    /// <summary>The roles there are samples of.</summary>
    public static IReadOnlyList<string> Roles { get; } = [.. Samples.Keys];

    /// <summary>Makes one; the same seed gives the same graft.</summary>
    public static string Make(string one, string other, int seed)
    {
        var random = new Random(seed);
        var (here, there) = (Pick(random, Samples[one]), Pick(random, Samples[other]));
        JsonArray parts = [Part("one", here), Part("other", there)];
        JsonArray joints = [];
        // A fan by itself touches nothing, so that it harms nothing without its ground.
        var grounded = random.NextDouble() < 0.85 || here.StartsWith("fan", StringComparison.Ordinal) || there.StartsWith("fan", StringComparison.Ordinal);
        switch (random.Next(4))
        {
            case 0:
                parts.Add(Between("lead", null));
                Join(joints, "one/p", "between/near", (1, 1));
                Join(joints, "between/far", "other/p", (1, 1));
                break;
            case 1:
                parts.Add(Between("switch", "latching"));
                Join(joints, "one/p", "between/near", (1, 1));
                Join(joints, "between/far", "other/p", (1, 1));
                break;
            default:
                Join(joints, "one/p", "other/p", (1, 1));
                break;
        }

        if (grounded) Join(joints, "one/p", "other/p", (2, 2));
        return new JsonObject
        {
            ["format"] = "loose-graft",
            ["formatVersion"] = 3,
            ["name"] = "pair",
            ["donor"] = new JsonObject { ["name"] = "a donor" },
            ["shell"] = new JsonObject { ["name"] = "a shell" },
            ["parts"] = parts,
            ["joints"] = joints,
        }.ToJsonString();
    }

    private static string Pick(Random random, string[] from) => from[random.Next(from.Length)];

    private static JsonObject Part(string id, string sample)
    {
        var (kind, pin) = (sample.Split(' ')[0], sample[(sample.IndexOf(' ', StringComparison.Ordinal) + 1)..]);
        var signal = new JsonObject { ["position"] = 1, ["signal"] = pin.Split('@')[0], ["evidence"] = "measured" };
        if (pin.Split('@') is [_, var level]) signal["levelVolts"] = double.Parse(level, System.Globalization.CultureInfo.InvariantCulture);
        return Part(id, kind, ("p", [signal, Ground(2)]));
    }

    private static JsonObject Between(string kind, string? link)
    {
        var part = Part("between", kind, ("near", [Spare(1)]), ("far", [Spare(1)]));
        var joined = new JsonObject { ["one"] = "near/1", ["other"] = "far/1" };
        if (link is not null) joined["kind"] = link;
        part["links"] = new JsonArray(joined);
        return part;
    }

    private static JsonObject Part(string id, string kind, params (string Id, JsonObject[] Pins)[] ports) => new()
    {
        ["id"] = id,
        ["name"] = id,
        ["kind"] = kind,
        ["ports"] = new JsonArray([.. ports.Select(JsonNode (port) => new JsonObject
        {
            ["id"] = port.Id, ["name"] = port.Id, ["connector"] = "loose-ends", ["gender"] = "female", ["rows"] = 1, ["columns"] = port.Pins.Length,
            ["pins"] = new JsonArray([.. port.Pins]),
        })]),
    };

    private static JsonObject Ground(int position) => new() { ["position"] = position, ["signal"] = "ground", ["evidence"] = "measured" };

    private static JsonObject Spare(int position) => new() { ["position"] = position, ["signal"] = "none", ["evidence"] = "measured" };

    private static void Join(JsonArray joints, string from, string to, (int From, int To) wire)
        => joints.Add(new JsonObject
        {
            ["id"] = $"j{joints.Count}",
            ["from"] = from,
            ["to"] = to,
            ["method"] = "rebuild",
            ["wires"] = new JsonArray(new JsonObject { ["from"] = wire.From, ["to"] = wire.To }),
        });
}
