using LooseGraft.Core.Wire.Circuits;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>Small circuits as the builder reads them, each figure worked out by hand, and what is refused just outside of each bound.</summary>
public sealed class CircuitAnswersTests
{
    // 3 V over 620 ohm are 4.84 mA and 14.5 mW.
    [Fact]
    public void A_light_on_five_volts()
        => Reads(SmallCircuits.Light(V(5), V(2), A(0.005)), "620 ohm in series with the light.",
            "4.8 mA through it, 97 % of what you asked for.", "15 mW in the resistor: one for 0.25 W stays cool.",
            "Brightness follows the current: half the current looks a little dimmer, not half as bright.",
            "End 5 V, Resistor 620 ohm, Light 2 V, End ground");

    [Theory]
    [InlineData(5, 0, 0.005, "above 0")]
    [InlineData(5, 0.9, 0.005, "820 ohm")]
    [InlineData(5, 4.81, 0.005, "too little")]
    [InlineData(5, 4.79, 0.005, "43 ohm")]
    public void A_light_needs_a_voltage_to_spare(double supply, double forward, double amps, string words)
        => Assert.Contains(words, SmallCircuits.Light(V(supply), V(forward), A(amps)).Words);

    [Theory]
    [InlineData(4.26, 1)]
    [InlineData(4.24, 0)]
    public void Less_than_three_twentieths_left_for_the_resistor_makes_the_brightness_move(double forward, int cautions)
        => Assert.Equal(cautions, SmallCircuits.Light(V(5), V(forward), A(0.005)).Cautions.Length);

    // 46 V over 240 ohm are 8.8 W; half a watt is the least for 0.13 to 0.25 W.
    [Theory]
    [InlineData(48, 0.2, "8.8 W in the resistor: too hot for one; take a lower supply.")]
    [InlineData(12, 0.0125, "122 mW in the resistor: one for 0.25 W stays cool.")]
    [InlineData(12, 0.0136, "133 mW in the resistor: one for 0.5 W stays cool.")]
    public void A_resistor_stays_cool_at_half_its_rating(double supply, double amps, string figure)
        => Assert.Equal(figure, SmallCircuits.Light(V(supply), V(2), A(amps)).Figures[1]);

    [Fact]
    public void On_direct_current_a_light_for_a_lamp_is_a_light()
        => Assert.Equal(Text(SmallCircuits.Light(V(6.3), V(2), A(0.005))),
            Text(SmallCircuits.LightForLamp(V(6.3), isAlternating: false, V(2), A(0.005))));

    // 7/12 is 0.583: 50 · log10 is 11.7 dB, and of 0.2 A 117 mA are left.
    [Fact]
    public void A_fan_between_two_rails()
        => Reads(SmallCircuits.Fan(V(12), A(0.2), V(7), isBetweenRails: true),
            "It runs at about 58 % of its speed and moves about as much of its air.", "Noise falls by about 12 dB (50 · log10 of the speed).",
            "It draws about 116.7 mA.", "Most fans start at this voltage.", "End +12 V, Motor fan, End +5 V",
            "Its current goes back into +5 V. If nothing else draws at least as much from +5 V, the rail is lifted and what is on it dies. "
                + "A resistor or a fan controller is safer.");

    [Theory]
    [InlineData(12, 0.2, 6.97, true, "Most fans start")]
    [InlineData(12, 0.2, 6.95, true, "Many fans do not start")]
    [InlineData(12, 0.2, 13.19, true, "Most fans start")]
    [InlineData(12, 0.2, 13.21, false, "more than the 12 V")]
    [InlineData(0, 0.2, 5, false, "above 0")]
    [InlineData(12, 0, 5, false, "above 0")]
    [InlineData(12, 0.2, 0, false, "above 0")]
    public void A_fan_starts_or_not_and_is_never_fed_too_much(double rated, double running, double fed, bool works, string words)
    {
        var answer = SmallCircuits.Fan(V(rated), A(running), V(fed), isBetweenRails: false);
        Assert.Equal(works, answer.Works);
        Assert.Contains(words, Text(answer));
    }

