using System.Globalization;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Wire.Circuits.CircuitPiece.Sorts;

namespace LooseGraft.Core.Wire.Circuits;

/// <summary>A line of data between two sides that speak at other voltages.</summary>
public static class LogicLevels
{
    // JEDEC JESD8: an input of TTL levels takes 2.0 V and more for high; a CMOS input 0.7 of its supply. A TTL output gives at least 2.4 V.
    private const double CmosHigh = 0.7;
    private const double TtlHighOut = 2.4;
    private const double SameShare = 0.1;

    // An input and a hand of wire between them (common practice).
    private const double InputFarad = 100e-12;

    // Wires side by side in a shell (common practice).
    private const double FaradPerMetre = 100e-12;

    /// <summary>A line that only one side drives, both to and from ground.</summary>
    /// <param name="driven">What the driving side gives for high.</param>
    /// <param name="made">What the listening side is made for.</param>
    public static CircuitAnswer OneWay(Volts driven, Volts made)
    {
        if (driven.Value <= 0 || made.Value <= 0)
            return CircuitAnswer.No("Levels are voltages above 0; ±12 V of an old serial port wants a converter of its own.");
        if (Math.Abs(driven.Value - made.Value) <= SameShare * Math.Max(driven.Value, made.Value))
            return new CircuitAnswer(
                "A wire will do.", ["The two levels are within a tenth of each other."], [new(End, driven.ToString()), new(End, made.ToString())], []);
        if (driven > made) return Lower(driven, made);
        if (driven.Value >= CmosHigh * made.Value)
            return new CircuitAnswer(
                "A wire will do.", [$"{driven} is above 0.7 of {made}, which every input takes for high."],
                [new(End, driven.ToString()), new(End, made.ToString())], []);
        var isMaybe = driven.Value >= TtlHighOut && made.Value is > 4.5 and < 5.5;
        return new CircuitAnswer(
            isMaybe
                ? "A wire does if the input is of TTL levels; otherwise a level shifter."
                : "A level shifter: one small MOSFET and a resistor of 10 kΩ on either side.",
            [$"{driven} is below 0.7 of {made}, {new Volts(CmosHigh * made.Value)}: a CMOS input may take it for high on some days.",
                .. isMaybe ? ["An input of TTL levels takes 2.0 V and more. Its document says which it is."] : Array.Empty<string>(),
                "The shifter works both ways and up to about 1 Mbit/s."],
            Shifter(driven, made), []);
    }

    /// <summary>A line that either side pulls down and a resistor pulls up, as keyboards and fan tachos have.</summary>
    /// <param name="pulledTo">The lower of the two supplies: what the resistor pulls up to.</param>
    /// <param name="sink">The most either side sinks.</param>
    /// <param name="length">The length of the line.</param>
    /// <param name="bitsPerSecond">How fast it talks.</param>
    public static CircuitAnswer OpenCollector(Volts pulledTo, Amps sink, Millimetres length, double bitsPerSecond)
    {
        if (pulledTo.Value <= 0 || sink.Value <= 0 || bitsPerSecond <= 0) return CircuitAnswer.No("Give a voltage, a current and a speed above 0.");
        var farad = InputFarad + (FaradPerMetre * length.Value / 1000);
        // An RC line rises from 30 to 70 % in ln(0.7 / 0.3) · R · C; a tenth of a bit is left for it.
        var (least, most) = (pulledTo.Value / sink.Value, 0.1 / bitsPerSecond / (0.8473 * farad));
        var middle = Math.Sqrt(least * Math.Min(most, 100e3));
        if (least > most || ResistorSeries.AtLeast(new Ohms(middle)) is not { } resistor || resistor.Value > most)
            return CircuitAnswer.No(
                "No resistor is small enough to be fast and large enough for what is sunk.",
                $"at least {new Ohms(Math.Round(least))}, at most {new Ohms(Math.Round(most))}", "talk slower, or make the line shorter");
        return new CircuitAnswer($"{resistor} from the line to {pulledTo}, and nothing else pulling it up.",
            [$"Anything from {new Ohms(Math.Round(least))} (what is sunk) to {new Ohms(Math.Round(Math.Min(most, 1e6)))} (how fast it rises) will do.",
                $"{(pulledTo / resistor).Value * 1000:0.##} mA while it is low."],
            [new(End, pulledTo.ToString()), new(Resistor, resistor.ToString()), new(Tap, "line"), new(Box, "either side"), new(End, "ground")],
            ["Both sides meet on one line: take away any other resistor that pulls it to a higher voltage."]);
    }

    private static CircuitAnswer Lower(Volts driven, Volts made)
    {
        var divider = SmallCircuits.Divider(driven, made);
        if (!divider.Works) return divider;
        // The divider's source resistance against the input's capacitance: the rise from 10 to 90 %, 2.2 · R · C, within a tenth of a bit.
        var (upper, lower) = SmallCircuits.DividerPair(driven, made);
        var source = upper.Value * lower.Value / (upper.Value + lower.Value);
        var bits = 0.1 / (2.2 * source * InputFarad);
        return divider with
        {
            Words = $"A divider: {divider.Words}",
            Figures = [.. divider.Figures,
                string.Create(CultureInfo.InvariantCulture, $"Good for about {Math.Min(bits, 1e6) / 1000:0} kbit/s; faster lines take a level shifter.")],
        };
    }

    private static System.Collections.Immutable.ImmutableArray<CircuitPiece> Shifter(Volts low, Volts high)
        => [new(End, low.ToString()), new(Resistor, "10 kilohm"), new(Tap, "low side"), new(Box, "MOSFET"), new(Tap, "high side"), new(Resistor, "10 kilohm"),
            new(End, high.ToString())];
}
