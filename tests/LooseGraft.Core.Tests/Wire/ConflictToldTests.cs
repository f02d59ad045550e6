using LooseGraft.Core.Wire;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>What a builder reads of a fault of the circuit: what happens, by way of what, and while what is pressed.</summary>
public sealed class ConflictToldTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,ground");

    private static readonly string[] Across = ["supply/1-panel/1", "supply/2-panel/2"];

    [Fact]
    public void What_lies_between_the_two_is_named_by_its_ports()
    {
        var lead = new Part("lead", "lead", PartKind.Lead) { Ports = [Port("near", "none,none"), Port("far", "none,none")], Links = [Link("near/1", "far/1")] };
        var drive = Part(PartKind.Drive, "drive", "+5 V,ground");
        Assert.Equal("would put +12 V on what is made for +5 V, by way of near and far",
            Told([Supply, lead, drive], "supply/1-lead.near/1", "lead.far/1-drive/1", "supply/2-drive/2"));
        Assert.Equal("would put +12 V on what is made for +5 V", Told([Supply, drive], "supply/1-drive/1", "supply/2-drive/2"));
    }

    [Fact]
    public void Where_what_takes_is_met_in_its_own_port_nothing_lies_between()
        => Assert.Equal("would put +12 V on what is made for +5 V",
            Told([Supply, Part(PartKind.Drive, "drive", "none,ground,+5 V", Link(1, 3))], "supply/1-drive/1", "supply/2-drive/2"));

    [Fact]
    public void Presses_are_named_alone_and_counted_together()
    {
        var one = Part(PartKind.Panel, "panel", "none,none", Link(1, 2, LinkKind.Momentary, "", "S1"));
        Assert.Equal("would short +12 V to ground, by way of p, while the switch between 1 of p and 2 of p is closed", Told([Supply, one], Across));
        var two = Part(PartKind.Panel, "panel", "none,none,none", Link(1, 3, LinkKind.Momentary, "", "S1"), Link(3, 2, LinkKind.Momentary, "", "S2"));
        Assert.Equal("would short +12 V to ground, by way of p, while 2 switches are closed", Told([Supply, two], Across));
    }

    // 12 V over 11.9 V of a diode leave 0.1 V over a tenth of an ohm.
    [Theory]
    [InlineData(LinkKind.Diode, "11.85 V", "the diode (11.85 V) would have to carry 1.5 A: that is a short")]
    [InlineData(LinkKind.Diode, "11.91 V 0.5 A", "the diode (11.91 V, 500 mA) would have to carry 900 mA: that is a short")]
    [InlineData(LinkKind.Resistor, "100 ohm", "the resistor (100 ohm) would turn 1.4 W into heat, and bears 0.25 W, as most do")]
    [InlineData(LinkKind.Resistor, "100 ohm 1 W", "the resistor (100 ohm, 1 W) would turn 1.4 W into heat, and bears 1 W")]
    [InlineData(LinkKind.Resistor, "", "nothing is known of the resistor that says what +12 V does to it, and through it")]
    [InlineData(LinkKind.Lamp, "6.3 V 0.1 A", "the lamp (6.3 V, 100 mA) would get 12 V of +12 V and burn out")]
    [InlineData(LinkKind.Light, "2 V", "the light (2 V) would take 1 A of +12 V and burn out: it is made for about 20 mA, and bears 30 mA at the most")]
    [InlineData(LinkKind.Coil, "5 V 125 ohm with diode", "the coil (125 ohm, 5 V, with a diode) gets 12 V, and would grow too hot in the long run")]
    [InlineData(LinkKind.Coil, "24 V 800 ohm", "the coil (800 ohm, 24 V) gets 12 V of +12 V: too little to pull for sure")]
    [InlineData(LinkKind.Latching, "5 V", "would short +12 V to ground, by way of p, while the switch between 1 of p and 2 of p is closed; "
        + "the switch that stays (5 V) bears 5 V, and +12 V is on it")]
    public void An_element_is_named_with_its_figures_and_what_it_gets(LinkKind kind, string figures, string words)
        => Assert.Equal(words, Told([Supply, Part(PartKind.Panel, "panel", "none,none", Link(1, 2, kind, figures))], Across));

    [Theory]
    [InlineData(LinkKind.Light, "2 V", "the light (2 V) would get 12 V the wrong way round, and bears 5 V")]
    [InlineData(LinkKind.Coil, "12 V 400 ohm with diode", "the coil (400 ohm, 12 V, with a diode) lies the wrong way round: its diode is a short")]
    public void An_element_the_wrong_way_round(LinkKind kind, string figures, string words)
        => Assert.Equal(words, Told([Supply, Part(PartKind.Panel, "panel", "none,none", Link(2, 1, kind, figures))], Across));

    [Fact]
    public void A_winding_is_told_by_what_lies_on_it()
    {
        Part Winding(string figures) => Part(PartKind.Other, "winding", "none,none", Link(1, 2, LinkKind.Winding, figures));
        string On(string figures, LinkKind kind, string element)
            => Told([Winding(figures), Part(PartKind.Panel, "panel", "none,none", Link(1, 2, kind, element))], "winding/1-panel/1", "winding/2-panel/2");
        Assert.Equal("the lamp (5 V, 100 mA) would get 6.3 V and burn out", On("6.3 V isolated", LinkKind.Lamp, "5 V 0.1 A"));
        Assert.Equal("the diode would have to carry 83 A: that is a short", On("6.3 V isolated", LinkKind.Diode, ""));
        Assert.Equal("the coil (100 ohm, 6 V) on a winding: it is not made for alternating current", On("6.3 V isolated", LinkKind.Coil, "6 V 100 ohm"));
        Assert.Equal("the resistor (100 ohm) would turn 0.4 W into heat, and bears 0.25 W, as most do", On("6.3 V isolated", LinkKind.Resistor, "100 ohm"));
        Assert.Equal("the light (1 kilohm, 2 V) would get 8.9 V the wrong way round, and bears 5 V", On("6.3 V isolated", LinkKind.Light, "2 V 1k"));
        Assert.Equal("nothing is known of the winding (isolated) that says what it does", On("isolated", LinkKind.Lamp, "6 V 0.1 A"));
        Assert.Equal("nobody has proven that the winding (6.3 V) is joined to nothing else in its transformer: one leg of it may be mains",
            On("6.3 V", LinkKind.Lamp, "6.3 V 0.1 A"));
        Assert.Equal("the winding (6.3 V, not isolated) is not isolated: what is wired to it is wired to the mains",
            On("6.3 V not isolated", LinkKind.Lamp, "6.3 V 0.1 A"));
    }

    [Theory]
    [InlineData("serial-transmit@12,ground", "serial-receive@3.3,ground", "serial-transmit of 12 V would kill serial-receive, made for 3.3 V")]
    [InlineData("serial-transmit,ground", "serial-receive@3.3,ground", "serial-receive is made for 3.3 V, and nobody knows the level that serial-transmit gives")]
    [InlineData("serial-transmit@3.3,ground", "clock@5,ground", "serial-transmit meets clock")]
    [InlineData("clock@5,ground", "clock@3.3,ground", "clock is 5 V on one side and 3.3 V on the other")]
    [InlineData("serial-receive,ground", "serial-receive,ground", "serial-receive meets serial-receive: both only listen")]
    [InlineData("serial-transmit,ground", "keep-open,ground", "serial-transmit on a contact that must stay open")]
    [InlineData("keep-open,ground", "serial-transmit,ground", "serial-transmit on a contact that must stay open")]
    [InlineData("speaker+,ground", "line-left,ground", "speaker+ of an amplifier would kill line-left")]
    public void A_line_is_told_by_its_levels(string board, string other, string words)
        => Assert.Equal(words, Told([Part(PartKind.Board, "board", board), Part(PartKind.Other, "other", other)], "board/1-other/1", "board/2-other/2"));

    private static string Told(System.Collections.Immutable.ImmutableArray<Part> parts, params string[] wires)
        => string.Join("; ", Judge(parts, wires).Select(ConflictTold.Words));
}