    // 5 · 9.1 / 13.8 is 3.297; the two side by side are 3.1 kilohm; 5 % of each move a third of it by a tenth.
    [Fact]
    public void A_divider_from_five_to_three_point_three()
        => Reads(LogicLevels.OneWay(V(5), V(3.3)), "A divider: 4.7 kilohm above, 9.1 kilohm below.",
            "It makes 3.297 V, 0.1 % off; with resistors of 5 % it may be 3.4 % off either way.", "0.4 mA through it.",
            "Behind it the signal sees 3.1 kilohm: right for an input, never for feeding anything.",
            // 2.2 · 3.1 kilohm · 100 pF are 0.68 µs, ten of which are a bit.
            "Good for about 147 kbit/s; faster lines take a level shifter.",
            "End 5 V, Resistor 4.7 kilohm, Tap 3.3 V, Resistor 9.1 kilohm, End ground",
            "One way only: what comes back the other way is not raised. For a line that talks both ways take a level shifter.");

    [Fact]
    public void What_no_two_resistors_divide_at_a_sensible_current_is_said()
        => Assert.Equal("No pair that shops sell comes near.", SmallCircuits.Divider(V(0.001), V(0.0005)).Words);

    // 12 V through a kilohm are 12 mA and 144 mW, twice of which is more than a quarter of a watt.
    [Fact]
    public void A_sense_contact_is_tried_before_it_is_tied()
    {
        Reads(SwitchCircuits.SenseLink(V(12)), "Try it through 1 kilohm first; tie it only when the machine is content.",
            "Should the contact be 12 V after all, 12 mA flow and nothing is hurt.", "One for 0.5 W stays cool.",
            "Nearly every sense input takes 1 kilohm to ground for grounded; if the message stays, the contact was another.",
            "End sense contact, Resistor 1 kilohm, End ground");
        Assert.Contains("usually 12", SwitchCircuits.SenseLink(V(0)).Words);
        Assert.True(SwitchCircuits.SenseLink(V(0.5)).Works);
    }

    // A microsecond, a tenth of a bit, over 200 pF and ln(0.7 / 0.3).
    [Fact]
    public void The_pull_up_of_a_fast_line_is_bounded_by_its_rise()
        => Assert.Equal("Anything from 1.67 kilohm (what is sunk) to 5.9 kilohm (how fast it rises) will do.",
            LogicLevels.OpenCollector(V(5), A(0.003), new Millimetres(1000), 100e3).Figures[0]);

    [Theory]
    [InlineData(5, 0)]
    [InlineData(5, 5)]
    public void A_divider_makes_less_and_more_than_nothing(double high, double low) => Assert.False(SmallCircuits.Divider(V(high), V(low)).Works);

    [Theory]
    [InlineData(5, 125, 3.75, 0.1, 3, 1.5, true)]
    [InlineData(5, 125, 3.74, 0.1, 3, 1.5, false)]
    [InlineData(5, 125, 5.49, 0.1, 3, 1.5, true)]
    [InlineData(5, 125, 5.51, 0.1, 3, 1.5, false)]
    [InlineData(5, 125, 5, 0.04, 3, 1.5, true)]
    [InlineData(5, 125, 5, 0.039, 3, 1.5, false)]
    [InlineData(5, 125, 5, 0.1, 3, 1.51, false)]
    public void A_relay_that_holds_just_inside_and_just_outside(
        double coil, double ohms, double rail, double spare, double contact, double load, bool works)
        => Assert.Equal(works, SmallCircuits.HoldingRelay(V(coil), new Ohms(ohms), V(rail), A(spare), A(contact), A(load)).Works);

    [Theory]
    [InlineData(0, 125, 3)]
    [InlineData(5, 0, 3)]
    [InlineData(5, 125, 0)]
    public void A_relay_needs_all_its_figures(double coil, double ohms, double contact)
    {
        const string Words = "The coil needs a voltage and a resistance above 0, and the contact a rating.";
        Assert.Equal(Words, SmallCircuits.HoldingRelay(V(coil), new Ohms(ohms), V(5), A(0.1), A(contact), A(0)).Words);
        Assert.Equal(Words, SwitchCircuits.MomentaryToLatching(V(coil), new Ohms(ohms), A(0.1), A(contact), A(0)).Words);
    }

