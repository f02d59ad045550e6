using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Prove.ReadingJudgement;

namespace LooseGraft.Core.Prove;

/// <summary>What a voltage against ground says of a contact.</summary>
internal static class VoltageJudge
{
    // Below this a meter on an open contact may drift by itself (input of 10 megohm, stray pick-up).
    private const double NothingVolts = 0.3;

    // A logic or light contact never shows more: 5 V and its tolerance.
    private const double MostSignalVolts = 5.25;

    private static readonly double[] UsualSupplies = [3.3, 5, 12, -12, 19, 24];

    public static ReadingJudgement Judge(Pin pin, Pin? black, PowerState power, SpokenReading value)
    {
        if (value.Kind != ReadingKind.Volts) return LeavesOpen($"{value} is not a voltage; set the meter to DC volts.");
        var volts = value.Value;
        if (black is not null && black.Signal.Value.Family != SignalFamily.Ground)
            return LeavesOpen($"{value} between two contacts; only a reading against ground tells what one of them carries.");
        if (power == PowerState.Off)
        {
            return Math.Abs(volts) < NothingVolts
                ? LeavesOpen("With power off a voltage says nothing.")
                : LeavesOpen($"{value} with power off: something still feeds it, or a capacitor is charged. Wait, and find out what.");
        }

        return pin.Signal.Value.Family switch
        {
            SignalFamily.Supply => Supply(pin.Signal.Value, power, value),
            SignalFamily.Ground => Math.Abs(volts) < NothingVolts
                ? LeavesOpen("0 V is what ground shows, and an unconnected contact too: beep it out with power off.")
                : Contradicts($"{value} is not ground.", Nearest(volts, power)),
            SignalFamily.None => Math.Abs(volts) < NothingVolts
                ? LeavesOpen("Nothing in this state; look again with the machine on.")
                : Contradicts($"{value}: it is connected to something.", Nearest(volts, power)),
            SignalFamily.Unknown
                => LeavesOpen(Math.Abs(volts) < NothingVolts ? "0 V: ground, or nothing. Beep it out with power off." : $"{value}.", Nearest(volts, power)),
            SignalFamily.Serial when volts is < -3 and > -15
                => LeavesOpen($"{value}: a serial line at rest by the old standard (±3 to ±15 V), not by logic levels."),
            _ => Signal(pin, power, value),
        };
    }

    private static ReadingJudgement Supply(Signal signal, PowerState power, SpokenReading value)
    {
        var (nominal, volts) = (signal.SupplyVoltage!.Value.Value, value.Value);
        var isThere = IsWithin(volts, nominal);
        var isNothing = Math.Abs(volts) < NothingVolts;
        if (isThere)
        {
            return (signal.IsStandby, power) switch
            {
                (true, PowerState.On) => LeavesOpen($"{value} with the machine on fits; only with the machine off does it tell standby from switched."),
                (false, PowerState.Standby)
                    => Contradicts($"{value} while the machine is off: this is a standby supply.", Model.Signal.Supply(new Volts(nominal), standby: true)),
                _ => Confirms($"{value} is {signal} within its tolerance."),
            };
        }

        if (isNothing && !signal.IsStandby && power == PowerState.Standby)
            return LeavesOpen("0 V while the machine is off is right for a switched supply; read it again with the machine on.");
        return isNothing
            ? Contradicts($"0 V where {signal} should be.")
            : Contradicts($"{value} is not {signal}.", Nearest(volts, power));
    }

    private static ReadingJudgement Signal(Pin pin, PowerState power, SpokenReading value)
    {
        var volts = value.Value;
        var most = Math.Max(MostSignalVolts, (pin.Level?.Value ?? 0) * (1 + Tolerances.LogicLevel));
        if (volts > most || volts < -NothingVolts)
            return Contradicts($"{value} is more than {pin.Signal.Value} ever shows.", Nearest(volts, power));
        if (Math.Abs(volts) < NothingVolts)
            return LeavesOpen($"0 V: {pin.Signal.Value} at rest, or ground, or nothing.");
        if (Nearest(volts, power) is null && !ReadingJudge.IsProvenByExclusion(pin.Signal.Value))
            return LeavesOpen($"{value}: no rail, but another signal would show the same.");
        return Nearest(volts, power) is { } supply
            ? LeavesOpen($"{value} is what a pulled-up contact shows, and {supply} too. Measure ohms to ground with power off: a rail shows few, an input many.")
            : Confirms($"{value}: pulled up or driven, and no rail.");
    }

    private static Signal? Nearest(double volts, PowerState power)
    {
        var near = UsualSupplies.Where(nominal => IsWithin(volts, nominal)).Select(nominal => (double?)nominal).FirstOrDefault();
        return near is { } nominal ? Model.Signal.Supply(new Volts(nominal), standby: power == PowerState.Standby && nominal > 0) : null;
    }

    private static bool IsWithin(double volts, double nominal) => Math.Abs(volts - nominal) <= Tolerances.Of(new Volts(nominal)) * Math.Abs(nominal);
}
