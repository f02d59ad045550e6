namespace LooseGraft.Core.Findings;

/// <summary>Every rule of the product, in one place a reader can scan.</summary>
public static class RuleBook
{
    // Stock: what the old case leaves behind.
    internal static readonly Rule NeedUnmet = new("STOCK-001", Stage.Stock, Severity.Fix, "the old case did something that nothing does yet");
    internal static readonly Rule LeftOffUnexplained = new("STOCK-002", Stage.Stock, Severity.Check, "a need left off without its consequence");
    internal static readonly Rule OldCaseUnasked = new("STOCK-003", Stage.Stock, Severity.Note, "nobody has asked what the old case did");
    internal static readonly Rule RevisionUnsure = new("STOCK-004", Stage.Stock, Severity.Check, "described as one revision, and nobody looked which it is");

    // Prove: readings and life.
    internal static readonly Rule ReadingContradicts = new("PROVE-001", Stage.Prove, Severity.Fix, "a reading contradicts what is said of a contact");
    internal static readonly Rule ReadingsDisagree = new("PROVE-002", Stage.Prove, Severity.Check, "two readings of the same thing disagree");
    internal static readonly Rule IrreversibleBeforeLife = new("PROVE-003", Stage.Prove, Severity.Check, "an irreversible act before the donor is proven alive");
    internal static readonly Rule NoSignOfLife = new("PROVE-004", Stage.Prove, Severity.Fix, "the donor showed no life when it was last started");

    // Seat: what holds a board, what shorts it, and what wants the same room.
    internal static readonly Rule MountUnderSolder = Seat("SEAT-001", Severity.Stop, "metal under bare solder where no hole is");
    internal static readonly Rule MountLifts = Seat("SEAT-002", Severity.Fix, "something under the board keeps it off its mounts");
    internal static readonly Rule MountsUneven = Seat("SEAT-003", Severity.Check, "mounts of unequal height under one board");
    internal static readonly Rule HoleUndecided = Seat("SEAT-004", Severity.Fix, "a hole that meets no mount, and nothing decided");
    internal static readonly Rule MountMethodWrong = Seat("SEAT-005", Severity.Fix, "a way of holding that does not hold here");
    internal static readonly Rule SpanUnsupported = Seat("SEAT-006", Severity.Check, "far from any support where the board is pushed");
    internal static readonly Rule NothingGrounds = Seat("SEAT-007", Severity.Check, "nothing joins the board's ground to the metal it sits on");
    internal static readonly Rule BoardBeyondPlane = Seat("SEAT-008", Severity.Fix, "a board that reaches beyond its plane");
    internal static readonly Rule ShapeUnknown = Seat("SEAT-009", Severity.Check, "a seated board whose outline nobody measured");
    internal static readonly Rule PortWithoutOpening = Seat("SEAT-010", Severity.Fix, "a port that looks at a closed wall");
    internal static readonly Rule PortsMissOpening = Seat("SEAT-011", Severity.Fix, "ports beside their opening");
    internal static readonly Rule PlateUndecided = Seat("SEAT-012", Severity.Note, "nothing decided for the opening round the ports");
    internal static readonly Rule Clash = Seat("SEAT-013", Severity.Fix, "two things that want the same room");
    internal static readonly Rule TooClose = Seat("SEAT-014", Severity.Check, "two things closer than clearance and tolerance allow");
    internal static readonly Rule UnderLid = Seat("SEAT-015", Severity.Fix, "too tall for what is above it");
    internal static readonly Rule LeadShort = Seat("SEAT-016", Severity.Fix, "a lead that does not reach");
    internal static readonly Rule LeadTight = Seat("SEAT-017", Severity.Check, "a lead that just reaches");
    internal static readonly Rule LeadUnmeasured = Seat("SEAT-018", Severity.Check, "a lead of which nobody knows whether it reaches");
    internal static readonly Rule SurveyInconsistent = Seat("SEAT-019", Severity.Check, "a distance that does not fit the others");
    internal static readonly Rule SurveyUndetermined = Seat("SEAT-020", Severity.Check, "distances that do not fix a place");
    internal static readonly Rule OpeningWithoutPort = Seat("SEAT-021", Severity.Note, "an opening that no port looks out of");

