using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>What flows through resistors, diodes, lights and lamps, and what it does behind them. Each figure just inside and just outside.</summary>
public sealed class ElementRulesTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,ground,-12 V");

    // 12 V over 576 ohm is a quarter of a watt.
    [Theory]
    [InlineData(LinkKind.Resistor, "577 ohm", "")]
    [InlineData(LinkKind.Resistor, "575 ohm", "ElementBurns Fix supply/1 > panel/1")]
    [InlineData(LinkKind.Resistor, "287 ohm 0.5 W", "ElementBurns Fix supply/1 > panel/1")]
    [InlineData(LinkKind.Resistor, "289 ohm 0.5 W", "")]
    [InlineData(LinkKind.Resistor, "", "ElementUnknown Check supply/1 > panel/1")]
    [InlineData(LinkKind.Lamp, "12 V 0.1 A", "")]
    [InlineData(LinkKind.Lamp, "11.39 V 0.1 A", "LightBurns Stop supply/1 > panel/1")]
    [InlineData(LinkKind.Lamp, "11.41 V 0.1 A", "")]
    [InlineData(LinkKind.Lamp, "0.1 A", "ElementUnknown Check supply/1 > panel/1")]
    [InlineData(LinkKind.Light, "", "LightBurns Stop supply/1 > panel/1")]
    [InlineData(LinkKind.Light, "2 V", "LightBurns Stop supply/1 > panel/1")]
    [InlineData(LinkKind.Light, "12 V", "")]
    [InlineData(LinkKind.Light, "11.41 V", "")]
    [InlineData(LinkKind.Light, "8 V", "LightBurns Stop supply/1 > panel/1")]
    // 10 V over 334 ohm and its own 10 is a hair less than 30 mA.
    [InlineData(LinkKind.Light, "2 V 324 ohm", "")]
    [InlineData(LinkKind.Light, "2 V 323 ohm", "LightBurns Stop supply/1 > panel/1")]
    [InlineData(LinkKind.Diode, "", "ElementBurns Stop supply/1 > panel/1")]
    // Beyond its forward volts a diode is a tenth of an ohm: 12 V leave it 0.9 A, 1.1 A and 5 A.
    [InlineData(LinkKind.Diode, "11.91 V", "")]
    [InlineData(LinkKind.Diode, "11.89 V", "ElementBurns Stop supply/1 > panel/1")]
    [InlineData(LinkKind.Diode, "11.5 V 5 A", "")]
    [InlineData(LinkKind.Diode, "11.5 V 4.9 A", "ElementBurns Stop supply/1 > panel/1")]
    public void An_element_between_a_supply_and_ground(LinkKind kind, string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Panel(Link(1, 2, kind, figures))], "supply/1-panel/1", "supply/2-panel/2")));

    // What an element gets is no fault of the wire it gets it by.
    [Fact]
    public void No_wire_is_to_blame_for_what_flows_through_an_element()
    {
        var burns = Assert.Single(Judge([Supply, Panel(Link(1, 2, LinkKind.Light, "2 V"))], "supply/1-panel/1", "supply/2-panel/2"));
        Assert.Equal((2, null), (burns.Way.Length, burns.Place));
    }

    [Fact]
    public void A_light_is_burned_by_the_supply_it_hangs_on_and_by_no_higher_one_beyond_the_ground_they_share()
        => Assert.Equal("LightBurns Stop supply/3 > panel/3", Words(Judge(
            [Supply, Panel(Link(3, 2, LinkKind.Light, "2 V"), Link(1, 2, LinkKind.Resistor, "10k"))], "supply/1-panel/1", "supply/2-panel/2", "supply/3-panel/3")));

    [Theory]
    [InlineData("supply/3-panel/2", "", "LightReversed Check supply/3 > panel/1")]
    [InlineData("supply/1-panel/2", "", "ElementBurns Fix supply/1 > panel/1")]
    public void A_light_the_wrong_way_round_is_dark_and_bears_five_volts(string wire, string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Light, figures))], wire, "supply/2-panel/1")));

    [Fact]
    public void Of_two_lights_back_to_back_none_is_the_wrong_way_round()
        => Assert.Empty(Judge([Supply, Panel(Link(1, 3, LinkKind.Resistor, "1k"), Link(3, 2, LinkKind.Light, "2 V"), Link(2, 3, LinkKind.Light, "2 V"))],
            "supply/1-panel/1", "supply/2-panel/2"));

    [Fact]
    public void A_light_in_series_with_a_resistor_of_another_place_takes_what_both_leave()
    {
        var (light, resistor) = (Panel(Link(1, 2, LinkKind.Light, "2 V")), Part(PartKind.Lead, "lead", "none,none", Link(1, 2, LinkKind.Resistor, "470 ohm")));
        Assert.Empty(Judge([Supply, light, resistor], "supply/1-lead/1", "lead/2-panel/1", "supply/2-panel/2"));
        var less = resistor with { Links = [Link(1, 2, LinkKind.Resistor, "220 ohm 1 W")] };
        Assert.Equal("LightBurns Stop supply/1 > panel/1", Words(Judge([Supply, light, less], "supply/1-lead/1", "lead/2-panel/1", "supply/2-panel/2")));
    }

    // 3.3 V logic bears 3.63 V: 12 V through 419 ohm sends 20 mA into it, through 8,370 ohm one milliampere.
    [Theory]
    [InlineData("417 ohm 1 W", "PinThroughElement Stop supply/1 > board/1")]
    [InlineData("420 ohm 1 W", "PinThroughElement Fix supply/1 > board/1")]
    [InlineData("8.3k", "PinThroughElement Fix supply/1 > board/1")]
    [InlineData("8.4k", "PinThroughElement Check supply/1 > board/1")]
    public void A_supply_reaches_a_pin_through_a_resistor(string ohms, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Resistor, ohms)), Part(PartKind.Board, "board", "serial-receive@3.3,ground")],
            "supply/1-panel/1", "board/1-panel/2", "supply/2-board/2")));

    [Theory]
    [InlineData("10k", "4.3k", "")]
    [InlineData("10k", "4.4k", "PinThroughElement Check supply/1 > board/1")]
    public void A_divider_leaves_its_share(string upper, string lower, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Resistor, upper), Link(2, 3, LinkKind.Resistor, lower)),
            Part(PartKind.Board, "board", "serial-receive@3.3,ground")], "supply/1-panel/1", "board/1-panel/2", "supply/2-panel/3", "supply/2-board/2")));

    [Fact]
    public void A_negative_supply_pulls_a_pin_below_ground()
        => Assert.Equal("PinThroughElement Fix supply/5 > board/1", Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Resistor, "1k")),
            Part(PartKind.Board, "board", "serial-receive,ground")], "supply/5-panel/1", "board/1-panel/2", "supply/2-board/2")));

    [Fact]
    public void An_output_reaches_a_pin_through_a_resistor_as_a_supply_does()
    {
        var (giver, taker) = (Part(PartKind.Other, "other", ">my-line@12,ground"), Part(PartKind.Board, "board", "<my-line@3.3,ground"));
        string[] wires = ["other/1-panel/1", "board/1-panel/2", "other/2-board/2"];
        Assert.Equal("PinThroughElement Fix other/1 > board/1", Words(Judge([giver, taker, Panel(Link(1, 2, LinkKind.Resistor, "1k"))], wires).Hard()));
        Assert.Empty(Judge([Part(PartKind.Other, "other", ">my-line@3.3,ground"), taker, Panel(Link(1, 2, LinkKind.Resistor, "1k"))], wires).Hard());
    }

    // 5 V over 125 ohm is 40 mA, over 250 ohm 20 mA.
    [Theory]
    [InlineData("supply/2", "124 ohm 1 W", "OutputOverloaded Stop other/1 > panel/1")]
    [InlineData("supply/2", "126 ohm 1 W", "OutputOverloaded Fix other/1 > panel/1")]
    [InlineData("supply/2", "249 ohm 1 W", "OutputOverloaded Fix other/1 > panel/1")]
    [InlineData("supply/2", "251 ohm 1 W", "")]
    [InlineData("supply/3", "249 ohm 1 W", "OutputOverloaded Fix other/1 > panel/1")]
    public void An_output_gives_and_takes_so_much_through_an_element(string far, string ohms, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Part(PartKind.Other, "other", ">my-line@5,ground"), Panel(Link(1, 2, LinkKind.Resistor, ohms))],
            "other/1-panel/1", $"{far}-panel/2", "supply/4-other/2")));

    [Theory]
    [InlineData("69 ohm 1 W", "SupplyThroughElement Stop supply/1 > supply/3")]
    [InlineData("71 ohm 1 W", "")]
    public void A_resistor_sends_current_from_one_supply_into_another(string ohms, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Resistor, ohms))], "supply/1-panel/1", "supply/3-panel/2")));

    [Fact]
    public void A_diode_lets_current_into_the_other_supply_one_way_only()
    {
        var panel = Panel(Link(1, 2, LinkKind.Diode, "3 A"));
        Assert.Contains("SupplyThroughElement Stop", Words(Judge([Supply, panel], "supply/1-panel/1", "supply/3-panel/2")));
        Assert.Empty(Judge([Supply, panel], "supply/3-panel/1", "supply/1-panel/2"));
    }

    [Theory]
    [InlineData(LinkKind.Resistor, "47 ohm 5 W", "FedThroughElement Check supply/1 > fan/1")]
    [InlineData(LinkKind.Diode, "0.59 V", "")]
    [InlineData(LinkKind.Diode, "0.61 V", "BelowLoad Check supply/1 > fan/1")]
    public void A_load_behind_an_element(LinkKind kind, string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Panel(Link(1, 2, kind, figures)), Part(PartKind.Fan, "fan", "+12 V,ground")],
            "supply/1-panel/1", "fan/1-panel/2", "supply/2-fan/2")));

    [Fact]
    public void A_load_behind_a_diode_gets_too_much_or_nothing()
    {
        var drive = Part(PartKind.Drive, "drive", "+5 V,ground");
        string[] wires = ["supply/1-panel/1", "drive/1-panel/2", "supply/2-drive/2"];
        Assert.Equal("BeyondLoad Stop supply/1 > drive/1", Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Diode)), drive], wires)));
        Assert.Equal("NotFed Fix drive/1 > drive/1", Words(Judge([Supply, Panel(Link(2, 1, LinkKind.Diode)), drive], wires)));
    }

    // 5 V behind a diode: of the 4.75 V it wants at least, 95 % is 4.51.
    [Theory]
    [InlineData("0.48 V", "BelowLoad Check supply/3 > drive/1")]
    [InlineData("0.5 V", "BelowLoad Fix supply/3 > drive/1")]
    public void A_load_bears_a_little_less_than_it_wants(string loses, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Diode, loses)), Part(PartKind.Drive, "drive", "+5 V,ground")],
            "supply/3-panel/1", "drive/1-panel/2", "supply/2-drive/2")));

    // Of the 11.4 V that a negative supply's load wants at least, 95 % is 10.83.
    [Theory]
    [InlineData("1.16 V", "BelowLoad Check supply/5 > board/1")]
    [InlineData("1.18 V", "BelowLoad Fix supply/5 > board/1")]
    public void A_load_on_a_negative_supply_bears_as_little_less(string loses, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Panel(Link(2, 1, LinkKind.Diode, loses)), Part(PartKind.Board, "board", "<-12 V,ground")],
            "supply/5-panel/1", "board/1-panel/2", "supply/2-board/2")));

    // Standby stays on while the board behind the resistor is off. 4.4 V beyond its diode is 20 mA at 220 ohm.
    [Theory]
    [InlineData("219 ohm", "FedWhileOff Stop supply/5 > board/1")]
    [InlineData("221 ohm", "FedWhileOff Fix supply/5 > board/1")]
    [InlineData("999 ohm", "FedWhileOff Fix supply/5 > board/1")]
    [InlineData("1.01k", "FedWhileOff Check supply/5 > board/1")]
    public void A_part_that_is_off_is_fed_through_a_resistor(string ohms, string expected)
        => Assert.Equal(expected, Words(Judge([Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,ground,+5 V standby"),
            Panel(Link(1, 2, LinkKind.Resistor, ohms)), Part(PartKind.Board, "board", "<my-line@5,ground,<+12 V")],
            "supply/5-panel/1", "board/1-panel/2", "supply/2-board/2", "supply/1-board/3")));

    [Fact]
    public void What_a_wire_to_blame_for_less_hides_is_found()
        => Assert.Contains("SupplyThroughElement Stop supply/1 > supply/3", Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Resistor, "10 ohm 10 W")),
            Part(PartKind.Fan, "fan", "+12 V,ground")], "supply/1-panel/1", "fan/1-panel/2", "supply/2-fan/2", "supply/3-fan/1")));

    [Fact]
    public void A_fuse_conducts_and_a_switch_that_bears_less_than_it_breaks_is_told()
    {
        var drive = Part(PartKind.Drive, "drive", "+12 V,ground");
        string[] wires = ["supply/1-panel/1", "drive/1-panel/2", "supply/2-drive/2"];
        Assert.Empty(Judge([Supply, Panel(Link(1, 2, LinkKind.Fuse, "2 A")), drive], wires));
        Assert.Empty(Judge([Supply, Panel(Link(1, 2, LinkKind.Latching, "12 V")), drive], wires));
        Assert.Equal("ContactTooSmall Fix supply/1 > panel/1", Words(Judge([Supply, Panel(Link(1, 2, LinkKind.Latching, "11.9 V")), drive], wires)));
    }

    private static Part Panel(params PartLink[] links) => Part(PartKind.Panel, "panel", "none,none,none", links);
}
