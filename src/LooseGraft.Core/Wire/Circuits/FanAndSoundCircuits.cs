using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Wire.Circuits.CircuitPiece.Sorts;

namespace LooseGraft.Core.Wire.Circuits;

/// <summary>Fans that a board insists on, fans in a string, and sound that hums.</summary>
public static class FanAndSoundCircuits
{
    // 4-wire fan specification: two pulses of the tacho to a turn.
    private const double PulsesPerTurn = 2;

    // IEC 61938: consumer line level is about 0.3 V; hum 60 dB below it is not heard over a quiet passage in a living room (common practice).
    private const double LineVolts = 0.316;
    private const double QuietDecibels = -60;

    /// <summary>Pulses for a board that will not start without a fan's tacho.</summary>
    /// <param name="turnsPerMinute">What it shall be told.</param>
    public static CircuitAnswer Tacho(double turnsPerMinute)
    {
        if (turnsPerMinute is < 300 or > 6000) return CircuitAnswer.No("Boards expect 300 to 6000 turns a minute.");
        var wanted = turnsPerMinute / 60 * PulsesPerTurn;
        // A timer with R1 = 1 kΩ and C = 1 µF: f = 1.44 / ((R1 + 2 · R2) · C) (its data sheet).
        var (first, farad) = (1000.0, 1e-6);
        var best = ResistorSeries.All.MinBy(second => Math.Abs((1.44 / ((first + (2 * second.Value)) * farad)) - wanted));
        var made = 1.44 / ((first + (2 * best.Value)) * farad);
        return new CircuitAnswer($"A timer with 1 kilohm, {best} and 1 µF, and a transistor that pulls the tacho contact down.",
            [
                string.Create(CultureInfo.InvariantCulture, $"{made:0.#} pulses a second read as {made / PulsesPerTurn * 60:0} turns a minute."),
                "The tacho contact is pulled up by the board; the transistor's collector goes there, its emitter to ground.",
            ],
            [new(End, "+12 V"), new(Box, $"timer, {best}"), new(Box, "transistor"), new(End, "tacho contact")],
            ["It lies: the board no longer sees a fan that stands still. Only where the heat it was for is gone, or watched some other way. Better is any small fan with a tacho."]);
    }

    /// <summary>Fans in a string on one header.</summary>
    /// <param name="count">How many.</param>
    /// <param name="running">What one draws at full speed.</param>
    /// <param name="header">What the header bears, usually about 1 A.</param>
    public static CircuitAnswer FanString(int count, Amps running, Amps header)
    {
        if (count < 1 || running.Value <= 0 || header.Value <= 0) return CircuitAnswer.No("Give at least one fan, a current and a limit above 0.");
        var (all, start) = (new Amps(count * running.Value), new Amps(count * running.Value * FanStart.Factor));
        var most = (int)Math.Floor(header.Value / running.Value / FanStart.Factor);
        var figures = new[] { $"Running {all}, starting up to {start} for about a second.", $"At most {most} such fans on one header, their start counted." };
        return start.Value <= header.Value * (1 + 1e-9)
            ? new CircuitAnswer("The header bears them, their start counted.", [.. figures],
                [new(End, "header"), new(Box, "splitter"), new(Motor, count == 1 ? "fan" : $"{count} fans"), new(End, "ground")],
                ["Only one fan's tacho goes back: let it be the one that matters."])
            : new CircuitAnswer("Feed them through a hub from a drive plug; the header gives only control and takes one tacho.", [.. figures],
                [new(End, "drive plug +12 V"), new(Box, "hub"), new(Motor, $"{count} fans"), new(End, "ground")],
                all > header
                ? ["On the header alone its driver burns, and often the board's track with it."]
                : ["The header bears them running, but not surely all starting at once."], Works: all <= header);
    }

    /// <summary>What is heard when sound and supply share a ground wire, and what helps.</summary>
    /// <param name="shared">The current in the shared ground wire.</param>
    /// <param name="gauge">Its gauge, an American wire gauge number.</param>
    /// <param name="length">Its length, one way.</param>
    public static CircuitAnswer GroundLoop(Amps shared, int gauge, Millimetres length)
    {
        if (WireGauge.All.FirstOrDefault(each => each.Awg == gauge) is not { } wire)
            return CircuitAnswer.No($"Gauges in use are {string.Join(", ", WireGauge.All.Select(each => each.Awg))}.");
        if (shared.Value <= 0 || length.Value <= 0) return CircuitAnswer.No("Give a current and a length above 0.");
        var volts = shared.Value * wire.OhmPerMetre * length.Value / 1000;
        var decibels = 20 * Math.Log10(volts / LineVolts);
        var isHeard = decibels > QuietDecibels;
        return new CircuitAnswer(
            isHeard ? "A sound transformer, 1 to 1, into each line: sound passes, ground does not." : "Nothing is likely to be heard; leave it as it is.",
            [
                string.Create(CultureInfo.InvariantCulture,
                    $"{shared} over {length} of {gauge} AWG drop {volts * 1000:0.#} mV, {Math.Abs(decibels):0} dB {(decibels < 0 ? "below" : "above")} line level; about 60 below is quiet. How much of it changes, and so is heard, depends on the machine: this is the most."),
                "A ground wire of its own, back to the supply's plug, or a thicker one, lowers it in proportion.",
            ],
            isHeard ? [new(End, "line out"), new(Transformer, "600 ohm, 1 to 1"), new(End, "amplifier")] : [new(End, "line out"), new(End, "amplifier")],
            isHeard ? ["Never cut the earth of a mains plug to be rid of hum: it is what keeps you alive."] : []);
    }
}
