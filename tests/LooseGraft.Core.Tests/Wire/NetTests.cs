using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Tests.Circuit;
using LooseGraft.Core.Wire;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>Contacts that never meet and are joined all the same.</summary>
public sealed class NetTests
{
    [Fact]
    public void A_stray_link_in_a_block_shorts_what_it_joins_though_each_wire_is_right()
    {
        // +5 V and ground each go to an end of the block that is not described further; a link inside joins the two ends.
        var graft = With(Joined(Header("+5 V,ground"), Plug("+5 V,ground"), JointMethod.Rebuild, (1, 1), (2, 2)),
            new PartLink(new("plug", 1), new("plug", 2), LinkKind.Wire));
        var finding = Only(graft);
        Assert.Contains("would short +5 V to ground", finding.Message);
        Assert.Equal("take out the link between position 1 of plug (shell) and position 2 of plug (shell), or leave one of its ends unwired",
            finding.Remedies[0]);
        Assert.Empty(Found(Joined(Header("+5 V,ground"), Plug("+5 V,ground"), JointMethod.Rebuild, (1, 1), (2, 2))));
    }

    [Theory]
    [InlineData(LinkKind.Momentary, "while the switch between 1 of plug and 2 of plug is closed")]
    [InlineData(LinkKind.Latching, "while the switch between 1 of plug and 2 of plug is closed")]
    public void A_switch_that_shorts_names_the_press_that_does_it(LinkKind kind, string words)
        => Assert.Contains(words,
            Only(With(Joined(Header("+5 V,ground"), Plug("spare-switch,spare-switch"), JointMethod.Rebuild, (1, 1), (2, 2)),
            new PartLink(new("plug", 1), new("plug", 2), kind))).Message);

    [Fact]
    public void A_power_switch_that_pulls_its_contact_to_ground_is_as_it_should_be()
        => Assert.Empty(Found(
            With(Joined(Header("power-switch,ground"), Plug("power-switch,power-switch"), JointMethod.Rebuild, (1, 1), (2, 2)),
            new PartLink(new("plug", 1), new("plug", 2), LinkKind.Momentary))));

    [Fact]
    public void Two_switches_that_only_together_make_a_short_are_found_with_all_closed()
    {
        var graft = With(Joined(Header("+12 V,ground"), Plug("spare-switch,spare-switch,spare-switch"), JointMethod.Rebuild, (1, 1), (2, 3)),
            new PartLink(new("plug", 1), new("plug", 2), LinkKind.Latching), new PartLink(new("plug", 2), new("plug", 3), LinkKind.Latching));
        Assert.Contains("while 2 switches are closed", Only(graft).Message);
    }

    [Fact]
    public void A_short_is_followed_through_a_lead_from_joint_to_joint()
    {
        // Supply, lead and board are three parts; the lead's wires are crossed.
        Port End(string id, string signals, Gender gender)
            => Header(signals, gender == Gender.Male ? "pin-header" : "crimp-plug", gender) with { Id = id, Name = id };
        var graft = Graft.Empty("test") with
        {
            Parts =
            [
                new Part("supply", "supply", PartKind.Supply) { Ports = [End("out", "+12 V,ground", Gender.Female)] },
                new Part("lead", "lead", PartKind.Lead)
                {
                    Ports = [End("in", "unknown,unknown", Gender.Male), End("far", "unknown,unknown", Gender.Female)],
                    Links = [new PartLink(new("in", 1), new("far", 2), LinkKind.Wire), new PartLink(new("in", 2), new("far", 1), LinkKind.Wire)],
                },
                new Part("board", "board", PartKind.Board) { Ports = [End("header", "+12 V,ground", Gender.Male)] },
            ],
            Joints =
            [
                new Joint("near", new PortId("lead", "in"), new PortId("supply", "out"), JointMethod.Straight),
                new Joint("end", new PortId("board", "header"), new PortId("lead", "far"), JointMethod.Straight),
            ],
        };
        Assert.Contains(Review.Of(graft).Findings, finding => finding is { Rule.Code: "WIRE-010", Severity: Severity.Stop }
            && finding.Message.Contains("would short +12 V to ground, by way of in and far", StringComparison.Ordinal));
        var right = graft.WithPart(
            "lead", lead
            => lead with { Links = [new PartLink(new("in", 1), new("far", 1), LinkKind.Wire), new PartLink(new("in", 2), new("far", 2), LinkKind.Wire)] });
        Assert.DoesNotContain(Review.Of(right).Findings, finding => finding.Severity >= Severity.Fix);
    }

