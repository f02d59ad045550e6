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

    private static readonly RoleKind[] Any = Enum.GetValues<RoleKind>();
    private static readonly RoleKind[] Feeds = [RoleKind.Source, RoleKind.Rail];
    private static readonly RoleKind[] Source = [RoleKind.Source];
    private static readonly RoleKind[] Load = [RoleKind.Load];
    private static readonly RoleKind[] Driver = [RoleKind.Driver];
    private static readonly RoleKind[] Input = [RoleKind.Input];
    private static readonly RoleKind[] Lines = [RoleKind.Driver, RoleKind.Input];
    private static readonly RoleKind[] Return = [RoleKind.Ground, RoleKind.Chassis];
    private static readonly RoleKind[] KeepOpen = [RoleKind.KeepOpen];

    private static readonly NetRule[] InOrder =
    [
        new(ConflictKind.NotKnown, Severity.Check, [RoleKind.Unknown], Any),
        new(null, Severity.Note, KeepOpen, [RoleKind.KeepOpen, RoleKind.Passive]),
        new(ConflictKind.MustStayOpen, Severity.Stop, Feeds, KeepOpen),
        new(ConflictKind.MustStayOpen, Severity.Fix, Any, KeepOpen),
        new(ConflictKind.SupplyToGround, Severity.Stop, Feeds, Return),
        new(ConflictKind.LoadAtGround, Severity.Fix, Load, Return),
        new(ConflictKind.SupplyToSupply, Severity.Stop, Feeds, Feeds, (a, b) => a.Role.IsStandby != b.Role.IsStandby || !IsSame(a, b)),
        new(ConflictKind.SuppliesInParallel, Severity.Stop, Source, Source),
        new(ConflictKind.BeyondLoad, Severity.Stop, Feeds, Load, (a, b) => IsBeyond(a.Role.Gives!.Value, b.Role.Wants!.Value)),
        new(ConflictKind.BelowLoad, Severity.Check, Feeds, Load,
            (a, b) => b.PartKind.RunsOnLess() && !b.Role.Wants!.Value.Contains(a.Role.Gives!.Value)),
        new(ConflictKind.BelowLoad, Severity.Fix, Feeds, Load, (a, b) => !b.Role.Wants!.Value.Contains(a.Role.Gives!.Value)),
        new(ConflictKind.NotStandby, Severity.Fix, Feeds, Load, (a, b) => b.Role.IsStandby && !a.Role.IsStandby),
        new(null, Severity.Note, Feeds, Input, IsHeldAtItsLevel),
        new(ConflictKind.SupplyBeyondSignal, Severity.Stop, Feeds, Lines, (a, b) => !BearsSupply(b.Role, a.Role.Gives!.Value)),
        new(ConflictKind.SupplyAgainstDriver, Severity.Stop, Feeds, Driver, (_, b) => b.Role.Drive != SignalDrive.ThroughResistor),
        new(ConflictKind.HeldAtSupply, Severity.Fix, Feeds, Lines),
        new(ConflictKind.DriverShorted, Severity.Stop, Driver, Return, (a, _) => a.Drives(SignalDrive.Bridge)),
        new(ConflictKind.LevelKills, Severity.Stop, Driver, Lines, (a, b) => a.Drives(SignalDrive.Bridge) && !b.Drives(SignalDrive.Bridge)),
        new(ConflictKind.AlwaysOn, Severity.Check, Lines, Return, (a, _) => a.Signal.Entry is { StartsWhenGrounded: true }),
        new(null, Severity.Note, Input, Return, (a, _) => a.Role.Level == Volts.Zero || a.Signal.Entry is { WantsGround: true }),
        new(ConflictKind.HeldAtGround, Severity.Check, Driver, Return, (a, _) => a.Drives(SignalDrive.OpenToGround)),
        new(ConflictKind.HeldAtGround, Severity.Fix, Lines, Return),
        new(ConflictKind.LoadOnSignal, Severity.Stop, Driver, Load),
        new(ConflictKind.LoadOnSignal, Severity.Fix, Input, Load),
        new(null, Severity.Note, Driver, Driver,
            (a, b) => a.Drives(SignalDrive.InTurn) && b.Drives(SignalDrive.InTurn) && BelongTogether(a.Signal, b.Signal)),
        new(ConflictKind.LineShared, Severity.Check, Driver, Driver, (a, b) => a.Drives(SignalDrive.OpenToGround) && b.Drives(SignalDrive.OpenToGround)),
        new(ConflictKind.DriverAgainstDriver, Severity.Stop, Driver, Driver, (a, b) => IsStiff(a) && (IsStiff(b) || b.Drives(SignalDrive.InTurn))),
        new(ConflictKind.OtherSignal, Severity.Fix, Driver, Driver),
        new(ConflictKind.LevelKills, Severity.Stop, Lines, Input, (a, b) => Pushes(a) && Ratio(a, b) > KillingRatio),
        new(ConflictKind.OtherSignal, Severity.Fix, Lines, Lines, (a, b) => !BelongTogether(a.Signal, b.Signal)),
        new(ConflictKind.LevelDiffers, Severity.Fix, Lines, Input,
            (a, b) => Pushes(a) && Ratio(a, b) is { } ratio && !VoltSpan.Around(new Volts(1), Tolerances.LogicLevel).Contains(new Volts(ratio))),
        new(ConflictKind.LevelUnknown, Severity.Check, Lines, Input, (a, b) => Pushes(a) && (a.Role.Level is null) != (b.Role.Level is null)),
    ];

    // Of thirty rules few speak of any two roles. Which, and which way round, is looked up: grids of thousands of contacts are judged while a page waits.
    private static readonly (NetRule Rule, bool IsSwapped)[][] ByRoles =
        [.. from one in Any from other in Any select (from rule in InOrder from found in Ways(rule, one, other) select found).ToArray()];

    /// <summary>What the first rule that applies says of two terminals; null when none applies.</summary>
    public static NetVerdict? Judge(Terminal one, Terminal other)
    {
        foreach (var (rule, isSwapped) in ByRoles[((int)one.Role.Kind * Any.Length) + (int)other.Role.Kind])
        {
            if (rule.Applies is not { } applies || (isSwapped ? applies(other, one) : applies(one, other)))
                return new NetVerdict(rule.Kind, rule.Severity, isSwapped);
        }

        return null;
    }

    private static IEnumerable<(NetRule Rule, bool IsSwapped)> Ways(NetRule rule, RoleKind one, RoleKind other)
    {
        if (rule.One.Contains(one) && rule.Other.Contains(other)) yield return (rule, false);
        if (rule.One.Contains(other) && rule.Other.Contains(one)) yield return (rule, true);
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
        => fed.Pin.Level is { } level && level > Volts.Zero
            && fed.Signal.Family is SignalFamily.Enable or SignalFamily.Sense or SignalFamily.Other
            && VoltSpan.Around(level, Tolerances.Rail).Contains(supply.Role.Gives!.Value);

    // Whether it drives the line up to a level of its own, or may for all anybody said.
    private static bool Pushes(Terminal contact)
        => contact.Role.MayDrive || (contact.Is(RoleKind.Driver) && contact.Role.Drive != SignalDrive.OpenToGround);

    private static double? Ratio(Terminal driver, Terminal input)
        => driver.Role.Level is { } given && input.Role.Level is { } made && made > Volts.Zero ? given.Value / made.Value : null;
}
