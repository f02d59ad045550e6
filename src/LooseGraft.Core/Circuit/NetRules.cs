using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>What two contacts do to each other on one net. The rules are tried in order, worst physics first, each both ways round: which contact is named
/// first never changes the outcome.</summary>
/// <remarks>The physics of each rule and its source stand in docs/rules.md.</remarks>
internal static class NetRules
{
    /// <summary>An input is killed by a level above so many times its own. 5 V into 3.3 V is 1.5 times: the protection conducts, and many pins live on with a
    /// series resistor of a few hundred ohms in the driver; 12 V into 5 V, 5 V into 1.8 V or 12 V into 3.3 V kill (makers' absolute maximum ratings, common
    /// practice).</summary>
    public const double KillingRatio = 1.6;

    private static readonly NetRule[] InOrder =
    [
        new(ConflictKind.NotKnown, Severity.Check, (a, _) => a.Role.Kind == RoleKind.Unknown),
        new(null, Severity.Note, (a, b) => a.Is(RoleKind.KeepOpen) && (b.Is(RoleKind.KeepOpen) || b.Is(RoleKind.Passive))),
        new(ConflictKind.MustStayOpen, Severity.Stop, (a, b) => a.Role.Feeds && b.Is(RoleKind.KeepOpen)),
        new(ConflictKind.MustStayOpen, Severity.Fix, (a, b) => b.Is(RoleKind.KeepOpen)),
        new(ConflictKind.SupplyToGround, Severity.Stop, (a, b) => a.Role.Feeds && b.Role.IsReturn),
        new(ConflictKind.LoadAtGround, Severity.Fix, (a, b) => a.Is(RoleKind.Load) && b.Role.IsReturn),
        new(ConflictKind.SupplyToSupply, Severity.Stop, (a, b) => a.Role.Feeds && b.Role.Feeds && (a.Role.IsStandby != b.Role.IsStandby || !IsSame(a, b))),
        new(ConflictKind.SuppliesInParallel, Severity.Stop, (a, b) => a.Is(RoleKind.Source) && b.Is(RoleKind.Source)),
        new(ConflictKind.BeyondLoad, Severity.Stop, (a, b) => a.Role.Feeds && b.Is(RoleKind.Load) && IsBeyond(a.Role.Gives!.Value, b.Role.Wants!.Value)),
        new(ConflictKind.BelowLoad, Severity.Check,
            (a, b) => a.Role.Feeds && b.Is(RoleKind.Load) && b.PartKind.RunsOnLess() && !b.Role.Wants!.Value.Contains(a.Role.Gives!.Value)),
        new(ConflictKind.BelowLoad, Severity.Fix, (a, b) => a.Role.Feeds && b.Is(RoleKind.Load) && !b.Role.Wants!.Value.Contains(a.Role.Gives!.Value)),
        new(ConflictKind.NotStandby, Severity.Fix, (a, b) => a.Role.Feeds && b.Is(RoleKind.Load) && b.Role.IsStandby && !a.Role.IsStandby),
        new(null, Severity.Note, (a, b) => a.Role.Feeds && IsHeldAtItsLevel(a, b)),
        new(ConflictKind.SupplyBeyondSignal, Severity.Stop, (a, b) => a.Role.Feeds && b.IsSignal && !BearsSupply(b.Role, a.Role.Gives!.Value)),
        new(ConflictKind.SupplyAgainstDriver, Severity.Stop,
            (a, b) => a.Role.Feeds && b.Is(RoleKind.Driver) && b.Role.Drive != SignalDrive.ThroughResistor),
        new(ConflictKind.HeldAtSupply, Severity.Fix, (a, b) => a.Role.Feeds && b.IsSignal),
        new(ConflictKind.DriverShorted, Severity.Stop, (a, b) => a.Drives(SignalDrive.Bridge) && b.Role.IsReturn),
        new(ConflictKind.LevelKills, Severity.Stop, (a, b) => a.Drives(SignalDrive.Bridge) && b.IsSignal && !b.Drives(SignalDrive.Bridge)),
        new(ConflictKind.AlwaysOn, Severity.Check, (a, b) => a.IsSignal && a.Signal.Entry is { StartsWhenGrounded: true } && b.Role.IsReturn),
        new(null, Severity.Note, (a, b) => WantsGround(a) && b.Role.IsReturn),
        new(ConflictKind.HeldAtGround, Severity.Check, (a, b) => a.Drives(SignalDrive.OpenToGround) && b.Role.IsReturn),
        new(ConflictKind.HeldAtGround, Severity.Fix, (a, b) => a.IsSignal && b.Role.IsReturn),
        new(ConflictKind.LoadOnSignal, Severity.Stop, (a, b) => a.Is(RoleKind.Driver) && b.Is(RoleKind.Load)),
        new(ConflictKind.LoadOnSignal, Severity.Fix, (a, b) => a.Is(RoleKind.Input) && b.Is(RoleKind.Load)),
        new(null, Severity.Note, (a, b) => a.Drives(SignalDrive.InTurn) && b.Drives(SignalDrive.InTurn) && BelongTogether(a.Signal, b.Signal)),
        new(ConflictKind.LineShared, Severity.Check, (a, b) => a.Drives(SignalDrive.OpenToGround) && b.Drives(SignalDrive.OpenToGround)),
        new(ConflictKind.DriverAgainstDriver, Severity.Stop, (a, b) => IsStiff(a) && (IsStiff(b) || b.Drives(SignalDrive.InTurn))),
        new(ConflictKind.OtherSignal, Severity.Fix, (a, b) => a.Is(RoleKind.Driver) && b.Is(RoleKind.Driver)),
        new(ConflictKind.LevelKills, Severity.Stop, (a, b) => Pushes(a) && b.Is(RoleKind.Input) && Ratio(a, b) > KillingRatio),
        new(ConflictKind.OtherSignal, Severity.Fix, (a, b) => a.IsSignal && b.IsSignal && !BelongTogether(a.Signal, b.Signal)),
        new(ConflictKind.LevelDiffers, Severity.Fix,
            (a, b) => Pushes(a) && b.Is(RoleKind.Input) && Ratio(a, b) is { } ratio
                && !VoltSpan.Around(new Volts(1), Tolerances.LogicLevel).Contains(new Volts(ratio))),
        new(ConflictKind.LevelUnknown, Severity.Check, (a, b) => Pushes(a) && b.Is(RoleKind.Input) && (a.Role.Level is null) != (b.Role.Level is null)),
    ];

