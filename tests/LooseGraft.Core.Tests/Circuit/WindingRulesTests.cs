using CsCheck;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>A winding is right on a lamp that is made for it, and nowhere else.</summary>
public sealed class WindingRulesTests
{
    private static readonly Part Board = Part(PartKind.Board, "board", "<+12 V,ground,serial-receive,unknown,+5 V");

    [Theory]
    [InlineData(LinkKind.Lamp, "6.3 V 0.3 A", "")]
    [InlineData(LinkKind.Lamp, "5.99 V 0.3 A", "")]
    [InlineData(LinkKind.Lamp, "5.98 V 0.3 A", "LightBurns Stop winding/1 > lamp/1")]
    [InlineData(LinkKind.Lamp, "", "ElementUnknown Check winding/1 > lamp/1")]
    [InlineData(LinkKind.Light, "2 V 1k", "ElementBurns Fix winding/1 > lamp/1")]
    [InlineData(LinkKind.Coil, "6 V 100 ohm", "WindingOnCircuit Fix winding/1 > lamp/1")]
    [InlineData(LinkKind.Diode, "", "ElementBurns Stop winding/1 > lamp/1")]
    [InlineData(LinkKind.Resistor, "158 ohm", "ElementBurns Fix winding/1 > lamp/1")]
    [InlineData(LinkKind.Resistor, "159 ohm", "")]
    public void What_lies_across_a_winding(LinkKind kind, string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Part(PartKind.Panel, "lamp", "none,none", Link(1, 2, kind, figures))],
            "winding/1-lamp/2", "winding/2-lamp/1")));

    // √2 times 3.5 V is 4.95 V, of 3.6 V 5.09 V.
    [Theory]
    [InlineData("3.5 V isolated", "")]
    [InlineData("3.6 V isolated", "ElementBurns Fix winding/1 > lamp/1")]
    public void A_light_bears_the_peak_of_the_other_half(string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(figures), Part(PartKind.Panel, "lamp", "none,none", Link(1, 2, LinkKind.Light, "2 V 1k"))],
            "winding/1-lamp/1", "winding/2-lamp/2")));

    // The crest of 6.3 V is 8.91 V: 2.6 V less, over 95 ohm and the 10 of light and diode, are 60 mA. The diode keeps the other half away.
    [Theory]
    [InlineData("diode", "96 ohm", "")]
    [InlineData("diode", "94 ohm", "LightBurns Stop winding/1 > box/3")]
    [InlineData("none", "680 ohm", "ElementBurns Fix winding/1 > box/3")]
    [InlineData("partner", "680 ohm", "")]
    [InlineData("across", "680 ohm", "")]
    public void A_light_in_a_row_with_a_resistor_wants_a_diode_in_the_row_or_across_it(string diode, string ohms, string expected)
    {
        var box = Part(PartKind.Panel, "box", "none,none,none,none", Link(3, 2, LinkKind.Light, "2 V"), Link(4, 3, LinkKind.Resistor, $"{ohms} 1 W"),
            diode == "diode" ? Link(1, 4, LinkKind.Diode, "0.6 V") : Link(1, 4),
            diode == "partner" ? Link(2, 3, LinkKind.Light, "2 V") : diode == "across" ? Link(2, 3, LinkKind.Diode, "") : Link(1, 1));
        Assert.Equal(expected, Words(Judge([Winding(), box with { Links = [.. box.Links.Where(link => link.One != link.Other)] }],
            "winding/1-box/1", "winding/2-box/2")));
    }

    // A thousand moments of a wave, each reckoned by Ohm's law alone: whatever they burn is told, and nothing that stays well within what it bears.
    [Fact]
    public void What_a_wave_does_moment_by_moment_is_told()
        => Gen.Select(Gen.Double[1, 24], Gen.Double[20, 2000], Gen.Double[1.6, 3.5], Gen.Bool).Hold((volts, ohms, forward, hasDiode) =>
        {
            var (most, heat, back) = (0.0, 0.0, 0.0);
            for (var step = 0; step < 1000; step++)
            {
                var now = volts * Math.Sqrt(2) * Math.Sin(2 * Math.PI * step / 1000);
                var amps = Math.Max(0, (now - forward - (hasDiode ? 0.6 : 0)) / (ohms + 10 + (hasDiode ? 0.1 : 0)));
                (most, heat) = (Math.Max(most, amps), heat + (amps * amps * ohms / 1000));
                if (!hasDiode) back = Math.Max(back, -now);
            }

            var box = Part(PartKind.Panel, "box", "none,none,none,none",
                hasDiode ? Link(1, 4) with { Kind = LinkKind.Diode, Figures = new LinkFigures { Volts = new(0.6) } } : Link(1, 4),
                Link(4, 3) with { Kind = LinkKind.Resistor, Figures = new LinkFigures { Resistance = new(ohms) } },
                Link(3, 2) with { Kind = LinkKind.Light, Figures = new LinkFigures { Volts = new(forward) } });
            var winding = Part(PartKind.Other, "winding", "none,none",
                Link(1, 2) with { Kind = LinkKind.Winding, Figures = new LinkFigures { Volts = new(volts), IsIsolated = true } });
            var told = Judge([winding, box], "winding/1-box/1", "winding/2-box/2").Select(conflict => $"{conflict.Kind} {conflict.Taker.Pin.Position}").ToHashSet();
            Assert.Equal(most > 0.06, told.Contains("LightBurns 3"));
            Assert.Equal(back > 5 && most <= 0.06, told.Contains("ElementBurns 3"));
            if (heat > 0.25) Assert.Contains("ElementBurns 4", told);
            // The wave conducts for less than half of the time, so that what is reckoned is more than what flows, by less than half.
            if (heat < 0.25 / 2) Assert.DoesNotContain("ElementBurns 4", told);
        }, iter: 300);

    // Half of a wave is half of the crest: 8.31 V after the diode are as 4.16 V, and in 104 ohm a sixth of a watt.
    [Theory]
    [InlineData(LinkKind.Lamp, "3.97 V 0.1 A", "")]
    [InlineData(LinkKind.Lamp, "3.9 V 0.1 A", "LightBurns Stop winding/1 > box/3")]
    [InlineData(LinkKind.Resistor, "70 ohm", "")]
    [InlineData(LinkKind.Resistor, "68 ohm", "ElementBurns Fix winding/1 > box/3")]
    [InlineData(LinkKind.Coil, "6 V 100 ohm", "WindingOnCircuit Fix winding/1 > box/3")]
    [InlineData(LinkKind.Resistor, "", "ElementUnknown Check winding/1 > box/3")]
    public void Behind_a_diode_half_of_each_wave_counts(LinkKind kind, string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Part(PartKind.Panel, "box", "none,none,none", Link(1, 3, LinkKind.Diode), Link(3, 2, kind, figures))],
            "winding/1-box/1", "winding/2-box/2")));

    // A rectifier of 1 A bears a crest of π times as much on the mean: 8.3 V over 2.54 ohm and its own tenth.
    [Theory]
    [InlineData("2.6 ohm 50 W", "")]
    [InlineData("2.5 ohm 50 W", "ElementBurns Stop winding/1 > box/1")]
    public void A_rectifier_bears_its_mean(string ohms, string expected)
        => Assert.Equal(expected, Words(Judge(
            [Winding(), Part(PartKind.Panel, "box", "none,none,none", Link(1, 3, LinkKind.Diode), Link(3, 2, LinkKind.Resistor, ohms))],
            "winding/1-box/1", "winding/2-box/2")));

    // 8.91 V through 445 ohm are 20 mA, through 8.9 kilohm one.
    [Theory]
    [InlineData("444 ohm 1 W", "WindingOnCircuit Stop winding/1 > board/3")]
    [InlineData("447 ohm 1 W", "WindingOnCircuit Fix winding/1 > board/3")]
    [InlineData("8.8k", "WindingOnCircuit Fix winding/1 > board/3")]
    [InlineData("9k", "WindingOnCircuit Check winding/1 > board/3")]
    public void A_winding_reaches_a_pin_through_a_resistor(string ohms, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Board, Part(PartKind.Panel, "box", "none,none", Link(1, 2, LinkKind.Resistor, ohms))],
            "winding/1-box/1", "box/2-board/3", "winding/2-board/2").Where(conflict => conflict.Kind != Core.Circuit.ConflictKind.NotFed)));

    // Whichever of its legs lies on ground.
    [Theory]
    [InlineData("444 ohm 1 W", "WindingOnCircuit Stop winding/1 > board/3")]
    [InlineData("447 ohm 1 W", "WindingOnCircuit Fix winding/1 > board/3")]
    public void A_winding_with_its_first_leg_on_ground_reaches_a_pin_as_well(string ohms, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Board, Part(PartKind.Panel, "box", "none,none", Link(1, 2, LinkKind.Resistor, ohms))],
            "winding/2-box/1", "box/2-board/3", "winding/1-board/2").Where(conflict => conflict.Kind != Core.Circuit.ConflictKind.NotFed)));

    // 17.82 V from crest to crest: a coil of 100 ohm behind 17.7 kilohm sees a tenth of a volt of it.
    [Theory]
    [InlineData("17.6k", "WindingOnCircuit Fix winding/1 > box/3")]
    [InlineData("17.8k", "")]
    public void What_sees_next_to_nothing_of_a_winding_is_left_alone(string ohms, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Part(PartKind.Panel, "box", "none,none,none", Link(1, 3, LinkKind.Resistor, ohms),
            Link(3, 2, LinkKind.Coil, "6 V 100 ohm"))], "winding/1-box/1", "winding/2-box/2")));

    [Theory]
    [InlineData("WindingBurnsLamp Stop winding/1 > lamp/1", "winding/1-lamp/2", "winding/2-lamp/1")]
    [InlineData("", "winding/1-lamp/1")]
    [InlineData("", "winding/2-lamp/1")]
    [InlineData("", "winding/1-lamp/1", "winding/2-lamp/1", "winding/1-lamp/2")]
    public void A_lamp_lies_across_a_winding_with_both_legs_or_not_at_all(string expected, params string[] wires)
        => Assert.Equal(expected, Words(Judge([Winding(), Part(PartKind.Panel, "lamp", "scale-lamp+@5,scale-lamp-@5")], wires)
            .Where(conflict => conflict.Kind != Core.Circuit.ConflictKind.WindingShorted)));

    [Theory]
    [InlineData("scale-lamp+@6.3,scale-lamp-@6.3", "")]
    [InlineData("scale-lamp+@5,scale-lamp-@5", "WindingBurnsLamp Stop winding/1 > lamp/1")]
    [InlineData("power-light+@6.3,power-light-", "WindingBurnsLamp Stop winding/1 > lamp/1")]
    public void A_lamp_that_is_known_by_its_legs(string legs, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Part(PartKind.Panel, "lamp", legs)], "winding/1-lamp/1", "winding/2-lamp/2")));

    // As above, whatever it is made for the other way round.
    [Theory]
    [InlineData("3.5 V isolated", "")]
    [InlineData("3.6 V isolated", "WindingBurnsLamp Stop winding/1 > lamp/1")]
    public void A_light_that_is_known_by_its_legs_bears_the_peak_of_the_other_half(string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(figures), Part(PartKind.Panel, "lamp", "power-light+@12,power-light-")],
            "winding/1-lamp/1", "winding/2-lamp/2")));

    [Theory]
    [InlineData("board/1", "WindingOnCircuit Stop winding/1 > board/1")]
    [InlineData("board/2", "")]
    [InlineData("board/3", "WindingOnCircuit Stop winding/1 > board/3")]
    [InlineData("board/4", "NotKnown Check winding/1 > board/4")]
    [InlineData("board/5", "WindingOnCircuit Stop winding/1 > board/5")]
    public void One_leg_may_lie_on_ground_and_on_nothing_else_of_a_board(string contact, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Board], $"winding/1-{contact}")
            .Where(conflict => conflict.Kind != Core.Circuit.ConflictKind.NotFed)));

    [Fact]
    public void Of_a_winding_that_is_described_its_legs_ask_nothing_more()
    {
        var winding = Part(PartKind.Other, "winding", "unknown,unknown", Link(1, 2, LinkKind.Winding, "6.3 V 0.5 A isolated"));
        var lamp = Part(PartKind.Panel, "lamp", "none,none", Link(1, 2, LinkKind.Lamp, "6.3 V 0.3 A"));
        Assert.Empty(Judge([winding, lamp], "winding/1-lamp/1", "winding/2-lamp/2"));
        Assert.Equal("NotKnown Check winding/1 > board/4", Words(Judge([winding, Board], "winding/1-board/4")
            .Where(conflict => conflict.Kind != Core.Circuit.ConflictKind.NotFed)));
    }

    [Fact]
    public void Both_legs_on_one_net_are_a_short()
    {
        var two = Part(PartKind.Board, "two", "ground,ground");
        Assert.Equal("WindingShorted Stop winding/1 > winding/2", Words(Judge([Winding(), two], "winding/1-two/1", "winding/2-two/2")));
        Assert.Equal("WindingShorted Stop winding/1 > winding/2", Words(Judge([Winding(), Part(PartKind.Lamp, "lamp", "none,none", Link(1, 2))],
            "winding/1-lamp/1", "winding/2-lamp/2")));
    }

    [Theory]
    [InlineData("6.3 V", "WindingNotIsolated Check winding/1 > winding/1")]
    [InlineData("6.3 V not isolated", "WindingNotIsolated Stop winding/1 > winding/1")]
    [InlineData("isolated", "ElementUnknown Check winding/1 > winding/1")]
    public void A_winding_is_proven_to_be_by_itself(string figures, string expected)
    {
        var lamp = Part(PartKind.Panel, "lamp", "none,none", Link(1, 2, LinkKind.Lamp, "6.3 V 0.3 A"));
        Assert.Equal(expected, Words(Judge([Winding(figures), lamp], "winding/1-lamp/1", "winding/2-lamp/2")));
        Assert.Empty(Judge([Winding(figures), lamp]));
    }

    private static Part Winding(string figures = "6.3 V 0.5 A isolated") => Part(PartKind.Other, "winding", "none,none", Link(1, 2, LinkKind.Winding, figures));
}