    [Fact]
    public void Planes_of_a_board_join_what_its_headers_only_seem_to_keep_apart()
    {
        var graft = Joined(Header("ground,none") with { Id = "one" }, Plug("ground,+5 V") with { Id = "plug" }, JointMethod.Rebuild, (1, 1));
        graft = graft.WithPart("board", board => board with { Ports = board.Ports.Add(Header("+5 V") with { Id = "two", Name = "two" }) }) with { };
        graft = graft with
        {
            Joints = graft.Joints.Add(
                new Joint("second", new PortId("board", "two"), new PortId("shell", "plug"), JointMethod.Rebuild) { Wires = [new Conductor(1, 2)] }),
        };
        // The lead joins its two ends inside: the board's +5 V meets the board's ground far from where either was looked at.
        Assert.NotEmpty(Found(With(graft, new PartLink(new("plug", 1), new("plug", 2), LinkKind.Wire))));
        Assert.Empty(Found(graft));
    }

    [Fact]
    public void Links_survive_the_file_and_one_that_leads_nowhere_is_refused()
    {
        var graft = With(Joined(Header("ground"), Plug("ground,ground")), new PartLink(new("plug", 1), new("plug", 2), LinkKind.Momentary));
        Assert.Equal(LinkKind.Momentary, GraftFile.Read(GraftFile.Write(graft)).Graft!.Parts[1].Links[0].Kind);
        var nowhere = With(graft, new PartLink(new("plug", 1), new("plug", 9), LinkKind.Wire), new PartLink(new("plug", 1), new("plug", 1), LinkKind.Wire));
        Assert.Equal(["$.parts[1].links[0].other", "$.parts[1].links[1].other"], GraftFile.Read(GraftFile.Write(nowhere)).Errors.Select(error => error.Path));
        Assert.Empty(graft.WithoutPort(new PortId("shell", "plug")).Parts[1].Links);
    }

    [Theory]
    [InlineData("panel/3", "panel", 3)]
    [InlineData("panel", null, 0)]
    [InlineData("panel/0", null, 0)]
    [InlineData("/3", null, 0)]
    [InlineData("a/b/3", null, 0)]
    public void A_contact_is_named_from_inside_its_part(string text, string? port, int position)
        => Assert.Equal(port is null ? null : new InnerEnd(port, position), InnerEnd.Parse(text));

    [Fact]
    public void A_conductor_between_contacts_that_nobody_knows_asks_what_they_carry_and_stays()
    {
        var board = CircuitBench.Part(PartKind.Board, "board", "unknown,+5 V", CircuitBench.Link(1, 2));
        var finding = Assert.Single(Review.Of(CircuitBench.Assembled([board])).Findings, finding => finding.Rule.Code == "WIRE-020");
        Assert.Equal("find out what position 1 of p (board) and position 2 of p (board) carry, and write it down", finding.Remedies[0]);
    }

    [Theory]
    [InlineData(LinkKind.Winding, false)]
    [InlineData(LinkKind.Wire, true)]
    public void The_legs_of_a_winding_need_no_name(LinkKind kind, bool isAsked)
    {
        var winding = CircuitBench.Part(PartKind.Other, "winding", "unknown,unknown", CircuitBench.Link(1, 2, kind, "6.3 V isolated"));
        var lamp = CircuitBench.Part(PartKind.Panel, "lamp", "unknown,unknown", CircuitBench.Link(1, 2, LinkKind.Lamp, "6.3 V 0.3 A"));
        var found = Review.Of(CircuitBench.Assembled([winding, lamp], "winding/1-lamp/1", "winding/2-lamp/2")).Findings;
        Assert.Equal(isAsked, found.Any(finding => finding.Rule.Code == "WIRE-020"));
    }

    [Theory]
    [InlineData("100 ohm", JointVerdictKind.MoveWires)] // 1.44 W in a quarter of a watt
    [InlineData("4k7", JointVerdictKind.Joined)]
    public void What_an_element_behind_a_joint_would_suffer_is_its_verdict(string figures, JointVerdictKind expected)
    {
        var panel = CircuitBench.Part(PartKind.Panel, "panel", "none,none", CircuitBench.Link(1, 2, LinkKind.Resistor, figures));
        var supply = CircuitBench.Part(PartKind.Supply, "supply", "+12 V,ground");
        var joint = Review.Of(CircuitBench.Assembled([supply, panel], "supply/1-panel/1", "supply/2-panel/2")).Wire.Joints.Single();
        Assert.Equal(expected, joint.Verdict.Kind);
    }

    private static Graft With(Graft graft, params PartLink[] links) => graft.WithPart("shell", part => part with { Links = [.. links] });

    private static IEnumerable<Finding> Found(Graft graft) => Review.Of(graft).Findings.Where(finding => finding.Rule.Code == "WIRE-050");

    private static Finding Only(Graft graft) => Assert.Single(Found(graft));
}
