using System.Collections.Immutable;
using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>In version 3 what hangs where is read from the joints. What version 2 wrote of it beside them is kept as what is meant; the plug of a string that
/// can only be one port of its supply is tied to it. No joint and no port is made.</summary>
/// <remarks>Frozen.</remarks>
internal static class FromVersion2
{
    private static readonly string[] InParts = ["awg"];
    private static readonly string[] InPorts = ["limit"];
    private static readonly string[] InZones = ["conducts"];

    public static UpgradeStep Step { get; } = new(2, new Dictionary<string, string[]>
    {
        [""] = ["mainsVolts"],
        ["parts"] = InParts,
        ["parts/ports"] = InPorts,
        ["board"] = InParts,
        ["board/ports"] = InPorts,
        ["joints"] = ["awg", "lengthMm"],
        ["supplies"] = ["meant"],
        ["supplies/rails"] = ["name"],
        ["supplies/strings"] = ["rails", "railWires"],
        ["supplies/strings/plugs"] = ["port", "parts"],
        ["loads"] = ["meant", "cap", "startsInTurn"],
        ["loads/draws"] = ["port", "holdsPower"],
        ["wallReadings"] = ["supply"],
        ["parts/body/zones"] = InZones,
        ["board/body/zones"] = InZones,
        ["seating/planes"] = ["isCovered", "walls", "behindAreas", "isLidMetal", "stand"],
        ["seating/planes/openings"] = ["isRound"],
        ["seating/planes/mounts"] = ["isThreaded", "thread", "deepMm", "boreMm"],
        ["seating/boxes"] = ["isMetal", "isRound", "isMains", "slots", "isHeld", "drive", "bay", "hasFrame", "screw"],
        ["seating/seats"] = ["screw", "ground", "plateSheet"],
        ["seating/seats/holes"] = ["screw"],
        ["seating/runs"] = ["way"],
    }, Moved);

    private static IEnumerable<NewMember> Moved(string place, ImmutableList<JsonElement> around, NewMember[] members) => place switch
    {
        "loads" => Load(members),
        "supplies" => members.Select(member => member.Name == "input" ? member with { Name = "meant" } : member),
        "supplies/strings/plugs" => PortOf(around[0], around[1], around[^1]) is { } port ? members.Append(new NewMember("port", port)) : members,
        _ => members,
    };

    private static IEnumerable<NewMember> Load(NewMember[] members)
    {
        var meant = members.Where(member => member.Name is "supply" or "plug" or "through").ToArray();
        return meant.Length == 0 ? members : members.Except(meant).Append(new NewMember("meant", default, meant));
    }

    // The port of the same name and kind, or the one that is left of a kind of which one plug is left.
    private static JsonElement? PortOf(JsonElement document, JsonElement supply, JsonElement plug)
    {
        if (Text(plug, "connector") is not { } kind) return null;
        var ports = Items(document, "parts").Where(part => Text(part, "id") is { } id && id == Text(supply, "part")).SelectMany(part => Items(part, "ports"))
            .Where(port => Text(port, "connector") == kind).ToArray();
        var plugs = Items(supply, "strings").SelectMany(lead => Items(lead, "plugs")).Where(other => Text(other, "connector") == kind).ToArray();
        var of = Names(plugs).GroupBy(name => name).Where(same => same.Count() == 1).Select(same => same.Key).Intersect(Names(ports)).ToHashSet();
        var (freePorts, freePlugs) = (ports.Where(port => !of.Contains(Text(port, "id")!)).ToArray(), Names(plugs).Where(name => !of.Contains(name)).ToArray());
        var name = Text(plug, "id");
        return ports.Where(port => name is not null && of.Contains(name) && Text(port, "id") == name)
            .Concat(freePorts.Where(_ => freePorts.Length == 1 && freePlugs is [var only] && only == name))
            .Select(port => (JsonElement?)port.GetProperty("id")).FirstOrDefault();
    }

    private static IEnumerable<string> Names(IEnumerable<JsonElement> items) => items.Select(item => Text(item, "id")).OfType<string>();

    private static IEnumerable<JsonElement> Items(JsonElement owner, string name)
        => owner.ValueKind == JsonValueKind.Object && owner.TryGetProperty(name, out var list) && list.ValueKind == JsonValueKind.Array
            ? list.EnumerateArray().AsEnumerable() : [];

    private static string? Text(JsonElement owner, string name)
        => owner.ValueKind == JsonValueKind.Object && owner.TryGetProperty(name, out var text) && text.ValueKind == JsonValueKind.String
            ? text.GetString() : null;
}
