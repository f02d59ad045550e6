using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Cool;

/// <summary>The rules of Cool: whether air goes through, and who gets too hot in it.</summary>
internal static class CoolRules
{
    internal static readonly Rule NoWayThrough = Rule("COOL-001", Severity.Fix, "air that cannot go through");
    internal static readonly Rule TooWarm = Rule("COOL-002", Severity.Check, "warmer than it stands for years");
    internal static readonly Rule Throttles = Rule("COOL-003", Severity.Fix, "so hot that it slows down");
    internal static readonly Rule Harmed = Rule("COOL-004", Severity.Stop, "so hot that it switches off or is harmed");
    internal static readonly Rule BeyondPrinted = Rule("COOL-005", Severity.Check, "more watts than the shell's maker prints");
    internal static readonly Rule StillAir = Rule("COOL-006", Severity.Check, "a cooler without a fan in air that hardly moves");
    internal static readonly Rule FansFight = Rule("COOL-007", Severity.Fix, "fans that blow against each other");
    internal static readonly Rule DrinksExhaust = Rule("COOL-008", Severity.Check, "an intake that draws in what has just come out");
    internal static readonly Rule BelowStart = Rule("COOL-009", Severity.Check, "a fan on fewer volts than it starts with");
    internal static readonly Rule WarmAirHarms = Rule("COOL-010", Severity.Fix, "glue, plastic or a battery in air that it does not stand");
    internal static readonly Rule SupplyTooWarm = Rule("COOL-011", Severity.Check, "a supply that takes in warm air");
    internal static readonly Rule FilterChokes = Rule("COOL-012", Severity.Check, "a filter that chokes");
    internal static readonly Rule WattsUnknown = Rule("COOL-013", Severity.Check, "heat that nobody knows the watts of");
    internal static readonly Rule FanUnplaced = Rule("COOL-014", Severity.Check, "a fan of which nobody said what it blows through");
    internal static readonly Rule SupplyShutIn = Rule("COOL-015", Severity.Check, "a mains supply in a shell without air");
    internal static readonly Rule CoolerUnknown = Rule("COOL-016", Severity.Check, "a processor of which nobody said what cools it");
    internal static readonly Rule NoOneRest = Rule("COOL-017", Severity.Check, "a shell whose warmth may come to rest in two ways, or in none");

    internal static readonly Rule CurveBent = Rule("COOL-018", Severity.Note, "a fan's curve that rises on its way");

    internal static readonly Rule ReadOtherwise = Rule("COOL-019", Severity.Check, "a temperature read otherwise than it is worked out");
    internal static readonly Rule ReadUnexplained = Rule("COOL-020", Severity.Fix, "a temperature read that nothing likely explains");
    internal static readonly Rule ReadTooHot = Rule("COOL-021", Severity.Fix, "a temperature read beyond a limit");
    internal static readonly Rule SchoolRefuses = Rule("COOL-022", Severity.Fix, "the school that is trusted says that the heat does not get out");

    internal static readonly Rule WallTooWarm = Rule("COOL-023", Severity.Check, "a side of the shell that gets too warm");
    internal static readonly Rule MountNotMet = Rule("COOL-024", Severity.Fix, "a cooler whose mount is not met");
    internal static readonly Rule MountImprovised = Rule("COOL-025", Severity.Fix, "a cooler or fan that is held by makeshift");
    internal static readonly Rule BladesReached = Rule("COOL-026", Severity.Check, "a fan whose blades something reaches");

    private static Rule Rule(string code, Severity severity, string title) => new(code, Stage.Cool, severity, title);
}
