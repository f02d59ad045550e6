using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove.Switches;

/// <summary>Finds out from diode readings, in any order, which end of a light is plus and at which voltage it conducts.</summary>
/// <param name="Plus">The leg that is plus; null while that is open.</param>
/// <param name="Forward">The forward voltage; null while it is open.</param>
/// <param name="Words">What the readings say.</param>
/// <param name="Conflicts">Readings that cannot both be true.</param>
public sealed record LightTest(int? Plus, Volts? Forward, string Words, ImmutableArray<string> Conflicts)
{
    // A meter's milliampere through an indicator: red 1.6 to 2.0, green and yellow 1.9 to 2.4, blue and white 2.6 to 3.4 V (makers' data sheets).
    private const double LeastForward = DiodeJudge.LeastForward;
    private const double MostForward = DiodeJudge.MostForward;
    private const double AgreeVolts = 0.2;

    /// <summary>Puts readings between two legs together.</summary>
    public static LightTest Of(int one, int other, IEnumerable<LightReading> readings)
    {
        var taken = readings.Where(reading => (reading.Red, reading.Black) == (one, other) || (reading.Red, reading.Black) == (other, one)).ToArray();
        var (forth, back) = (Side(taken, one), Side(taken, other));
        var conflicts = new[] { (Readings: forth, Red: one), (Readings: back, Red: other) }.Where(side => Differ(side.Readings))
            .Select(side => $"With the red probe on leg {side.Red}: {string.Join(" and ", side.Readings.Select(value => value.ToString()))}.")
            .ToImmutableArray();
        if (!conflicts.IsEmpty) return new LightTest(null, null, "These readings cannot all be true; read once more.", conflicts);
        var (ahead, behind) = (forth.Select(Conducts).FirstOrDefault(), back.Select(Conducts).FirstOrDefault());
        return (forth.Length > 0, back.Length > 0, ahead, behind) switch
        {
            (false, false, _, _) => Open("Set the meter to diode test and put the red probe on either leg."),
            (_, _, { } _, { } _) => Open("It conducts both ways: a filament, a resistor or a short, but no indicator light."),
            (_, _, { } volts, null) => Known(one, volts, back.Length > 0),
            (_, _, null, { } volts) => Known(other, volts, forth.Length > 0),
            (true, true, null, null)
                => Open("It conducts neither way: dead, or its voltage is beyond the meter. Blue and white lights need a meter that gives more than 3 V."),
            _ => Open("It does not conduct this way round. Change the probes over."),
        };
    }

    private static SpokenReading[] Side(LightReading[] readings, int red)
        => [.. readings.Where(reading => reading.Red == red).Select(reading => reading.Value)];

    private static LightTest Open(string words) => new(null, null, words, []);

    private static LightTest Known(int plus, double volts, bool isSure)
    {
        if (volts is < LeastForward or > MostForward)
            return Open($"{new Volts(volts)} is no voltage of an indicator light ({LeastForward} to {MostForward} V).");
        var colour = volts switch { < 2.05 => "red, or infrared", < 2.5 => "green, yellow or orange", _ => "blue, white or bright green" };
        var rest = isSure ? "" : " Change the probes over once, to be sure that it blocks.";
        return new LightTest(plus, new Volts(volts), $"Leg {plus} is plus; it conducts at {new Volts(volts)}, usual for {colour}.{rest}", []);
    }

    private static double? Conducts(SpokenReading value) => value.Kind switch
    {
        ReadingKind.Volts => value.Value,
        ReadingKind.Beep => 0,
        _ => null,
    };

    private static bool Differ(SpokenReading[] values)
        => values.Any(value => Conducts(value) is null != Conducts(values[0]) is null
            || Math.Abs((Conducts(value) ?? 0) - (Conducts(values[0]) ?? 0)) > AgreeVolts);
}