    /// <summary>What the first rule that applies says of two terminals; null when none applies.</summary>
    public static NetVerdict? Judge(Terminal one, Terminal other)
    {
        foreach (var rule in InOrder)
        {
            if (rule.Applies(one, other)) return new NetVerdict(rule.Kind, rule.Severity, IsSwapped: false);
            if (rule.Applies(other, one)) return new NetVerdict(rule.Kind, rule.Severity, IsSwapped: true);
        }

        return null;
    }

    /// <summary>What is wrong between two contacts of one net, the one that gives first; null when nothing is.</summary>
    public static Clash? Judge(CircuitContact one, CircuitContact other) => Judge(one.Terminal, other.Terminal) switch
    {
        { Kind: { } kind } verdict => verdict.IsSwapped ? new Clash(kind, verdict.Severity, other, one) : new Clash(kind, verdict.Severity, one, other),
        _ => null,
    };

    /// <summary>Whether two signals are the two ends of one line.</summary>
    internal static bool BelongTogether(Signal one, Signal other) => (one.Name, other.Name) switch
    {
        ("serial-transmit", "serial-receive") or ("serial-receive", "serial-transmit") => true,
        ("serial-receive", "serial-receive") => false,
        // Any port of USB serves any other as long as the pair stays together, which is looked at for the whole joint.
        _ when one.Family == SignalFamily.Usb && other.Family == SignalFamily.Usb => one.Entry?.UsbLine == other.Entry?.UsbLine,
        _ => one == other,
    };

    // Two that both move the line, at least one of them up as well as down.
    private static bool IsStiff(Terminal contact)
        => contact.Role is { Kind: RoleKind.Driver, Drive: SignalDrive.PushPull or SignalDrive.OpenToGround or SignalDrive.Bridge };

    private static bool IsSame(Terminal one, Terminal other)
        => VoltSpan.Around(one.Role.Gives!.Value.Low, Tolerances.Rail).Contains(other.Role.Gives!.Value.Low);

    // Towards zero is less than a load is made for; beyond its far end, or on the other side of zero, it dies.
    private static bool IsBeyond(VoltSpan gives, VoltSpan wants)
        => wants.High > Volts.Zero ? gives.High > wants.High || gives.Low < Volts.Zero : gives.Low < wants.Low || gives.High > Volts.Zero;

    /// <summary>Whether a signal's pin bears a supply.</summary>
    internal static bool BearsSupply(ContactRole role, VoltSpan gives) => gives.Low >= Volts.Zero && gives.High <= role.Bears;

    // A backplane that states it wants +5 V on its enable contact. What is merely usual for a line is no wish to be held there.
    private static bool IsHeldAtItsLevel(Terminal supply, Terminal fed)
        => fed.Role.Kind == RoleKind.Input && fed.Pin.Level is { } level && level > Volts.Zero
            && fed.Signal.Family is SignalFamily.Enable or SignalFamily.Sense or SignalFamily.Other
            && VoltSpan.Around(level, Tolerances.Rail).Contains(supply.Role.Gives!.Value);

    private static bool WantsGround(Terminal contact)
        => contact.Role.Kind == RoleKind.Input && (contact.Role.Level == Volts.Zero || contact.Signal.Entry is { WantsGround: true });

    // Whether it drives the line up to a level of its own, or may for all anybody said.
    private static bool Pushes(Terminal contact)
        => contact.Role.MayDrive || (contact.Is(RoleKind.Driver) && contact.Role.Drive != SignalDrive.OpenToGround);

    private static double? Ratio(Terminal driver, Terminal input)
        => driver.Role.Level is { } given && input.Role.Level is { } made && made > Volts.Zero ? given.Value / made.Value : null;
}
