using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire;

/// <summary>Judges two pins that meet. The rules are tried in order, worst physics first, and each is tried both ways round: which pin is named first never
/// changes the outcome.</summary>
/// <remarks>The physics of each rule and its source stand in docs/rules.md under its code.</remarks>
public static class ContactRules
{
    private static readonly ContactRule[] InOrder =
    [
        new(ContactOutcome.Blocked, WireRules.BlockedPosition,
            (a, b) => a.Pin.Contact == ContactState.Blocked && b.HasBody,
            (_, _) => "does not go on: a pin meets a filled cavity"),
        new(ContactOutcome.Unwired, WireRules.UnwiredPosition,
            (a, b) => a.Pin.Contact == ContactState.Unwired && b.Conducts && b.Signal.IsMeaningful,
            (_, b) => $"{b.Signal} meets a contact with no conductor behind it"),
        new(ContactOutcome.Idle, null,
            (a, b) => !a.Conducts || !b.Conducts,
            (_, _) => "nothing to connect"),
        new(ContactOutcome.Unknown, WireRules.ProveFirst,
            (a, _) => a.Family == SignalFamily.Unknown,
            (_, b) => $"{b.Signal} meets a contact nobody knows"),
        new(ContactOutcome.SupplyToGround, WireRules.SupplyToGround,
            (a, b) => a.Family == SignalFamily.Supply && b.Family == SignalFamily.Ground,
            (a, _) => $"would short {a.Signal} to ground"),
        new(ContactOutcome.SupplyToSupply, WireRules.SupplyToSupply,
            (a, b) => a.Family == SignalFamily.Supply && b.Family == SignalFamily.Supply && !IsSameSupply(a.Signal, b.Signal),
            (a, b) => $"would join {a.Signal} to {b.Signal}"),
        new(ContactOutcome.Right, null,
            IsHeldAtItsLevel,
            (a, b) => $"{b.Signal} fed with {a.Signal}, as it wants"),
        new(ContactOutcome.SupplyIntoSignal, WireRules.SupplyIntoSignal,
            (a, b) => a.Family == SignalFamily.Supply && b.Family != SignalFamily.Supply,
            (a, b) => $"would feed {a.Signal} into {b.Signal}{(b.Pin.Level is { } level ? $", made for {level}" : "")}"),
        new(ContactOutcome.OutputAgainstOutput, WireRules.OutputAgainstOutput,
            (a, b) => a.Direction == SignalDirection.Out && b.Direction == SignalDirection.Out,
            (a, b) => $"{a.Signal} and {b.Signal} would drive each other"),
        new(ContactOutcome.Right, null,
            (a, b) => b.Family == SignalFamily.Ground && ReturnsToGround(a),
            (a, _) => a.Family == SignalFamily.Ground ? "ground to ground" : $"{a.Signal} joined to ground, as it wants"),
        new(ContactOutcome.HeldAtGround, WireRules.HeldAtGround,
            (a, b) => b.Family == SignalFamily.Ground,
            (a, _) => $"would hold {a.Signal} at ground"),
        new(ContactOutcome.LightReversed, WireRules.LightReversed,
            (a, b) => a.Signal.Polarity == 1 && b.Signal.Polarity == -1 && a.Signal.Function == b.Signal.Function,
            (a, _) => $"{a.Signal.Function} the wrong way round: dark, harmless"),
        new(ContactOutcome.Switch, null,
            (a, b) => a.Family == SignalFamily.Switch && a.Signal == b.Signal,
            (a, _) => $"{a.Signal}: a switch has no polarity, either way is right"),
        new(ContactOutcome.LevelDiffers, WireRules.LevelDiffers,
            (a, b) => a.Signal == b.Signal && LevelsDiffer(a.Pin.Level, b.Pin.Level),
            (a, b) => $"{a.Signal} is {a.Pin.Level} on one side and {b.Pin.Level} on the other"),
        new(ContactOutcome.Right, null,
            (a, b) => BelongTogether(a.Signal, b.Signal),
            (a, _) => $"{a.Signal}, right"),
        new(ContactOutcome.WrongSignal, WireRules.WrongSignal,
            (_, _) => true,
            (a, b) => a.Signal == b.Signal ? $"{a.Signal} meets {b.Signal}: both only listen" : $"{a.Signal} meets {b.Signal}"),
    ];

    /// <summary>Judges what would happen if the two were pushed or wired together and power applied.</summary>
    public static ContactJudgement Judge(Terminal one, Terminal other)
    {
        foreach (var rule in InOrder)
        {
            if (rule.Applies(one, other)) return new ContactJudgement(rule, one, other);
            if (rule.Applies(other, one)) return new ContactJudgement(rule, other, one);
        }

        throw new InvalidOperationException("The last contact rule applies to every pair.");
    }

    private static bool IsSameSupply(Signal one, Signal other)
        => one.IsStandby == other.IsStandby && IsWithin(Tolerances.Rail, one.SupplyVoltage!.Value, other.SupplyVoltage!.Value);

    // A backplane that wants +5 V on its enable contact; a lamp at or below what it is made for, where it only glows dimmer.
    private static bool IsHeldAtItsLevel(Terminal supply, Terminal fed)
    {
        if (supply.Family != SignalFamily.Supply || fed.Direction == SignalDirection.Out || fed.Pin.Level is not { } level) return false;
        var voltage = supply.Signal.SupplyVoltage!.Value;
        return fed.Family switch
        {
            SignalFamily.Enable or SignalFamily.Sense => IsWithin(Tolerances.Rail, voltage, level),
            SignalFamily.Light => fed.Signal.Polarity == 1 && voltage > Volts.Zero && voltage.Value <= level.Value * (1 + Tolerances.Rail),
            _ => false,
        };
    }

    private static bool ReturnsToGround(Terminal terminal) => terminal.Family switch
    {
        SignalFamily.Ground => true,
        SignalFamily.Switch or SignalFamily.Sense
            => terminal.Direction == SignalDirection.Passive || terminal.Pin.Level == Volts.Zero || terminal.Signal.Entry is { WantsGround: true },
        SignalFamily.Light => terminal.Direction == SignalDirection.Passive && terminal.Signal.Polarity == -1,
        _ => false,
    };

    private static bool BelongTogether(Signal one, Signal other) => (one.Name, other.Name) switch
    {
        ("serial-transmit", "serial-receive") => true,
        ("serial-receive", "serial-receive") => false,
        // Any port of USB serves any other as long as the pair stays together, which is looked at for the whole joint.
        _ when one.Family == SignalFamily.Usb && other.Family == SignalFamily.Usb => one.Entry?.UsbLine == other.Entry?.UsbLine,
        _ => one.Family == SignalFamily.Supply || one == other,
    };

    private static bool LevelsDiffer(Volts? one, Volts? other)
        => one is { } left && other is { } right && !IsWithin(Tolerances.LogicLevel, left, right);

    private static bool IsWithin(double tolerance, Volts one, Volts other)
        => Math.Abs(one.Value - other.Value) <= tolerance * Math.Max(Math.Abs(one.Value), Math.Abs(other.Value));
}