    // Contacts: what happens between two pins that meet.
    internal static readonly Rule BlockedPosition = Wire("WIRE-001", Severity.Fix, "a pin meets a filled cavity: it does not go on");
    internal static readonly Rule NeededUnconnected = Wire("WIRE-002", Severity.Fix, "a contact that must be connected is not");
    internal static readonly Rule UnwiredPosition = Wire("WIRE-003", Severity.Note, "same shape, but no conductor behind it");
    internal static readonly Rule SupplyToGround = Wire("WIRE-010", Severity.Stop, "a supply shorted to ground");
    internal static readonly Rule SupplyToSupply = Wire("WIRE-011", Severity.Stop, "two different supplies joined");
    internal static readonly Rule SupplyIntoSignal = Wire("WIRE-012", Severity.Stop, "a supply into a contact not made for it");
    internal static readonly Rule OutputAgainstOutput = Wire("WIRE-013", Severity.Stop, "two outputs driving each other");
    internal static readonly Rule HeldAtGround = Wire("WIRE-014", Severity.Fix, "a signal held at ground");
    internal static readonly Rule LightReversed = Wire("WIRE-015", Severity.Check, "a light the wrong way round: dark, harmless");
    internal static readonly Rule WrongSignal = Wire("WIRE-016", Severity.Fix, "a signal on another signal");
    internal static readonly Rule LevelDiffers = Wire("WIRE-017", Severity.Fix, "the right signal at another level");
    internal static readonly Rule ProveFirst = Wire("WIRE-020", Severity.Check, "harmless only if an unproven fact is true");

    // Joints: whether a plug goes on at all, and how else it might.
    internal static readonly Rule SameGender = Wire("WIRE-030", Severity.Fix, "pins against pins, or sockets against sockets");
    internal static readonly Rule PitchDiffers = Wire("WIRE-031", Severity.Fix, "another pitch");
    internal static readonly Rule KeyingDiffers = Wire("WIRE-032", Severity.Fix, "another body or keying");
    internal static readonly Rule RowsDiffer = Wire("WIRE-033", Severity.Fix, "another number of rows");
    internal static readonly Rule DangerousPlacement = Wire("WIRE-034", Severity.Check, "a hand could push it on in a way that destroys something");
    internal static readonly Rule NoWireTable = Wire("WIRE-035", Severity.Fix, "no wire table for a joint that needs one");
    internal static readonly Rule LeftOffWithoutReason = Wire("WIRE-036", Severity.Check, "left off without a reason");
    internal static readonly Rule ContactTakenTwice = Wire("WIRE-037", Severity.Fix, "two joints claim the same contact");

    // Leads: what was made by hands is proven by the meter before it meets a board.
    internal static readonly Rule LeadUntested = Wire("WIRE-040", Severity.Check, "a made lead is not proven by the meter yet");
    internal static readonly Rule LeadWrong = Wire("WIRE-041", Severity.Fix, "a made lead reads otherwise than its meter sheet says");
    internal static readonly Rule WireTooThin = Wire("WIRE-042", Severity.Fix, "no wire in use bears the current over this length");

    // Nets: what is joined without meeting.
    internal static readonly Rule JoinedByWay = Wire("WIRE-050", Severity.Stop, "two contacts that never meet are joined, and would destroy something");

    // Groups: what several contacts of a joint, or several joints, must do together.
    internal static readonly Rule UsbPairSplit = Wire("WIRE-060", Severity.Fix, "the two halves of a USB pair parted");
    internal static readonly Rule UsbWithoutGround = Wire("WIRE-061", Severity.Fix, "USB data without a ground");
    internal static readonly Rule UsbLanesLost = Wire("WIRE-062", Severity.Note, "USB 2.0 taken from a header of USB 3.x");
    internal static readonly Rule FanControlLost = Wire("WIRE-063", Severity.Note, "a fan that the board cannot slow down");
    internal static readonly Rule FanTachoMissing = Wire("WIRE-064", Severity.Check, "a fan whose turning the board does not see");
    internal static readonly Rule FanHeaderOverloaded = Wire("WIRE-065", Severity.Fix, "more fan current than a fan header bears");
    internal static readonly Rule AudioPresenceOpen = Wire("WIRE-066", Severity.Check, "front sound whose presence nobody tells");
    internal static readonly Rule SoundSharesSupply = Wire("WIRE-067", Severity.Check, "sound that shares a supply and a ground");
    internal static readonly Rule LookalikeSocket = Wire("WIRE-068", Severity.Check, "a plug that also goes into another socket, and destroys something there");
    internal static readonly Rule NeedsConverter = Wire("WIRE-069", Severity.Fix, "two sides that no wire joins: a converter is needed");

