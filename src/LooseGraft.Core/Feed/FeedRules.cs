using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Feed;

/// <summary>The rules of Feed: limits of the chain from the wall to the parts.</summary>
internal static class FeedRules
{
    internal static readonly Rule RailOverLimit = Rule("FEED-001", Severity.Stop, "a rail beyond its limit");
    internal static readonly Rule CombinedOverLimit = Rule("FEED-002", Severity.Stop, "rails beyond the limit they share");
    internal static readonly Rule TotalOverLimit = Rule("FEED-003", Severity.Stop, "a supply beyond its total");
    internal static readonly Rule RailMissing = Rule("FEED-004", Severity.Stop, "a part wants a rail that its supply does not have");
    internal static readonly Rule NegativeFigure = Rule("FEED-005", Severity.Stop, "a negative figure where power only flows one way");
    internal static readonly Rule AbsurdFigure = Rule("FEED-006", Severity.Check, "a figure beyond anything of its kind");
    internal static readonly Rule ThinEvidence = Rule("FEED-007", Severity.Check, "carries it only if unproven figures are right");
    internal static readonly Rule FeedsItself = Rule("FEED-008", Severity.Stop, "supplies that feed each other in a ring");
    internal static readonly Rule RailNotOnPlug = Rule("FEED-009", Severity.Fix, "a rail wanted from a plug that does not carry it");
    internal static readonly Rule PlugGivenTwice = Rule("FEED-010", Severity.Fix, "one plug given to two parts");
    internal static readonly Rule WireOverLimit = Rule("FEED-011", Severity.Fix, "a string's wires beyond what they bear");
    internal static readonly Rule PlugOverLimit = Rule("FEED-012", Severity.Fix, "a plug's contacts beyond what they bear");
    internal static readonly Rule PortOverLimit = Rule("FEED-013", Severity.Fix, "a port that feeds on beyond what it bears");
    internal static readonly Rule DropTooFar = Rule("FEED-014", Severity.Check, "too much voltage lost along a string");
    internal static readonly Rule NoPlugLeft = Rule("FEED-015", Severity.Fix, "a part without a plug");
    internal static readonly Rule BeyondPrudent = Rule("FEED-016", Severity.Check, "more than one would ask of an old, hot or unknown supply");
    internal static readonly Rule LabelCannotBe = Rule("FEED-017", Severity.Check, "a label whose figures do not fit together");
    internal static readonly Rule WallUnexplained = Rule("FEED-018", Severity.Check, "wall readings that no figures within their ranges explain");
    internal static readonly Rule TrustedSchoolRefuses = Rule("FEED-019", Severity.Fix, "the school that is trusted says that the supply does not carry it");

    internal static readonly Rule NotWired = Rule("FEED-020", Severity.Check, "a part that no joint and no plug leads to");

    internal static readonly Rule FiguresOutOfOrder = Rule("FEED-021", Severity.Check, "figures in the wrong order");

    internal static readonly Rule WallOfNoSupply = Rule("FEED-022", Severity.Check, "a wall reading that is held against no supply");

    internal static readonly Rule WithinHeadroom = Rule("FEED-023", Severity.Check, "less left than the builder's headroom");

    internal static readonly Rule BoardWithoutDraw = Rule("FEED-024", Severity.Check, "a board that nobody knows the draw of");

    internal static readonly Rule LeadOfWhichRail = Rule("FEED-025", Severity.Check, "a lead that may hang on one of several rails");

    internal static readonly Rule CannotBeFed = Rule("FEED-026", Severity.Stop, "a part that takes more the less voltage is left, until none is");

    internal static readonly Rule HeldBySetting = Rule("FEED-027", Severity.Check, "carries it only while a setting holds a part back");

    private static Rule Rule(string code, Severity severity, string title) => new(code, Stage.Feed, severity, title);
}
