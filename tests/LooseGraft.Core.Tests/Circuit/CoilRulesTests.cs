using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>Coils, and the contacts that they and switches move.</summary>
public sealed class CoilRulesTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,ground,+5 V standby");

    [Theory]
    [InlineData("12 V 400 ohm", "")]
    [InlineData("10.92 V 400 ohm", "")]
    [InlineData("10.9 V 400 ohm", "ElementBurns Fix supply/1 > relay/1")]
    [InlineData("15.9 V 400 ohm", "")]
    [InlineData("16.1 V 400 ohm", "CoilWeak Check supply/1 > relay/1")]
    [InlineData("12 V", "ElementUnknown Check supply/1 > relay/1")]
    [InlineData("400 ohm", "ElementUnknown Check supply/1 > relay/1")]
    [InlineData("12 V 30 mA", "")]
    public void A_coil_gets_what_it_is_made_for(string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Relay(Link(1, 2, LinkKind.Coil, figures))], "supply/1-relay/1", "supply/2-relay/2")));

    [Fact]
    public void The_diode_of_a_coil_the_wrong_way_round_is_a_short()
    {
        var relay = Relay(Link(1, 2, LinkKind.Coil, "12 V 400 ohm with diode"));
        Assert.Empty(Judge([Supply, relay], "supply/1-relay/1", "supply/2-relay/2"));
        Assert.Equal("ElementBurns Stop supply/1 > relay/1", Words(Judge([Supply, relay], "supply/1-relay/2", "supply/2-relay/1")));
        // Made for less it would grow too hot as well, and that is the lesser of the two.
        var less = Relay(Link(1, 2, LinkKind.Coil, "5 V 125 ohm with diode"));
        Assert.Equal("ElementBurns Stop supply/1 > relay/1", Words(Judge([Supply, less], "supply/1-relay/2", "supply/2-relay/1")));
    }

    [Theory]
    [InlineData("5 V 500 ohm", "CoilWithoutDiode Fix board/1 > relay/1")]
    [InlineData("5 V 500 ohm with diode", "")]
    public void A_coil_on_an_output_needs_a_diode(string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Part(PartKind.Board, "board", ">my-line@5,ground"), Relay(Link(1, 2, LinkKind.Coil, figures))],
            "board/1-relay/1", "board/2-relay/2")));

    // Pressed it would put +12 V where at rest +5 V is; a break contact in the same place parts them.
    [Fact]
    public void A_changeover_is_judged_in_both_of_its_positions()
    {
        var changeover = Relay(Link(1, 2, LinkKind.Latching, "", "S1", isClosedAtRest: true), Link(3, 2, LinkKind.Latching, "", "S1"));
        var drive = Part(PartKind.Drive, "drive", "+5 V,ground");
        string[] wires = ["drive/1-relay/2", "supply/2-drive/2"];
        Assert.Empty(Judge([Supply, changeover, Part(PartKind.Fan, "fan", "+12 V,ground")],
            "supply/1-relay/1", "supply/3-relay/3", "fan/1-relay/2", "supply/2-fan/2").Hard());
        var wrong = Judge([Supply, changeover, drive], [.. wires, "supply/3-relay/1", "supply/1-relay/3"]);
        Assert.Equal("BeyondLoad Stop supply/1 > drive/1", Words(wrong.Hard()));
        Assert.Single(wrong[0].Presses);
        Assert.Equal("BeyondLoad Stop supply/1 > drive/1", Words(Judge([Supply, changeover, drive], [.. wires, "supply/1-relay/1", "supply/3-relay/3"]).Hard()));
    }

    [Fact]
    public void A_changeover_that_overlaps_joins_its_two_sides_for_a_moment()
    {
        PartLink Contact(int one, bool isClosedAtRest, bool overlaps) => Link(one, 2, LinkKind.Latching, "", "S1", isClosedAtRest) with { Overlaps = overlaps };

        string Told(bool overlaps) => Words(Judge([Supply, Relay(Contact(1, true, overlaps), Contact(3, false, overlaps))],
            "supply/1-relay/1", "supply/3-relay/3").Hard());

        Assert.Equal("", Told(overlaps: false));
        Assert.Equal("SupplyToSupply Stop supply/1 > supply/3", Told(overlaps: true));
    }

    [Fact]
    public void A_relay_that_overlaps_joins_its_two_sides_while_it_pulls()
    {
        string Told(bool overlaps) => Words(Judge([Supply, Part(PartKind.Panel, "relay", "none,none,none,none,none",
            Link(1, 2, LinkKind.Coil, "12 V 400 ohm", "K1"), Link(3, 4, LinkKind.Relay, "", "K1", isClosedAtRest: true) with { Overlaps = overlaps },
            Link(5, 4, LinkKind.Relay, "", "K1") with { Overlaps = overlaps })],
            "supply/1-relay/1", "supply/2-relay/2", "supply/1-relay/3", "supply/3-relay/5").Hard());

        Assert.Equal("", Told(overlaps: false));
        Assert.Equal("SupplyToSupply Stop supply/1 > supply/3", Told(overlaps: true));
    }

    [Fact]
    public void A_relay_moves_its_contacts_when_its_coil_pulls_and_not_before()
    {
        // The contact would short +12 V to ground.
        var relay = Relay(Link(1, 2, LinkKind.Coil, "12 V 400 ohm", "K1"), Link(3, 4, LinkKind.Relay, "", "K1"));
        string[] contact = ["supply/1-relay/3", "supply/2-relay/4"];
        Assert.Empty(Judge([Supply, relay], contact));
        Assert.Equal("SupplyToGround Stop supply/1 > supply/2", Words(Judge([Supply, relay], [.. contact, "supply/1-relay/1", "supply/4-relay/2"])));
        // Half its volts do not move it; so no short.
        Assert.Equal("CoilWeak Check supply/3 > relay/1", Words(Judge([Supply, relay], [.. contact, "supply/3-relay/1", "supply/4-relay/2"])));
    }

    [Fact]
    public void A_short_that_a_relay_makes_is_not_hidden_by_a_wire_to_blame_for_less()
    {
        var relay = Relay(Link(1, 2, LinkKind.Coil, "12 V 400 ohm", "K1"), Link(3, 4, LinkKind.Relay, "", "K1"));
        Assert.Contains("SupplyToSupply Stop supply/1 > supply/3", Words(Judge([Supply, relay, Part(PartKind.Drive, "drive", "+12 V,ground")],
            "supply/1-relay/1", "supply/2-relay/2", "supply/1-relay/3", "drive/1-relay/4", "supply/3-drive/1", "supply/4-drive/2")));
    }

    [Fact]
    public void A_relay_that_holds_itself_is_found_pulling_with_nothing_pressed()
    {
        var relay = Relay(Link(1, 2, LinkKind.Coil, "5 V 125 ohm with diode", "K1"), Link(3, 1, LinkKind.Relay, "", "K1"),
            Link(3, 1, LinkKind.Momentary, "", "S1"));
        Assert.Equal("CoilHolds Check supply/5 > relay/1", Words(Judge([Supply, relay], "supply/5-relay/3", "supply/2-relay/2")));
        Assert.Empty(Judge([Supply, relay], "supply/3-relay/3", "supply/2-relay/2"));
        // What else hangs between a higher supply and the same ground holds nothing.
        Assert.Equal("CoilHolds Check supply/5 > relay/1", Words(Judge([Supply, relay with { Links = relay.Links.Add(Link(4, 2, LinkKind.Resistor, "10k")) }],
            "supply/5-relay/3", "supply/2-relay/2", "supply/1-relay/4")));
    }

    [Fact]
    public void A_relay_that_opens_its_own_coil_never_settles()
    {
        var buzzer = Relay(Link(1, 2, LinkKind.Coil, "12 V 400 ohm", "K1"), Link(3, 1, LinkKind.Relay, "", "K1", isClosedAtRest: true));
        Assert.Equal("CoilRestless Fix relay/1 > relay/1", Words(Judge([Supply, buzzer], "supply/1-relay/3", "supply/2-relay/2")));
    }

    [Fact]
    public void Two_relays_that_shut_each_other_out_are_found_shorting_in_the_moment_both_pull()
    {
        // Each coil has its button; K1 brings +12 V to 6, K2 brings +5 V there, and neither has the break contact of the other before it.
        var relay = Part(PartKind.Panel, "relay", "none,none,none,none,none,none",
            Link(1, 2, LinkKind.Momentary, "", "S1"), Link(1, 3, LinkKind.Momentary, "", "S2"), Link(2, 5, LinkKind.Coil, "12 V 400 ohm", "K1"),
            Link(3, 5, LinkKind.Coil, "12 V 400 ohm", "K2"), Link(1, 6, LinkKind.Relay, "", "K1"), Link(4, 6, LinkKind.Relay, "", "K2"));
        string[] wires = ["supply/1-relay/1", "supply/3-relay/4", "supply/2-relay/5"];
        Assert.Equal("SupplyToSupply Stop supply/1 > supply/3", Words(Judge([Supply, relay], wires).Hard()));
        // Moved over the break contact of the other, each coil is shut out while the other pulls. Pressed in one moment both still pull for an instant, and
        // that is told too.
        Assert.Empty(Judge([Supply, relay with { Links = relay.Links.RemoveAt(5) }], wires).Hard());
    }

    [Fact]
    public void Too_much_that_moves_is_taken_by_twos_and_told()
    {
        var switches = Part(PartKind.Panel, "panel", string.Join(',', Enumerable.Repeat("none", 22)), [.. Enumerable.Range(1, 11).Select(at =>
            Link((2 * at) - 1, 2 * at, LinkKind.Latching, "", $"S{at}", isClosedAtRest: true))]);
        var answer = Core.Circuit.CircuitJudge.Judge(Wired([Supply, switches], "supply/1-panel/1", "supply/2-panel/2"));
        Assert.False(answer.IsAll);
        Assert.Equal("SupplyToGround Stop supply/1 > supply/2", Words(answer.Conflicts));
        Assert.True(Core.Circuit.CircuitJudge.Judge(Wired([Supply, switches with { Links = switches.Links.RemoveAt(10) }], "supply/1-panel/1")).IsAll);
    }

    [Theory]
    [InlineData(10, 1023, true)]
    [InlineData(11, 66, false)]
    [InlineData(60, 1024, false)]
    public void However_much_moves_the_positions_are_bounded(int movers, int positions, bool isAll)
    {
        var panel = Part(PartKind.Panel, "panel", string.Join(',', Enumerable.Repeat("none", 2 * movers)), [.. Enumerable.Range(1, movers).Select(at =>
            Link((2 * at) - 1, 2 * at, LinkKind.Latching, "", $"S{at}", isClosedAtRest: true))]);
        var list = Core.Circuit.Positions.PositionList.Of(Wired([panel]), _ => [], _ => false);
        Assert.Equal((positions, isAll), (list.All.Length, list.IsAll));
    }

    [Fact]
    public void Plain_switches_are_taken_in_all_their_positions_only_where_a_relay_may_follow_them()
    {
        var relay = Relay(Link(1, 2, LinkKind.Latching, "", "S1", isClosedAtRest: true), Link(1, 3, LinkKind.Momentary, "", "S2"),
            Link(3, 4, LinkKind.Coil, "12 V 400 ohm", "K1"));
        Assert.Equal("S1", Positions(relay));
        Assert.Equal("S1; S2; S1 S2", Positions(relay with { Links = relay.Links.Add(Link(2, 4, LinkKind.Relay, "", "K1")) }));

        static string Positions(Part part) => string.Join("; ", Core.Circuit.Positions.PositionList.Of(Wired([part]), _ => [], _ => false).All
            .Select(position => string.Join(' ', position.Moved.Select(mover => mover.Split(' ')[^1]).Order())));
    }

    private static Part Relay(params PartLink[] links) => Part(PartKind.Panel, "relay", "none,none,none,none", links);
}
