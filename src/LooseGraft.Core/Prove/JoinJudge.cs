using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Prove.ReadingJudgement;

namespace LooseGraft.Core.Prove;

/// <summary>What a beep, a silence or ohms say of a contact. Only with power off: the meter's own small current is what is measured.</summary>
internal static class JoinJudge
{
    // From this on a contact is neither ground nor, on a board, a rail: rails show from a few ohms to some hundred through what they feed (common practice).
    private const double InputOhms = 2000;

    public static ReadingJudgement Judge(Pin pin, Pin? black, PartKind kind, PowerState power, SpokenReading value)
    {
        if (power != PowerState.Off) return LeavesOpen("Ohms and beeps mean nothing with power applied, and the meter may not like it.");
        if (value.Kind is ReadingKind.Volts or ReadingKind.Amps or ReadingKind.Watts) return LeavesOpen($"{value} is not a resistance.");
        if (IsLegOfSwitch(pin, kind) && (black is null || IsLegOfSwitch(black, kind)))
            return LeavesOpen($"{value}: one leg of a switch. The switch test puts such readings together.");
        var other = black?.Signal ?? new Known<Signal>(Model.Signal.Ground, Evidence.Measured);
        if (other.Value.Family == SignalFamily.Ground && (black is null || other.IsProven)) return AgainstGround(pin, value);
        return other.IsProven ? AgainstKnown(pin, other.Value, value) : LeavesOpen($"{value} to a contact that is not proven itself.");
    }

    private static ReadingJudgement AgainstGround(Pin pin, SpokenReading value)
    {
        var signal = pin.Signal.Value;
        return value.IsJoined switch
        {
            true => signal.Family switch
            {
                SignalFamily.Ground => Confirms("Joined to ground."),
                SignalFamily.Unknown => LeavesOpen("Joined to ground.", Model.Signal.Ground),
                SignalFamily.Supply
                    => Contradicts($"{signal} joined to ground: it is a ground contact, or there is a short. Apply no power.", Model.Signal.Ground),
                SignalFamily.Light when signal.Polarity < 0 => LeavesOpen("Joined to ground, as the return of some lights is."),
                SignalFamily.Sense when pin.Level == Volts.Zero => LeavesOpen("Joined to ground: the state it wants, or a ground contact."),
                _ => Contradicts($"{signal} joined to ground: it is a ground contact.", Model.Signal.Ground),
            },
            false => signal.Family switch
            {
                SignalFamily.Ground => Contradicts("Not joined to ground."),
                SignalFamily.None when value.Kind != ReadingKind.NoBeep => Confirms("Nothing behind it, as far as a meter can tell."),
                SignalFamily.Supply => LeavesOpen("No short to ground; which supply it is only volts will tell."),
                _ => Many(signal, value),
            },
            null => signal.Family == SignalFamily.Ground ? Contradicts($"{value} is too much for ground.") : Many(signal, value),
        };
    }

    // Silence only says "more than some 30 ohms", which a rail is too.
    private static ReadingJudgement Many(Signal signal, SpokenReading value)
    {
        var isMany = value.Kind == ReadingKind.OverRange || value is { Kind: ReadingKind.Ohms, Value: >= InputOhms };
        if (!isMany || !signal.IsMeaningful || signal.Family == SignalFamily.Supply) return LeavesOpen($"{value}: not ground. A rail would show the same.");
        return ReadingJudge.IsProvenByExclusion(signal)
            ? Confirms($"{value} to ground: neither ground nor a rail, as {signal} should be.")
            : LeavesOpen($"{value} to ground: neither ground nor a rail, but another signal would show the same.");
    }

    private static ReadingJudgement AgainstKnown(Pin pin, Signal other, SpokenReading value)
    {
        var signal = pin.Signal.Value;
        return (value.IsJoined, signal == other) switch
        {
            (true, true) => Confirms($"Joined to a proven {other}."),
            (true, false)
                => signal.Family == SignalFamily.Unknown
                ? LeavesOpen($"Joined to a proven {other}.", other)
                : Contradicts($"Joined to a proven {other}, so it is not {signal}.", other),
            (false, true) when other.Family == SignalFamily.Supply => Contradicts($"Not joined to a proven {other}."),
            _ => LeavesOpen($"{value} to a proven {other}."),
        };
    }

    private static bool IsLegOfSwitch(Pin pin, PartKind kind)
        => kind is PartKind.Panel or PartKind.Switch && pin.Signal.Value.Family is SignalFamily.Switch or SignalFamily.Unknown;
}