    [Fact]
    public void A_relay_that_holds_lets_go_at_a_tenth_of_its_volts()
    {
        var answer = SmallCircuits.HoldingRelay(V(5), new Ohms(125), V(5), A(0.1), A(10), A(3));
        Assert.Equal("The coil takes 40 mA of 5 V.", answer.Figures[0]);
        Assert.Contains("below about 0.5 V the contact opens", answer.Figures[2]);
    }

    // 0.8 V of 3.3 V at 10 kilohm and 150 µF are 0.42 s; three times 100 kilohm and 150 µF are 45 s.
    [Fact]
    public void A_key_that_stays_gives_one_press()
        => Reads(SwitchCircuits.LatchingToMomentary(V(3.3), new Ohms(10e3), 0.3), "150 µF in series with the key, 100 kilohm across the capacitor.",
            "The board sees a press of about 0.42 s, then 3 V, which is high.",
            "Let the key up for 45 s before the next press counts: the capacitor empties through its resistor.",
            "Only pressing down counts. To turn off by key, let it up and press it again.",
            "End switch contact, Capacitor 150 µF, Contact key that stays, End ground", "An electrolytic capacitor has its minus at ground.");

    // Each of the steps that shops sell: 3.3 V at 10 kilohm ask for 360 µF a second.
    [Theory]
    [InlineData(0.1, "47 µF")]
    [InlineData(0.15, "68 µF")]
    [InlineData(0.2, "100 µF")]
    [InlineData(0.5, "220 µF")]
    [InlineData(0.8, "330 µF")]
    public void The_next_capacitor_that_shops_sell_is_taken(double seconds, string words)
        => Assert.StartsWith(words, SwitchCircuits.LatchingToMomentary(V(3.3), new Ohms(10e3), seconds).Words);

    [Theory]
    [InlineData(3.3, 10e3, 0.1, true)]
    [InlineData(3.3, 10e3, 0.099, false)]
    [InlineData(3.3, 10e3, 2, true)]
    [InlineData(3.3, 10e3, 2.01, false)]
    [InlineData(1.14, 10e3, 0.3, false)]
    [InlineData(1.15, 10e3, 0.3, true)]
    [InlineData(3.3, 0, 0.3, false)]
    // Ten times 105 kilohm is more than shops sell.
    [InlineData(3.3, 105e3, 0.3, false)]
    public void A_key_that_stays_just_inside_and_just_outside(double volts, double ohms, double seconds, bool works)
        => Assert.Equal(works, SwitchCircuits.LatchingToMomentary(V(volts), new Ohms(ohms), seconds).Works);

    [Theory]
    [InlineData(5, 125, 0.04, 4, 2, true)]
    [InlineData(5, 125, 0.039, 4, 2, false)]
    [InlineData(5, 125, 0.04, 3.9, 2, false)]
    public void An_impulse_relay_just_inside_and_just_outside(double coil, double ohms, double standby, double contact, double load, bool works)
        => Assert.Equal(works, SwitchCircuits.MomentaryToLatching(V(coil), new Ohms(ohms), A(standby), A(contact), A(load)).Works);

    [Theory]
    [InlineData(300, true)]
    [InlineData(299, false)]
    [InlineData(6000, true)]
    [InlineData(6001, false)]
    public void A_tacho_is_made_up_for_what_boards_expect(double turns, bool works) => Assert.Equal(works, FanAndSoundCircuits.Tacho(turns).Works);

    [Theory]
    [InlineData(2, 0.25, 1, "The header bears them, their start counted.")]
    [InlineData(2, 0.251, 1, "Feed them through a hub")]
    [InlineData(1, 0.5, 1, "The header bears them")]
    [InlineData(0, 0.25, 1, "at least one fan")]
    [InlineData(2, 0, 1, "at least one fan")]
    [InlineData(2, 0.25, 0, "at least one fan")]
    public void A_string_of_fans_just_inside_and_just_outside(int count, double running, double header, string words)
        => Assert.Contains(words, FanAndSoundCircuits.FanString(count, A(running), A(header)).Words);

