namespace LooseGraft.Core.Files.Upgrades;

/// <summary>Version 2 says more of what lies between two contacts of a part, and nothing that version 1 said means anything else now.</summary>
/// <remarks>Frozen.</remarks>
internal static class FromVersion1
{
    private static readonly string[] InLinks =
        ["name", "closedAtRest", "overlaps", "ohms", "volts", "amps", "watts", "diode", "isolated", "efficiency", "seconds"];

    private static readonly string[] InParts = ["made", "tests"];
    private static readonly string[] InPins = ["leastVolts", "mostVolts"];

    // A donor has one part, its board.
    public static UpgradeStep Step { get; } = new(1, new Dictionary<string, string[]>
    {
        ["parts"] = InParts,
        ["parts/links"] = InLinks,
        ["parts/ports/pins"] = InPins,
        ["board"] = InParts,
        ["board/links"] = InLinks,
        ["board/ports/pins"] = InPins,
    });
}
