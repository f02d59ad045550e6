using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Seat;

/// <summary>The rules of Seat: what holds a board, what shorts it, and what wants the same room.</summary>
internal static class SeatRules
{
    internal static readonly Rule MetalUnderSolder = Rule("SEAT-001", Severity.Stop, "metal under bare solder: a mount, a box, the base itself");
    internal static readonly Rule BeneathLifts = Rule("SEAT-002", Severity.Fix, "something under the board keeps it off its mounts");
    internal static readonly Rule MountsUneven = Rule("SEAT-003", Severity.Check, "mounts of unequal height under one board");
    internal static readonly Rule HoleUndecided = Rule("SEAT-004", Severity.Fix, "a hole that meets no mount, and nothing decided");
    internal static readonly Rule MountMethodWrong = Rule("SEAT-005", Severity.Fix, "a way of holding that does not hold here");
    internal static readonly Rule SpanUnsupported = Rule("SEAT-006", Severity.Check, "far from any support where the board is pushed");
    internal static readonly Rule NothingGrounds = Rule("SEAT-007", Severity.Check, "nothing joins the board's ground to the metal it sits on");
    internal static readonly Rule BoardBeyondPlane = Rule("SEAT-008", Severity.Fix, "a board that reaches beyond its base");
    internal static readonly Rule ShapeUnknown = Rule("SEAT-009", Severity.Check, "a seated board whose outline nobody measured");
    internal static readonly Rule PortWithoutOpening = Rule("SEAT-010", Severity.Fix, "a port that looks at a closed wall");
    internal static readonly Rule PortsMissOpening = Rule("SEAT-011", Severity.Fix, "ports beside their opening");
    internal static readonly Rule PlateUndecided = Rule("SEAT-012", Severity.Note, "nothing decided for the opening round the ports");
    internal static readonly Rule Clash = Rule("SEAT-013", Severity.Fix, "two things that want the same room");
    internal static readonly Rule TooClose = Rule("SEAT-014", Severity.Check, "two things closer than clearance and tolerance allow");
    internal static readonly Rule UnderLid = Rule("SEAT-015", Severity.Fix, "too tall for what is above it");
    internal static readonly Rule LeadShort = Rule("SEAT-016", Severity.Fix, "a lead that does not reach");
    internal static readonly Rule LeadTight = Rule("SEAT-017", Severity.Check, "a lead that just reaches");
    internal static readonly Rule LeadUnmeasured = Rule("SEAT-018", Severity.Check, "a lead of which nobody knows whether it reaches");
    internal static readonly Rule SurveyInconsistent = Rule("SEAT-019", Severity.Check, "a distance that does not fit the others");
    internal static readonly Rule SurveyUndetermined = Rule("SEAT-020", Severity.Check, "distances that do not fix a place");
    internal static readonly Rule OpeningWithoutPort = Rule("SEAT-021", Severity.Note, "an opening that no port looks out of");

    internal static readonly Rule NothingHolds = Rule("SEAT-022", Severity.Stop, "a board that nothing holds");
    internal static readonly Rule ThroughWall = Rule("SEAT-023", Severity.Fix, "something that reaches through a wall");
    internal static readonly Rule MainsNear = Rule("SEAT-024", Severity.Stop, "near to mains or high voltage");
    internal static readonly Rule UnderUnknown = Rule("SEAT-025", Severity.Check, "under bare solder something of which nobody said whether it is metal");

    internal static readonly Rule CutTakesAway = Rule("SEAT-026", Severity.Fix, "an opening where something stands or is to be held");
    internal static readonly Rule SlotsMissing = Rule("SEAT-027", Severity.Fix, "fewer slots than a card's bracket takes");

    internal static readonly Rule ScrewUnsuited = Rule("SEAT-028", Severity.Fix, "a screw that does not go into what shall take it");
    internal static readonly Rule ScrewLength = Rule("SEAT-029", Severity.Fix, "a screw too short to hold, or too long");
    internal static readonly Rule DriveUnsuited = Rule("SEAT-030", Severity.Fix, "a drive that its bay or its screws do not suit");
    internal static readonly Rule AerialShielded = Rule("SEAT-031", Severity.Check, "metal near an aerial");
    internal static readonly Rule CardLoose = Rule("SEAT-032", Severity.Check, "a card that nothing holds");

    internal static readonly Rule SeatUnproven = Rule("SEAT-033", Severity.Check, "a seating that rests on what nobody measured");
    internal static readonly Rule TypedContradicted = Rule("SEAT-034", Severity.Check, "typed places that a survey contradicts");
    internal static readonly Rule PlateUnsuited = Rule("SEAT-035", Severity.Fix, "a plate whose size or cut-outs do not suit");

    private static Rule Rule(string code, Severity severity, string title) => new(code, Stage.Seat, severity, title);
}
