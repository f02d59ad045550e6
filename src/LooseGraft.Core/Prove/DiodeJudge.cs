using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Prove.ReadingJudgement;

namespace LooseGraft.Core.Prove;

/// <summary>What a diode test between the two ends of a light says of them.</summary>
internal static class DiodeJudge
{
    /// <summary>Forward volts of indicator lights at a meter's milliampere: red from about 1.6, blue and white to about 3.4 (makers' data sheets).</summary>
    public const double LeastForward = 1.4;

    /// <inheritdoc cref="LeastForward"/>
    public const double MostForward = 3.6;

    public static ReadingJudgement Judge(Pin pin, Pin? black, PowerState power, SpokenReading value)
    {
        if (power != PowerState.Off) return LeavesOpen("A diode test means nothing with power applied.");
        var signal = pin.Signal.Value;
        if (black is null || signal.Family != SignalFamily.Light || black.Signal.Value.Function != signal.Function)
            return LeavesOpen("A diode test tells something only between the two ends of one light.");
        if (value.IsJoined == true || value is { Kind: ReadingKind.Volts, Value: < 0.1 })
            return Contradicts("The two ends are joined: no light, or one that is shorted.");
        var conducts = value is { Kind: ReadingKind.Volts, Value: >= LeastForward and <= MostForward };
        return (conducts, signal.Polarity > 0) switch
        {
            (true, true) => Confirms($"{value} forward: the red probe is on its plus end."),
            (true, false) => Contradicts($"{value} forward with the red probe here: this is the plus end.", Model.Signal.Parse(signal.Function + "+")),
            _ => LeavesOpen("It does not conduct this way round. Change the probes over."),
        };
    }
}
