using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Meters;

/// <summary>A simulated meter that reads the hidden truth of a practice board. The same seed gives the same readings.</summary>
/// <remarks>
/// The truth is a graft in which every contact carries what it really carries. Ground is one net over all parts; a supply is one net on its part; two contacts
/// of one switch are joined as its sort says, which stands in their note: momentary unless it says latching.
/// </remarks>
public sealed class PracticeMeter(Graft truth, int seed, PracticeSlips slips) : IMeter
{
    // What inputs are pulled up to, and through what, on boards of the last decades (common practice).
    private const double PullUpVolts = 3.3;
    private const double InputOhms = 10_000;
    private const double RailOhms = 120;
    private const double LightForward = 1.9;

    private readonly Random _random = new(seed);

    /// <inheritdoc/>
    public string Name => "practice meter";

    /// <inheritdoc/>
    public Task<MeterAnswer> MeasureAsync(MeterRequest request, CancellationToken cancellation) => Task.FromResult(Measure(request));

    private MeterAnswer Measure(MeterRequest request)
    {
        if (truth.FindPart(request.Port.Part) is not { } part || truth.FindPort(request.Port) is not { } port
            || Math.Max(request.Red, request.Black ?? 1) > port.PositionCount)
            return MeterAnswer.Failed("The practice board has no such contact.");
        var (red, black) = (port.PinAt(request.Red), request.Black is { } position ? port.PinAt(position) : null);
        if (_random.NextDouble() < slips.OpenChance) return Open(request.Mode);
        if (_random.NextDouble() < slips.WrongModeChance)
            return new MeterAnswer(
                Number(0.02), "The meter stands on AC volts, not on what was asked for: this reading is worth nothing. Turn the dial and read again.");
        return request.Mode switch
        {
            MeterMode.VoltsDc
                => new MeterAnswer(Number(
                Scattered(Potential(red, part.Kind, request.Power) - (black is null ? 0 : Potential(black, part.Kind, request.Power)))) + " V"),
            MeterMode.Length => MeterAnswer.Failed("A meter reads no lengths."),
            _ when request.Power != PowerState.Off
                => new MeterAnswer(Number(Scattered(37)) + " ohm", "Power is applied: ohms and beeps mean nothing, and a real meter might blow its fuse."),
            MeterMode.Diode => Diode(red, black),
            MeterMode.Beep => new MeterAnswer(Resistance(red, black, part.Kind, request.Act) is < Quantities.SpokenReading.BeepOhms ? "beep" : "no beep"),
            _ => Resistance(red, black, part.Kind, request.Act) is { } ohms ? new MeterAnswer(Number(Scattered(ohms)) + " ohm") : new MeterAnswer("OL"),
        };
    }

    private MeterAnswer Open(MeterMode mode) => mode switch
    {
        MeterMode.VoltsDc => new MeterAnswer(Number(Math.Abs(_random.NextDouble()) * 0.02) + " V"),
        MeterMode.Beep => new MeterAnswer("no beep"),
        _ => new MeterAnswer("OL"),
    };

    private static double Potential(Pin pin, PartKind kind, PowerState power)
    {
        var signal = pin.Signal.Value;
        if (pin.Contact != ContactState.Wired || power == PowerState.Off || IsPassive(kind)) return 0;
        return signal.Family switch
        {
            SignalFamily.Supply => signal.IsStandby || power == PowerState.On ? signal.SupplyVoltage!.Value.Value : 0,
            SignalFamily.Switch => PullUpVolts,
            SignalFamily.Sense or SignalFamily.Enable or SignalFamily.Fan when power == PowerState.On
                => pin.Level is { Value: > 0 } level ? level.Value : PullUpVolts - 0.6,
            SignalFamily.Light when power == PowerState.On && signal.Polarity > 0 => PullUpVolts + 1,
            _ => 0,
        };
    }

    // Null is open.
    private static double? Resistance(Pin red, Pin? black, PartKind kind, SwitchAct act)
    {
        if (red.Contact != ContactState.Wired || black is { Contact: not ContactState.Wired }) return null;
        var (one, other) = (red.Signal.Value, black?.Signal.Value ?? Signal.Ground);
        if (IsPassive(kind))
        {
            if (one.Family == SignalFamily.Switch && one == other) return IsClosed(red, act) ? 0.3 : null;
            return one == other && one.Family is SignalFamily.Ground or SignalFamily.Supply ? 0.2 : null;
        }

        if (one == other && one.Family is SignalFamily.Ground or SignalFamily.Supply) return 0.2;
        if (!one.IsMeaningful || !other.IsMeaningful) return null;
        return one.Family == SignalFamily.Supply || other.Family == SignalFamily.Supply ? RailOhms : InputOhms;
    }

    private MeterAnswer Diode(Pin red, Pin? black)
    {
        var (one, other) = (red.Signal.Value, black?.Signal.Value);
        return one.Family == SignalFamily.Light && other is not null && one.Function == other.Function && one.Polarity > other.Polarity
            ? new MeterAnswer(Number(Scattered(LightForward)) + " V")
            : new MeterAnswer("OL");
    }

    private static bool IsClosed(Pin leg, SwitchAct act)
        => leg.Signal.Note?.Contains("latching", StringComparison.OrdinalIgnoreCase) == true
            ? act is SwitchAct.Held or SwitchAct.PressedOnce
            : act == SwitchAct.Held;

    private static bool IsPassive(PartKind kind)
        => kind is PartKind.Panel or PartKind.Switch or PartKind.Lamp or PartKind.Speaker or PartKind.Lead or PartKind.Adapter;

    // Normal by the polar method of Box and Muller.
    private double Scattered(double value)
        => value + (value * slips.NoiseShare * Math.Sqrt(-2 * Math.Log(1 - _random.NextDouble())) * Math.Cos(2 * Math.PI * _random.NextDouble()));

    private static string Number(double value) => value.ToString(Math.Abs(value) >= 100 ? "0" : "0.00", CultureInfo.InvariantCulture);
}