    // Feed.
    internal static readonly Rule RailOverLimit = Feed("FEED-001", Severity.Stop, "a rail beyond its limit");
    internal static readonly Rule CombinedOverLimit = Feed("FEED-002", Severity.Stop, "rails beyond the limit they share");
    internal static readonly Rule TotalOverLimit = Feed("FEED-003", Severity.Stop, "a supply beyond its total");
    internal static readonly Rule RailMissing = Feed("FEED-004", Severity.Stop, "a part wants a rail that its supply does not have");
    internal static readonly Rule NegativeFigure = Feed("FEED-005", Severity.Stop, "a negative figure where power only flows one way");
    internal static readonly Rule AbsurdFigure = Feed("FEED-006", Severity.Check, "a figure beyond anything of its kind");
    internal static readonly Rule ThinEvidence = Feed("FEED-007", Severity.Check, "carries it only if unproven figures are right");

    internal static readonly Rule FeedsItself = Feed("FEED-008", Severity.Stop, "supplies that feed each other in a ring");
    internal static readonly Rule RailNotOnPlug = Feed("FEED-009", Severity.Fix, "a rail wanted from a plug that does not carry it");
    internal static readonly Rule PlugGivenTwice = Feed("FEED-010", Severity.Fix, "one plug given to two parts");
    internal static readonly Rule WireOverLimit = Feed("FEED-011", Severity.Fix, "a string's wires beyond what they bear");
    internal static readonly Rule PlugOverLimit = Feed("FEED-012", Severity.Fix, "a plug's contacts beyond what they bear");
    internal static readonly Rule PortOverLimit = Feed("FEED-013", Severity.Fix, "a port that feeds on beyond what it bears");
    internal static readonly Rule DropTooFar = Feed("FEED-014", Severity.Check, "too much voltage lost along a string");
    internal static readonly Rule NoPlugLeft = Feed("FEED-015", Severity.Fix, "a part without a plug");
    internal static readonly Rule BeyondPrudent = Feed("FEED-016", Severity.Check, "more than one would ask of an old, hot or unknown supply");
    internal static readonly Rule LabelCannotBe = Feed("FEED-017", Severity.Check, "a label whose figures do not fit together");
    internal static readonly Rule WallUnexplained = Feed("FEED-018", Severity.Check, "wall readings that no figures within their ranges explain");
    internal static readonly Rule TrustedSchoolRefuses = Feed("FEED-019", Severity.Fix, "the school that is trusted says that the supply does not carry it");

    // Money.
    internal static readonly Rule OverBudget = new("BUY-001", Stage.Buy, Severity.Check, "the parts cost more than the budget");

    /// <summary>All rules, in order of code within each stage.</summary>
    public static IReadOnlyList<Rule> All { get; } =
    [
        NeedUnmet, LeftOffUnexplained, OldCaseUnasked, RevisionUnsure,
        ReadingContradicts, ReadingsDisagree, IrreversibleBeforeLife, NoSignOfLife,
        MountUnderSolder, MountLifts, MountsUneven, HoleUndecided, MountMethodWrong, SpanUnsupported, NothingGrounds, BoardBeyondPlane, ShapeUnknown,
        PortWithoutOpening, PortsMissOpening, PlateUndecided, Clash, TooClose, UnderLid, LeadShort, LeadTight, LeadUnmeasured, SurveyInconsistent, SurveyUndetermined, OpeningWithoutPort,
        BlockedPosition, NeededUnconnected, UnwiredPosition,
        SupplyToGround, SupplyToSupply, SupplyIntoSignal, OutputAgainstOutput,
        HeldAtGround, LightReversed, WrongSignal, LevelDiffers, ProveFirst,
        SameGender, PitchDiffers, KeyingDiffers, RowsDiffer, DangerousPlacement, NoWireTable, LeftOffWithoutReason, ContactTakenTwice,
        LeadUntested, LeadWrong, WireTooThin, JoinedByWay,
        UsbPairSplit, UsbWithoutGround, UsbLanesLost, FanControlLost, FanTachoMissing, FanHeaderOverloaded, AudioPresenceOpen, SoundSharesSupply, LookalikeSocket, NeedsConverter,
        RailOverLimit, CombinedOverLimit, TotalOverLimit, RailMissing, NegativeFigure, AbsurdFigure, ThinEvidence,
        FeedsItself, RailNotOnPlug, PlugGivenTwice, WireOverLimit, PlugOverLimit, PortOverLimit, DropTooFar, NoPlugLeft, BeyondPrudent, LabelCannotBe, WallUnexplained, TrustedSchoolRefuses,
        OverBudget,
    ];

    private static Rule Seat(string code, Severity severity, string title) => new(code, Stage.Seat, severity, title);

    private static Rule Wire(string code, Severity severity, string title) => new(code, Stage.Wire, severity, title);

    private static Rule Feed(string code, Severity severity, string title) => new(code, Stage.Feed, severity, title);
}