    [Fact]
    public void A_string_of_fans_says_what_it_draws_and_how_many_there_may_be()
        => Assert.Equal(["Running 0.6 A, starting up to 1.2 A for about a second.", "At most 3 such fans on one header, their start counted."],
            FanAndSoundCircuits.FanString(4, A(0.15), A(1)).Figures);

    // A thousandth of 0.316 V is 60 dB below: 14.9 mA over 0.4 m at 0.053 ohm a metre.
    [Theory]
    [InlineData(0.0148, "Nothing is likely to be heard")]
    [InlineData(0.015, "A sound transformer")]
    [InlineData(0, "above 0")]
    public void Hum_just_inside_and_just_outside(double amps, string words)
        => Assert.Contains(words, FanAndSoundCircuits.GroundLoop(A(amps), 22, new Millimetres(400)).Words);

    [Fact]
    public void A_loud_loop_is_told_above_line_level()
    {
        // 10 A over a metre of 26 AWG at 0.134 ohm: 1.34 V.
        Assert.Contains("drop 1340 mV, 13 dB above", FanAndSoundCircuits.GroundLoop(A(10), 26, new Millimetres(1000)).Figures[0]);
        Assert.False(FanAndSoundCircuits.GroundLoop(A(10), 26, new Millimetres(0)).Works);
    }

    [Fact]
    public void The_pull_up_of_a_slow_line()
        => Reads(LogicLevels.OpenCollector(V(5), A(0.003), new Millimetres(1000), 300),
            "13 kilohm from the line to 5 V, and nothing else pulling it up.",
            "Anything from 1.67 kilohm (what is sunk) to 1 megohm (how fast it rises) will do.", "0.38 mA while it is low.",
            "End 5 V, Resistor 13 kilohm, Tap line, Box either side, End ground",
            "Both sides meet on one line: take away any other resistor that pulls it to a higher voltage.");

    [Theory]
    [InlineData(0, 0.003, 300)]
    [InlineData(5, 0, 300)]
    [InlineData(5, 0.003, 0)]
    public void A_pull_up_needs_all_its_figures(double volts, double amps, double speed)
        => Assert.Contains("above 0", LogicLevels.OpenCollector(V(volts), A(amps), new Millimetres(1000), speed).Words);

    [Theory]
    [InlineData(5, 4.5, "A wire will do.")]
    [InlineData(5, 4.49, "A divider")]
    [InlineData(3.5, 5, "A wire will do.")]
    [InlineData(3.49, 5, "A wire does if")]
    [InlineData(2.4, 5, "A wire does if")]
    [InlineData(2.39, 5, "A level shifter")]
    [InlineData(3.1, 4.5, "A level shifter")]
    [InlineData(3.1, 4.51, "A wire does if")]
    [InlineData(3.3, 5.49, "A wire does if")]
    [InlineData(3.3, 5.5, "A level shifter")]
    [InlineData(5, 0, "Levels are voltages above 0")]
    public void Levels_just_inside_and_just_outside(double driven, double made, string words)
        => Assert.StartsWith(words, LogicLevels.OneWay(V(driven), V(made)).Words);

    [Fact]
    public void The_series_is_that_of_the_standard()
        => Assert.Equal([10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30, 33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91, 100],
            ResistorSeries.All.Take(25).Select(value => value.Value));

    private static Volts V(double value) => new(value);

    private static Amps A(double value) => new(value);

    private static void Reads(CircuitAnswer answer, params string[] lines) => Assert.Equal(string.Join('\n', lines), Text(answer));

    private static string Text(CircuitAnswer answer) => string.Join('\n',
        [answer.Words, .. answer.Figures, string.Join(", ", answer.Chain.Select(piece => $"{piece.Sort} {piece.Label}")), .. answer.Cautions]);
}
