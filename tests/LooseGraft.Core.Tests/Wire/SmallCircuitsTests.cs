using CsCheck;
using LooseGraft.Core.Wire.Circuits;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>Figures worked out by hand from Ohm's law.</summary>
public sealed class SmallCircuitsTests
{
    [Theory]
    [InlineData(5, 2, 0.005, "620 ohm in series", "4.8 mA")] // (5 − 2) / 5 mA = 600 ohm
    [InlineData(12, 3.1, 0.01, "910 ohm in series", "9.8 mA")] // 8.9 V / 10 mA = 890 ohm
    [InlineData(12, 2, 0.02, "510 ohm in series", "one for 0.5 W")] // 0.196 W asks for twice that
    public void A_light_gets_the_next_resistor_up_and_its_rating(double supply, double forward, double amps, string words, string figure)
    {
        var answer = SmallCircuits.Light(new Volts(supply), new Volts(forward), new Amps(amps));
        Assert.StartsWith(words, answer.Words);
        Assert.Contains(answer.Figures, line => line.Contains(figure, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(3, 3.1, 0.01, "too little")]
    [InlineData(5, 2, 0, "above 0")]
    [InlineData(400, 2, 0.0001, "large enough")]
    public void What_cannot_shine_is_said_so(double supply, double forward, double amps, string words)
    {
        var answer = SmallCircuits.Light(new Volts(supply), new Volts(forward), new Amps(amps));
        Assert.False(answer.Works);
        Assert.Contains(words, answer.Words);
    }

    [Fact]
    public void A_light_never_gets_more_current_than_was_asked_for()
        => Gen.Select(Gen.Double[3, 24], Gen.Double[1.5, 3.4], Gen.Double[0.001, 0.02]).Hold((supply, forward, amps) =>
        {
            var answer = SmallCircuits.Light(new Volts(supply), new Volts(forward), new Amps(amps));
            if (!answer.Works) return;
            var resistor = ResistorSeries.AtLeast(new Ohms((supply - forward) / amps))!.Value;
            Assert.True((supply - forward) / resistor.Value <= amps * (1 + 1e-6));
            Assert.Equal(resistor.ToString(), answer.Chain[1].Label);
        });

    [Fact]
    public void A_lamp_on_alternating_current_gets_a_diode_and_a_word_about_mains()
    {
        var answer = SmallCircuits.LightForLamp(new Volts(6.3), isAlternating: true, new Volts(2), new Amps(0.005));
        // Crest 6.3 · 1.414 − 0.7 = 8.21 V; (8.21 − 2) / 10 mA = 621 ohm.
        Assert.StartsWith("680 ohm", answer.Words);
        Assert.Contains(answer.Chain, piece => piece.Sort == CircuitPiece.Sorts.Diode);
        Assert.Contains(answer.Cautions, caution => caution.Contains("mains", StringComparison.Ordinal));
    }

    [Fact]
    public void A_divider_is_the_best_pair_of_all_pairs()
    {
        var answer = SmallCircuits.Divider(new Volts(5), new Volts(3.3));
        var made = Ratio(answer);
        foreach (var one in ResistorSeries.All)
        {
            foreach (var other in ResistorSeries.All.Where(other => 5 / (one.Value + other.Value) is >= 1e-4 and <= 3e-3))
                Assert.True(Math.Abs((5 * other.Value / (one.Value + other.Value)) - 3.3) >= Math.Abs((5 * made) - 3.3) - 1e-12);
        }

        Assert.False(SmallCircuits.Divider(new Volts(3.3), new Volts(5)).Works);
    }

    [Theory]
    [InlineData(5, 125, 5, 0.1, 10, 3, true, "40 mA")]
    [InlineData(12, 400, 5, 0.1, 10, 3, false, "does not pull in")]
    [InlineData(5, 125, 12, 0.5, 10, 3, false, "overheats")]
    [InlineData(5, 70, 5, 0.05, 10, 3, false, "71.4 mA")]
    [InlineData(5, 125, 5, 0.1, 5, 3, false, "half its rating")]
    public void A_relay_that_holds_is_checked_against_rail_coil_and_contact(
        double coil, double ohms, double rail, double spare, double contact, double load, bool works, string words)
    {
        var answer = SmallCircuits.HoldingRelay(new Volts(coil), new Ohms(ohms), new Volts(rail), new Amps(spare), new Amps(contact), new Amps(load));
        Assert.Equal(works, answer.Works);
        Assert.Contains(words, string.Join(' ', [answer.Words, .. answer.Figures]));
        if (works) Assert.Contains(answer.Cautions, caution => caution.Contains("diode across the coil", StringComparison.Ordinal));
    }

    [Fact]
    public void The_series_has_twenty_four_values_in_each_decade_and_rises()
    {
        Assert.Equal(121, ResistorSeries.All.Length);
        Assert.Equal(ResistorSeries.All.Select(value => value.Value).Order(), ResistorSeries.All.Select(value => value.Value));
        Assert.Equal("4.7 kilohm", new Ohms(4700).ToString());
        Assert.Null(ResistorSeries.AtLeast(new Ohms(2e6)));
    }

    private static double Ratio(CircuitAnswer answer)
    {
        var values = answer.Chain.Where(piece => piece.Sort == CircuitPiece.Sorts.Resistor)
            .Select(piece => ResistorSeries.All.First(value => value.ToString() == piece.Label).Value).ToArray();
        return values[1] / (values[0] + values[1]);
    }
}
