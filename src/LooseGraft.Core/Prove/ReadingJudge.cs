using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Prove.ReadingJudgement;

namespace LooseGraft.Core.Prove;

/// <summary>Holds a reading against what is said of the contact it was taken on. The one place that knows what a reading means; instructions are made from
/// it.</summary>
/// <remarks>When in doubt a reading leaves open: a fact counts as proven only by a reading that nothing harmful would show as well.</remarks>
public static class ReadingJudge
{
    /// <summary>How far in millimetres a span over many contacts may be off: two caliper readings by hand.</summary>
    public const double SpanToleranceMm = 0.35;

    /// <summary>Judges a reading.</summary>
    /// <param name="port">The port as it is described.</param>
    /// <param name="kind">The kind of part it is on.</param>
    /// <param name="reading">The reading. Its positions must lie on the port.</param>
    public static ReadingJudgement Judge(Port port, PartKind kind, Reading reading)
    {
        if (reading.Value is not { } value) return LeavesOpen($"“{reading.Text}” is not a reading.");
        if (reading.Mode == MeterMode.Length || value.Kind == ReadingKind.Length) return Span(port, value);
        if (reading.Red is not { } red) return LeavesOpen("It does not say on which contact the red probe lay.");
        var pin = port.PinAt(red);
        var black = reading.Black is { } position ? port.PinAt(position) : null;
        return reading.Mode switch
        {
            MeterMode.VoltsDc => VoltageJudge.Judge(pin, black, reading.Power, value),
            MeterMode.Diode => DiodeJudge.Judge(pin, black, reading.Power, value),
            _ => JoinJudge.Judge(pin, black, kind, reading.Power, value),
        };
    }

    /// <summary>Judges a reading of a graft; null when its port is not there any more.</summary>
    public static ReadingJudgement? Judge(Graft graft, Reading reading)
        => graft.FindPort(reading.Port) is { } port ? Judge(port, graft.FindPart(reading.Port.Part)!.Kind, reading) : null;

    /// <summary>Whether it is enough to know that a contact is neither ground nor a rail: true of what a switch or sensor pulls. Outputs mixed up among
    /// themselves drive each other.</summary>
    internal static bool IsProvenByExclusion(Signal signal) => signal.Family is SignalFamily.Switch or SignalFamily.Sense;

    // Over many contacts the error of one reading is shared among them, which tells 2.00 from 2.54 even by a rule.
    private static ReadingJudgement Span(Port port, SpokenReading value)
    {
        if (value.Kind is not (ReadingKind.Length or ReadingKind.Bare)) return LeavesOpen($"{value} is not a length.");
        var gaps = Math.Max(port.Columns, port.Rows) - 1;
        if (gaps < 1) return LeavesOpen("One contact has no pitch.");
        var (expected, pitch) = (port.Pitch.Value * gaps, value.Value / gaps);
        return Math.Abs(value.Value - expected) <= SpanToleranceMm
            ? Confirms($"Pitch {port.Pitch}: {gaps} gaps make {new Millimetres(expected)}, and {value} was read.")
            : Contradicts($"{value} over {gaps} gaps is a pitch of {new Millimetres(pitch)}, not {port.Pitch}.");
    }
}
