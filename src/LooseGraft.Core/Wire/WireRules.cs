using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire;

/// <summary>The rules of Wire: what happens between contacts, at joints, in leads, nets and groups of contacts.</summary>
internal static class WireRules
{
    // Contacts: what happens between two pins that meet.
    internal static readonly Rule BlockedPosition = Rule("WIRE-001", Severity.Fix, "a pin meets a filled cavity: it does not go on");
    internal static readonly Rule NeededUnconnected = Rule("WIRE-002", Severity.Fix, "a contact that must be connected is not");
    internal static readonly Rule UnwiredPosition = Rule("WIRE-003", Severity.Note, "same shape, but no conductor behind it");
    internal static readonly Rule SupplyToGround = Rule("WIRE-010", Severity.Stop, "a supply shorted to ground");
    internal static readonly Rule SupplyToSupply = Rule("WIRE-011", Severity.Stop, "two different supplies joined");
    internal static readonly Rule SupplyIntoSignal = Rule("WIRE-012", Severity.Stop, "a supply into a contact not made for it");
    internal static readonly Rule OutputAgainstOutput = Rule("WIRE-013", Severity.Stop, "two outputs driving each other");
    internal static readonly Rule HeldAtGround = Rule("WIRE-014", Severity.Fix, "a signal held at ground");
    internal static readonly Rule LightReversed = Rule("WIRE-015", Severity.Check, "a light the wrong way round: dark, harmless");
    internal static readonly Rule WrongSignal = Rule("WIRE-016", Severity.Fix, "a signal on another signal");
    internal static readonly Rule LevelDiffers = Rule("WIRE-017", Severity.Fix, "the right signal at another level");
    internal static readonly Rule NotFed = Rule("WIRE-018", Severity.Fix, "a supply contact that no supply feeds");
    internal static readonly Rule LessThanWanted = Rule("WIRE-019", Severity.Fix, "less than it is made for");
    internal static readonly Rule ProveFirst = Rule("WIRE-020", Severity.Check, "harmless only if an unproven fact is true");

    // Joints: whether a plug goes on at all, and how else it might.
    internal static readonly Rule NoReturn = Rule("WIRE-021", Severity.Fix, "current without a way back");
    internal static readonly Rule BetweenSupplies = Rule("WIRE-022", Severity.Check, "a fan or lamp between two supplies");
    internal static readonly Rule LabelDiffers = Rule("WIRE-023", Severity.Check, "another thing arrives than the label says");
    internal static readonly Rule FedWhileOff = Rule("WIRE-024", Severity.Fix, "a part that is off, fed through a signal");
    internal static readonly Rule MustStayOpen = Rule("WIRE-025", Severity.Fix, "something on a contact that must stay open");
    internal static readonly Rule NotRecognised = Rule("WIRE-026", Severity.Check, "a supply that is not recognised, or not asked");
    internal static readonly Rule MayStayOff = Rule("WIRE-027", Severity.Note, "a supply on contact 3 of a drive");
    internal static readonly Rule BeyondElement = Rule("WIRE-028", Severity.Fix, "more than an element or a contact bears");
    internal static readonly Rule Coil = Rule("WIRE-029", Severity.Fix, "a coil that will not do");
    internal static readonly Rule SameGender = Rule("WIRE-030", Severity.Fix, "pins against pins, or sockets against sockets");
    internal static readonly Rule PitchDiffers = Rule("WIRE-031", Severity.Fix, "another pitch");
    internal static readonly Rule KeyingDiffers = Rule("WIRE-032", Severity.Fix, "another body or keying");
    internal static readonly Rule RowsDiffer = Rule("WIRE-033", Severity.Fix, "another number of rows");
    internal static readonly Rule DangerousPlacement = Rule("WIRE-034", Severity.Check, "a hand could push it on in a way that destroys something");
    internal static readonly Rule NoWireTable = Rule("WIRE-035", Severity.Fix, "no wire table for a joint that needs one");
    internal static readonly Rule LeftOffWithoutReason = Rule("WIRE-036", Severity.Check, "left off without a reason");
    internal static readonly Rule Alternating = Rule("WIRE-038", Severity.Stop, "alternating current where it does not belong");
    internal static readonly Rule ContactTakenTwice = Rule("WIRE-037", Severity.Fix, "two joints claim the same contact");

    // Leads: what was made by hands is proven by the meter before it meets a board.
    internal static readonly Rule LeadUntested = Rule("WIRE-040", Severity.Check, "a made lead is not proven by the meter yet");
    internal static readonly Rule LeadWrong = Rule("WIRE-041", Severity.Fix, "a made lead reads otherwise than its meter sheet says");
    internal static readonly Rule WireTooThin = Rule("WIRE-042", Severity.Fix, "no wire in use bears the current over this length");

    // Nets: what is joined without meeting.
    internal static readonly Rule JoinedByWay = Rule("WIRE-050", Severity.Stop, "two contacts that never meet are joined, and would destroy something");
    internal static readonly Rule NotAllJudged = Rule("WIRE-051", Severity.Fix, "more is wrong, or joined, than is judged");

    // Groups: what several contacts of a joint, or several joints, must do together.
    internal static readonly Rule UsbPairSplit = Rule("WIRE-060", Severity.Fix, "the two halves of a USB pair parted");
    internal static readonly Rule UsbWithoutGround = Rule("WIRE-061", Severity.Fix, "USB data without a ground");
    internal static readonly Rule UsbLanesLost = Rule("WIRE-062", Severity.Note, "USB 2.0 taken from a header of USB 3.x");
    internal static readonly Rule FanControlLost = Rule("WIRE-063", Severity.Note, "a fan that the board cannot slow down");
    internal static readonly Rule FanTachoMissing = Rule("WIRE-064", Severity.Check, "a fan whose turning the board does not see");
    internal static readonly Rule FanHeaderOverloaded = Rule("WIRE-065", Severity.Fix, "more fan current than a fan header bears");
    internal static readonly Rule AudioPresenceOpen = Rule("WIRE-066", Severity.Check, "front sound whose presence nobody tells");
    internal static readonly Rule SoundSharesSupply = Rule("WIRE-067", Severity.Check, "sound that shares a supply and a ground");
    internal static readonly Rule LookalikeSocket = Rule("WIRE-068", Severity.Check, "a plug that also goes into another socket, and destroys something there");
    internal static readonly Rule NeedsConverter = Rule("WIRE-069", Severity.Fix, "two sides that no wire joins: a converter is needed");

    private static Rule Rule(string code, Severity severity, string title) => new(code, Stage.Wire, severity, title);
}
