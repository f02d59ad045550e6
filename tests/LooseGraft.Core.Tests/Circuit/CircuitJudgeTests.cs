using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

public sealed class CircuitJudgeTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,ground");
    private static readonly Part Tag = Part(PartKind.Other, "tag", "none,none");

    [Fact]
    public void Two_supplies_on_one_spare_tag_are_joined_whatever_the_tag_is_called()
        => Assert.Equal("SupplyToSupply Stop supply/1 > supply/3", Words(Judge([Supply, Tag], "supply/1-tag/1", "supply/3-tag/1")));

    [Fact]
    public void A_contact_without_a_conductor_joins_nothing()
        => Assert.Empty(Judge([Supply, Part(PartKind.Other, "tag", "unwired,none")], "supply/1-tag/1", "supply/3-tag/1"));

    [Fact]
    public void Two_parts_share_nothing_by_using_one_name()
        => Assert.Empty(Judge([Supply, Part(PartKind.Drive, "one", "+5 V,ground"), Part(PartKind.Drive, "two", "+12 V,ground")],
            "supply/3-one/1", "supply/4-one/2", "supply/1-two/1", "supply/2-two/2"));

    [Fact]
    public void A_board_passes_on_what_it_gets_and_what_it_makes()
    {
        var board = Part(PartKind.Board, "board", "+5 V,ground,+5 V,ground,+12 V");
        Assert.Empty(Judge([Supply, board, Part(PartKind.Drive, "drive", "+5 V,ground")], "supply/3-board/1", "supply/4-board/2", "board/3-drive/1",
            "board/4-drive/2"));
        Assert.Empty(Judge([board, Part(PartKind.Drive, "drive", "+5 V,ground")], "board/3-drive/1", "board/4-drive/2"));
        Assert.Equal("BeyondLoad Stop board/5 > drive/1",
            Words(Judge([board, Part(PartKind.Drive, "drive", "+5 V,ground")], "board/5-drive/1", "board/4-drive/2")));
    }

    [Fact]
    public void One_wrong_wire_is_told_once_however_much_it_joins()
    {
        var board = Part(PartKind.Board, "board", "+12 V,ground,+5 V,ground");
        var drive = Part(PartKind.Drive, "drive", "+12 V,ground,+5 V,ground");
        // The third wire should lead to the third contact.
        var conflict = Assert.Single(
            Judge([Supply, board, drive], "supply/1-board/1", "supply/2-board/2", "supply/3-board/4", "supply/4-board/4", "board/1-drive/1", "board/2-drive/2",
            "board/3-drive/3").Hard());
        Assert.Equal((ConflictKind.SupplyToGround, "supply/p/3", "board/p/4"), (conflict.Kind, $"{conflict.Giver.Id}", $"{conflict.Taker.Id}"));
        Assert.Equal(JoinKind.Joint, conflict.Place?.Kind);
    }

    [Fact]
    public void Each_of_two_wrong_wires_is_told()
        => Assert.Equal("SupplyToGround Stop supply/1 > board/2; SupplyToGround Stop supply/3 > board/4",
            Words(Judge([Supply, Part(PartKind.Board, "board", "+12 V,ground,+5 V,ground")], "supply/1-board/2", "supply/3-board/4")));

    [Fact]
    public void What_crosses_inside_a_lead_is_blamed_on_the_lead()
    {
        var lead = new Part("lead", "lead", PartKind.Lead)
        {
            Ports = [Port("near", "+12 V,+5 V"), Port("far", "+5 V,+12 V")],
            Links = [Link("near/1", "far/1"), Link("near/2", "far/2")],
        };
        var found = Judge([Supply, lead, Part(PartKind.Drive, "drive", "+5 V,+12 V,ground")], "supply/1-lead.near/1", "supply/3-lead.near/2",
            "lead.far/1-drive/1", "lead.far/2-drive/2",
            "supply/2-drive/3").Hard().ToArray();
        Assert.Equal("BeyondLoad Stop supply/1 > drive/1; BelowLoad Fix supply/3 > drive/2", Words(found));
        Assert.Equal((JoinKind.Inside, "lead"), (found[0].Place!.Kind, found[0].Place!.Owner));
        Assert.Equal(["supply/p/1", "lead/near/1", "lead/far/1", "drive/p/1"], found[0].Way.Select(contact => $"{contact.Id}"));
    }

    [Theory]
    [InlineData(LinkKind.Momentary)]
    [InlineData(LinkKind.Latching)]
    public void The_fewest_presses_that_make_a_short_are_named(LinkKind kind)
    {
        // Two switches in series beside one by itself: the one is enough.
        var keys = Part(PartKind.Panel, "keys", "none,none,none", Link(1, 2, kind), Link(2, 3, kind), Link(1, 3, kind));
        var found = Judge([Supply, keys], "supply/1-keys/1", "supply/2-keys/3");
        Assert.Equal("SupplyToGround Stop supply/1 > supply/2", Words(found[..1]));
        var press = Assert.Single(found[0].Presses);
        Assert.Equal((0, 2), (press.One - 4, press.Other - 4));
        Assert.Equal(found[0].Presses[0], found[0].Place);
        // With that one taken out the two in series are left.
        Assert.Equal(2, found[1].Presses.Length);
    }

    [Fact]
    public void A_press_that_does_what_it_is_for_is_no_fault()
        => Assert.Empty(Judge(
            [Part(PartKind.Board, "board", "power-switch,ground"), Part(PartKind.Panel, "panel", "power-switch,power-switch", Link(1, 2, LinkKind.Momentary))],
            "board/1-panel/1", "board/2-panel/2"));

    [Fact]
    public void A_switch_whose_inside_nobody_described_still_closes()
        => Assert.Equal("SupplyToGround Stop supply/1 > supply/2",
            Words(Judge([Supply, Part(PartKind.Panel, "panel", "power-switch,power-switch")], "supply/1-panel/1", "supply/2-panel/2")));

    [Fact]
    public void A_switch_in_series_with_a_feed_is_normal()
        => Assert.Empty(Judge([Supply, Part(PartKind.Switch, "toggle", "spare-switch,spare-switch"), Part(PartKind.Lamp, "lamp", "+12 V,ground")],
            "supply/1-toggle/1", "toggle/2-lamp/1", "supply/2-lamp/2"));

    [Fact]
    public void A_short_that_only_a_press_shows_is_not_hidden_by_the_tie_that_makes_it()
    {
        var parts = new[] { Supply, Part(PartKind.Switch, "toggle", "spare-switch,spare-switch"), Part(PartKind.Lamp, "lamp", "+12 V,ground") };
        var tie = new LeadTie(new LeadEnd(false, 1), new LeadEnd(false, 2));
        var found = CircuitJudge.Judge(Joined([.. parts], JointMethod.Rebuild, [tie], "toggle/2-lamp/1", "supply/1-toggle/1", "supply/2-lamp/2")).Conflicts;
        Assert.Equal("SupplyToGround Stop supply/1 > lamp/2", Words(found[..1]));
        Assert.Equal(JoinKind.Tie, found[0].Place!.Kind);
    }

    [Theory]
    [InlineData(JointMethod.Rebuild, 1)]
    [InlineData(JointMethod.LeaveOff, 0)]
    public void A_tie_on_a_joint_that_is_left_off_is_not_made(JointMethod method, int expected)
        => Assert.Equal(expected, CircuitJudge.Judge(Joined([Part(PartKind.Board, "board", "+5 V,ground"), Part(PartKind.Other, "other", "none,none")], method,
            [new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, 2))], "board/1-other/1")).Conflicts.Count(conflict => conflict.Severity == Severity.Stop));

    [Fact]
    public void Seven_volts_between_two_supplies_is_a_caution_for_a_fan_and_a_short_for_all_else()
    {
        Assert.Equal("BetweenSupplies Check supply/3 > fan/2",
            Words(Judge([Supply, Part(PartKind.Fan, "fan", "+12 V,ground")], "supply/1-fan/1", "supply/3-fan/2")));
        string[] wires = ["supply/1-thing/1", "supply/3-thing/2"];
        Assert.StartsWith("SupplyToGround Stop", Words(Judge([Supply, Part(PartKind.Drive, "thing", "+12 V,ground")], wires)));
        // Its tacho would be lifted to 5 V; the wrong way round; through a board's header; another part's return beside it.
        Assert.StartsWith("SupplyToGround Stop",
            Words(Judge([Supply, Part(PartKind.Board, "board", "fan-tacho,ground"), Part(PartKind.Fan, "thing", "+12 V,ground,fan-tacho")],
            [.. wires, "board/1-thing/3"])));
        Assert.StartsWith("SupplyToGround Stop", Words(Judge([Supply, Part(PartKind.Fan, "thing", "+12 V,ground")], "supply/3-thing/1", "supply/1-thing/2")));
        Assert.StartsWith("SupplyToGround Stop",
            Words(Judge([Part(PartKind.Board, "supply", "+12 V,ground,+5 V,ground"), Part(PartKind.Fan, "thing", "+12 V,ground")], wires)));
        Assert.Contains("SupplyToGround Stop", Words(Judge([Supply, Part(PartKind.Fan, "thing", "+12 V,ground")], [.. wires, "supply/2-thing/2"])));
    }

    [Theory]
    [InlineData("power-switch", "SupplyBeyondSignal Stop supply/1 > key/1")]
    [InlineData("power-switch,power-switch", "")]
    public void A_switch_of_which_one_leg_alone_was_described_is_taken_to_be_returned(string legs, string expected)
        => Assert.Equal(expected, Words(Judge([Supply, Part(PartKind.Panel, "key", legs)], "supply/1-key/1")));

    [Fact]
    public void A_longer_way_that_needs_no_press_is_told_before_a_shorter_one_that_does()
    {
        var block = Part(PartKind.Switch, "block", "none,none,none,none", Link(1, 2), Link(2, 3), Link(3, 4), Link(1, 4, LinkKind.Momentary));
        var conflict = Judge([Supply, block], "supply/1-block/1", "supply/2-block/4")[0];
        Assert.Equal((ConflictKind.SupplyToGround, 0, 6), (conflict.Kind, conflict.Presses.Length, conflict.Way.Length));
    }

    [Theory]
    [InlineData(199, true)]
    [InlineData(200, false)]
    public void So_much_is_told_and_no_more(int wires, bool isAll)
    {
        var (one, other) = (string.Join(',', Enumerable.Repeat("serial-transmit", wires)), string.Join(',', Enumerable.Repeat("fan-tacho", wires)));
        var answer = CircuitJudge.Judge(Wired([Part(PartKind.Board, "board", one), Part(PartKind.Fan, "fan", other)],
            [.. Enumerable.Range(1, wires).Select(position => $"board/{position}-fan/{position}")]));
        Assert.Equal((wires, isAll), (answer.Conflicts.Length, answer.IsAll));
    }

    [Fact]
    public void A_link_between_two_contacts_of_one_port_of_a_lead_was_forgotten_there()
    {
        var lead = Part(PartKind.Lead, "block", "unknown,unknown", Link(1, 2));
        var found = Judge([Supply, lead], "supply/1-block/1", "supply/2-block/2");
        Assert.Equal(JoinKind.Inside, found[0].Place!.Kind);
    }

    [Fact]
    public void A_label_is_compared_with_what_arrives_and_never_believed()
    {
        var supply = Part(PartKind.Supply, "supply", "-12 V,ground,power-good");
        Assert.Equal("LabelDiffers Check supply/1 > lead/1", Words(Judge([supply, Part(PartKind.Lead, "lead", "power-good,none")], "supply/1-lead/1")));
        Assert.Equal("LabelDiffers Check supply/1 > lead/1", Words(Judge([supply, Part(PartKind.Lead, "lead", "+12 V,none")], "supply/1-lead/1")));
        Assert.Equal("LabelDiffers Check supply/3 > lead/1", Words(Judge([supply, Part(PartKind.Lead, "lead", "+12 V,none")], "supply/3-lead/1")));
        Assert.Empty(Judge([supply, Part(PartKind.Lead, "lead", "power-good,none")], "supply/3-lead/1"));
        // One that is fed by nothing is told as that, and not twice.
        Assert.Equal("NotFed Fix drive/1",
            Words(Judge([Part(PartKind.Lead, "lead", "+5 V,none"), Part(PartKind.Drive, "drive", "+5 V,ground")], "lead/1-drive/1"))
            .Replace(" > drive/1", "", StringComparison.Ordinal));
    }

    [Fact]
    public void A_level_that_only_the_far_side_of_a_go_between_knows_of_is_proven_first()
    {
        var board = Part(PartKind.Board, "board", "+12 V,ground");
        var adapter = new Part("adapter", "adapter", PartKind.Adapter) { Ports = [Port("near", "+5 V,ground"), Port("far", "+12 V,ground")] };
        string[] wires = ["supply/3-adapter.near/1", "supply/4-adapter.near/2", "adapter.far/1-board/1", "adapter.far/2-board/2"];
        Assert.Equal("LabelNotGiven Check adapter/1 > board/1", Words(Judge([Supply, adapter, board], wires)));
        Assert.Empty(Judge([Supply, adapter with { Ports = [Port("near", "+12 V,ground"), Port("far", "+12 V,ground")] }, board],
            ["supply/1-adapter.near/1", .. wires[1..]]));
        // What is described inside is no question; what feeds two of them is one.
        Assert.Empty(Judge([Supply, adapter with { Links = [Link("near/2", "far/2")] }, board], wires));
        Assert.Equal("LabelNotGiven Check adapter/1 > board/1", Words(Judge([Supply, adapter, board, Part(PartKind.Drive, "drive", "+12 V,ground")],
            [.. wires, "adapter.far/1-drive/1", "adapter.far/2-drive/2"])));
    }

    [Fact]
    public void An_adapter_whose_inside_nobody_described_is_taken_to_join_what_is_labelled_alike_and_the_evidence_says_so()
    {
        var adapter = new Part("adapter", "adapter", PartKind.Adapter) { Ports = [Port("near", "+12 V,ground"), Port("far", "ground,+12 V")] };
        var drive = Part(PartKind.Drive, "drive", "ground,+12 V");
        string[] near = ["supply/1-adapter.near/1", "supply/2-adapter.near/2"];
        Assert.Empty(Judge([Supply, adapter, drive], [.. near, "adapter.far/1-drive/1", "adapter.far/2-drive/2"]));
        var found = Judge([Supply, adapter, Part(PartKind.Drive, "drive", "+5 V,ground")], [.. near, "adapter.far/2-drive/1", "adapter.far/1-drive/2"]);
        Assert.Equal((ConflictKind.BeyondLoad, Evidence.Assumed), (found[0].Kind, found[0].Evidence));
    }

    [Theory]
    [InlineData(256, true)]
    [InlineData(257, false)]
    public void A_net_on_which_more_act_than_are_judged_is_never_said_to_be_whole(int inputs, bool isAll)
    {
        var many = Part(PartKind.Board, "many", string.Join(',', Enumerable.Repeat("power-switch", inputs)));
        var answer = CircuitJudge.Judge(Wired([many, Tag], [.. Enumerable.Range(1, inputs).Select(index => $"many/{index}-tag/1")]));
        Assert.Equal((isAll, 0), (answer.IsAll, answer.Conflicts.Length));
    }

    [Fact]
    public void Of_a_net_that_is_too_large_what_gives_is_judged_first()
    {
        var many = Part(PartKind.Board, "many", string.Join(',', Enumerable.Repeat("power-switch", 300).Append("+12 V").Append("ground")));
        var answer = CircuitJudge.Judge(Wired([many, Tag], [.. Enumerable.Range(1, 302).Select(index => $"many/{index}-tag/1")]));
        Assert.False(answer.IsAll);
        Assert.Contains(answer.Conflicts, conflict => conflict is { Severity: Severity.Stop, Giver.Role.Feeds: true });
    }

    [Fact]
    public void A_graft_in_which_everything_is_wrong_is_told_up_to_a_bound()
    {
        var signals = string.Join(",", Enumerable.Range(0, 2 * CircuitJudge.MostTold).Select(index => index % 2 == 0 ? "+12 V" : "ground"));
        var (one, other) = (Part(PartKind.Board, "one", signals), Part(PartKind.Board, "other", signals));
        Assert.Equal(CircuitJudge.MostTold,
            Judge([one, other], [.. Enumerable.Range(1, 2 * CircuitJudge.MostTold)
            .Select(index => $"one/{index}-other/{(index % 2 == 0 ? index - 1 : index + 1)}")])
            .Count(conflict => conflict.Severity == Severity.Stop));
    }
}
