using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>In version 3 what hangs where is read from the joints. What version 2 wrote of it beside them is kept as what is meant; the plug of a string that
/// can only be one port of its supply is tied to it. No joint and no port is made.</summary>
/// <remarks>Frozen.</remarks>
internal static class FromVersion2
{
    private static readonly string[] InParts = ["awg", "donor", "inPlaceOf"];
    private static readonly string[] InPorts = ["limit"];
    private static readonly string[] InZones = ["conducts"];

    public static UpgradeStep Step { get; } = new(2, new Dictionary<string, string[]>
    {
        [""] = ["mainsVolts", "otherDonors", "cooling", "buying"],
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
        ["observations"] = ["donor"],
        ["parts/body/zones"] = InZones,
        ["board/body/zones"] = InZones,
        ["seating"] = ["photos"],
        ["seating/planes"] = ["isCovered", "walls", "behindAreas", "isLidMetal", "stand"],
        ["seating/planes/openings"] = ["isRound"],
        ["seating/planes/mounts"] = ["isThreaded", "thread", "deepMm", "boreMm"],
        ["seating/boxes"] = ["isMetal", "isRound", "isMains", "slots", "isHeld", "drive", "bay", "hasFrame", "screw"],
        ["seating/seats"] = ["screw", "ground", "plateSheet"],
        ["seating/seats/holes"] = ["screw"],
        ["seating/runs"] = ["way"],
    }, document => new Mover(document).Moved);

    private sealed class Mover(JsonElement document)
    {
        private readonly PortsOfParts _ports = new(document);
        private TiedPlugs? _tied;

        // A plug is asked for after the supply that it is of.
        public IEnumerable<NewMember> Moved(string place, JsonElement element, NewMember[] members)
        {
            if (place == "supplies") _tied = new TiedPlugs(element, _ports);
            return place switch
            {
                "loads" => Load(members),
                "supplies" => members.Select(member => member.Name == "input" ? member with { Name = "meant" } : member),
                "supplies/strings/plugs" => _tied?.PortOf(element) is { } port ? members.Append(new NewMember("port", port)) : members,
                _ => members,
            };
        }

        private static IEnumerable<NewMember> Load(NewMember[] members)
        {
            var meant = members.Where(IsMeant).ToArray();
            return meant.Length == 0 ? members : members.Where(member => !IsMeant(member)).Append(new NewMember("meant", default, meant));
        }

        private static bool IsMeant(NewMember member) => member.Name is "supply" or "plug" or "through";
    }
}
