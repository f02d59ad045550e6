using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>Says how a contact is proven.</summary>
/// <remarks>What a reading means is worked out by <see cref="ReadingJudge"/> on sample readings, so that the instruction and the verdict can never
/// disagree.</remarks>
public static class ProbeTests
{
    private static readonly string[] VoltSamples = ["0 V", "1.8 V", "3.3 V", "5.0 V", "12.0 V", "-12.0 V"];
    private static readonly string[] JoinSamples = ["beep", "no beep"];
    private static readonly string[] OhmSamples = ["0.2 ohm", "80 ohm", "10 kohm", "OL"];
    private static readonly string[] DiodeSamples = ["1.8 V", "2.9 V", "OL", "0 V"];

    /// <summary>The tests for one contact, the most telling first.</summary>
    /// <param name="port">The port.</param>
    /// <param name="kind">The kind of part it is on.</param>
    /// <param name="position">The contact.</param>
    public static ImmutableArray<ProbeTest> For(Port port, PartKind kind, int position)
    {
        var pin = port.PinAt(position);
        var signal = pin.Signal.Value;
        var isFed = kind is not (PartKind.Panel or PartKind.Switch or PartKind.Lamp or PartKind.Lead or PartKind.Speaker or PartKind.Adapter);
        return signal.Family switch
        {
            SignalFamily.Ground => [Beep(port, kind, position), .. Fed(isFed, Volts(port, kind, position, PowerState.On))],
            SignalFamily.Supply when signal.IsStandby => [Volts(port, kind, position, PowerState.Standby)],
            SignalFamily.Supply => isFed ? [Volts(port, kind, position, PowerState.On)] : [Beep(port, kind, position)],
            SignalFamily.Light when !isFed && Mate(port, pin) is { } other => [Diode(port, kind, position, other)],
            SignalFamily.Switch when !isFed && Mate(port, pin) is { } other => [Pressed(port, kind, position, other)],
            SignalFamily.Unknown when isFed => [Volts(port, kind, position, PowerState.On), Beep(port, kind, position)],
            _ => [Ohms(port, kind, position), .. Fed(isFed, Volts(port, kind, position, PowerState.On))],
        };
    }

    private static ImmutableArray<ProbeTest> Fed(bool isFed, ProbeTest test) => isFed ? [test] : [];

    private static ProbeTest Volts(Port port, PartKind kind, int red, PowerState power)
        => Test(port, kind, MeterMode.VoltsDc, power, red, GroundOf(port, red), VoltSamples,
            ["Set the meter to DC volts, 20 V or automatic.", BlackStep(port, red),
                power == PowerState.On ? "Start the machine." : "Plug it in and leave it off.",
                $"Touch position {red} with the red probe and read."],
            "A slip that bridges two contacts is a short. Sleeve the probes to their tips, and hold one of them still.");

    private static ProbeTest Beep(Port port, PartKind kind, int red)
        => Test(port, kind, MeterMode.Beep, PowerState.Off, red, GroundOf(port, red), JoinSamples,
            ["Unplug it and wait until the last light is out.", "Set the meter to continuity; touch the probes together: it beeps.", BlackStep(port, red),
                $"Touch position {red} with the red probe and listen."], null);

    private static ProbeTest Ohms(Port port, PartKind kind, int red)
        => Test(port, kind, MeterMode.Ohms, PowerState.Off, red, GroundOf(port, red), OhmSamples,
            ["Unplug it and wait until the last light is out.", "Set the meter to ohms, automatic.", BlackStep(port, red),
                $"Touch position {red} with the red probe and wait until the figure stands."], null);

    private static ProbeTest Diode(Port port, PartKind kind, int red, int black)
        => Test(port, kind, MeterMode.Diode, PowerState.Off, red, black, DiodeSamples,
            ["Unplug the light from everything.", "Set the meter to diode test.", $"Black probe on position {black}, red probe on position {red}.",
                "Read, and look whether it glows. Then change the probes over."], null);

    private static ProbeTest Pressed(Port port, PartKind kind, int red, int black)
        => Test(port, kind, MeterMode.Beep, PowerState.Off, red, black, JoinSamples,
            ["Unplug it from everything.", "Set the meter to continuity.", $"Red probe on position {red}, black on position {black}.",
                "Listen at rest, then held, then let go: the switch test below puts it together."], null);

    private static ProbeTest Test(
        Port port, PartKind kind, MeterMode mode, PowerState power, int red, int? black, string[] samples, ImmutableArray<string> steps, string? caution)
    {
        var reading = new Reading("sample", default, new PortId("part", port.Id), mode, "") { Red = red, Black = black, Power = power };
        return new ProbeTest(mode, power, red, black, steps,
            [.. samples.Select(text => new ReadingMeaning(text, ReadingJudge.Judge(port, kind, reading with { Text = text })))], caution);
    }

    private static string BlackStep(Port port, int red)
        => GroundOf(port, red) is { } ground
            ? $"Black probe on position {ground}, which is proven ground."
            : "Black probe on bare metal: a screw hole or the shell of a socket.";

    private static int? GroundOf(Port port, int red)
        => port.Pins.FirstOrDefault(
            pin => pin.Position != red && pin is { Contact: ContactState.Wired, Signal: { IsProven: true, Value.Family: SignalFamily.Ground } })?.Position;

    // The other end of the same light or switch.
    private static int? Mate(Port port, Pin pin)
        => port.Pins.FirstOrDefault(other => other.Position != pin.Position && other.Signal.Value.Function == pin.Signal.Value.Function)?.Position;
}
