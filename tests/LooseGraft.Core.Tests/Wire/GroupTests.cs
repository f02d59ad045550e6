using LooseGraft.Core.Findings;
using LooseGraft.Core.Tests.Circuit;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Leads;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

public sealed class GroupTests
{
    private static readonly LeadTie SenseToGround = new(new LeadEnd(true, 1), new LeadEnd(true, 2));

    [Fact]
    public void A_tie_to_ground_serves_a_sense_contact_that_the_plug_does_not_have()
    {
        var header = Header("panel-sense,ground,power-switch") with
        {
            Pins = [Pin(1, "panel-sense") with { NeededFor = "it stops at every start", Level = Volts.Zero }, Pin(2, "ground"), Pin(3, "power-switch")],
        };
        var graft = Joined(header, Plug("none,ground,power-switch"), JointMethod.Splice, (2, 2), (3, 3));
        Assert.Contains(Review.Of(graft).Findings, finding => finding.Rule.Code == "WIRE-002");
        var tied = graft.WithJoint("joint", joint => joint with { Ties = [SenseToGround] });
        Assert.DoesNotContain(Review.Of(tied).Findings, finding => finding.Rule.Code == "WIRE-002");
    }

    [Fact]
    public void A_tie_is_judged_like_any_two_contacts_that_meet()
    {
        var graft = Joined(Header("+5 V,ground"), Plug("none,ground")).WithJoint("joint", joint => joint with { Ties = [SenseToGround] });
        var review = Review.Of(graft).Wire.Joints[0];
        Assert.Equal((JointVerdictKind.WouldDamage, "would short +5 V to ground"), (review.Verdict.Kind, review.Verdict.Words));
        Assert.Contains(review.Findings, finding => finding.Rule.Code == "WIRE-010");
    }

    [Fact]
    public void A_tie_stands_on_the_meter_sheet_and_another_tie_empties_it()
    {
        var graft = Joined(Header("panel-sense,ground"), Plug("none,ground"), JointMethod.Splice, (2, 2))
            .WithJoint("joint", joint => joint with { Ties = [SenseToGround] });
        var lead = MadeLead.Of(graft, Review.Of(graft).Wire.Joints[0]);
        Assert.Contains(lead.Sheet, line => line.Test.MustBeep && (line.Test.One.Position == 1 || line.Test.Other.Position == 1));
        var test = new ContinuityTest<LeadEnd>(SenseToGround.One, SenseToGround.Other, true, default);
        var read = graft.WithJoint("joint", joint => joint with { Tests = [test] });
        Assert.Single(read.Joints[0].Tests);
        Assert.Empty(read.WithJoint("joint", joint => joint with { Ties = [] }).Joints[0].Tests);
    }

    [Fact]
    public void What_a_tie_reaches_by_way_of_a_wire_is_found()
    {
        // The tie joins a sense contact to ground, and by a wire the sense contact already has +5 V.
        var graft = Joined(Header("unknown,ground"), Plug("+5 V,ground"), JointMethod.Splice, (1, 1), (2, 2))
            .WithJoint("joint", joint => joint with { Ties = [SenseToGround] });
        Assert.Contains(Review.Of(graft).Findings, finding => finding is { Rule.Code: "WIRE-018", Severity: Severity.Fix }
            && finding.Message.Contains("would hold +5 V at ground", StringComparison.Ordinal));
    }

    [Fact]
    public void Two_fans_on_a_splitter_add_up_on_the_header_they_hang_on()
    {
        var graft = Graft.Empty("test") with
        {
            Parts =
            [
                Board(Header("ground,+12 V", "fan-3")),
                new Part("split", "splitter", PartKind.Lead)
                {
                    Ports = [Plug("ground,+12 V", "fan-3"), Header("ground,+12 V", "fan-3") with { Id = "a" },
                        Header("ground,+12 V", "fan-3") with { Id = "b" }],
                },
                new Part("one", "fan one", PartKind.Fan) { Ports = [Plug("ground,+12 V", "fan-3")] },
                new Part("two", "fan two", PartKind.Fan) { Ports = [Plug("ground,+12 V", "fan-3")] },
            ],
            Joints =
            [
                new Joint("split", new PortId("board", "header"), new PortId("split", "plug"), JointMethod.Straight),
                new Joint("one", new PortId("split", "a"), new PortId("one", "plug"), JointMethod.Straight),
                new Joint("two", new PortId("split", "b"), new PortId("two", "plug"), JointMethod.Straight),
            ],
            Loads = [FanLoad("one"), FanLoad("two")],
        };
        var finding = Assert.Single(Review.Of(graft).Findings, finding => finding.Rule.Code == "WIRE-065");
        Assert.Equal(Severity.Fix, finding.Severity);
        Assert.Contains("2 fans together takes up to 1.2 A", finding.Message);
    }

    // A board's header, a lead described as a part, and what stands behind the lead; the lead's wires are given from its near end to its far end.
    private static IEnumerable<string> ThroughLead(string near, PartKind kind, string far, params (int Near, int Far)[] wires)
    {
        var lead = new Part("lead", "lead", PartKind.Lead)
        {
            Ports = [CircuitBench.Port("near", string.Join(',', near.Split(',').Select(_ => "unknown"))),
                CircuitBench.Port("far", string.Join(',', far.Split(',').Select(_ => "unknown")))],
            Links = [.. wires.Select(wire => new PartLink(new InnerEnd("near", wire.Near), new InnerEnd("far", wire.Far), LinkKind.Wire))],
        };
        var graft = CircuitBench.Assembled([CircuitBench.Part(PartKind.Board, "board", near), lead, CircuitBench.Part(kind, "device", far)],
            [.. Enumerable.Range(1, near.Split(',').Length).Select(position => $"board/{position}-lead.near/{position}"),
                .. Enumerable.Range(1, far.Split(',').Length).Select(position => $"lead.far/{position}-device/{position}")]);
        return Review.Of(graft).Findings.Where(finding => finding.Severity < Severity.Stop).Select(finding => finding.Rule.Code);
    }

    [Fact]
    public void A_pair_that_a_lead_parts_is_found_at_its_far_end()
    {
        const string Ports = "usb1-data+,usb1-data-,usb2-data+,usb2-data-,ground";
        Assert.DoesNotContain("WIRE-060", ThroughLead(Ports, PartKind.Other, Ports, (1, 3), (2, 4), (3, 1), (4, 2), (5, 5)));
        Assert.Contains("WIRE-060", ThroughLead(Ports, PartKind.Other, Ports, (1, 3), (2, 2), (3, 1), (4, 4), (5, 5)));
        Assert.Contains("WIRE-060", ThroughLead(Ports, PartKind.Other, Ports, (1, 1), (5, 5)));
    }

    [Fact]
    public void A_ground_that_a_lead_forgets_is_missed_once()
    {
        const string Port = "usb1-data+,usb1-data-,ground";
        Assert.DoesNotContain("WIRE-061", ThroughLead(Port, PartKind.Other, Port, (1, 1), (2, 2), (3, 3)));
        var codes = ThroughLead(Port, PartKind.Other, Port, (1, 1), (2, 2)).ToArray();
        Assert.Single(codes, code => code == "WIRE-061");
        Assert.DoesNotContain("WIRE-021", codes);
    }

    [Fact]
    public void A_shield_is_no_ground_for_data()
    {
        const string Port = "usb1-data+,usb1-data-,ground,usb-shield";
        Assert.Contains("WIRE-061", ThroughLead(Port, PartKind.Other, Port, (1, 1), (2, 2), (4, 4)));
        Assert.DoesNotContain("WIRE-061", ThroughLead(Port, PartKind.Other, Port, (1, 1), (2, 2), (3, 3), (4, 4)));
    }

    [Fact]
    public void Fast_lanes_that_a_lead_does_not_have_are_lost()
    {
        const string Port = "usb1-data+,usb1-data-,ground,usb1-rx+";
        Assert.DoesNotContain("WIRE-062", ThroughLead(Port, PartKind.Panel, Port, (1, 1), (2, 2), (3, 3), (4, 4)));
        Assert.Contains("WIRE-062", ThroughLead(Port, PartKind.Panel, Port, (1, 1), (2, 2), (3, 3)));
    }

    [Fact]
    public void What_a_lead_takes_from_a_fan_is_missed_at_the_header()
    {
        const string Port = "ground,+12 V,fan-tacho,fan-control";
        Assert.DoesNotContain(ThroughLead(Port, PartKind.Fan, Port, (1, 1), (2, 2), (3, 3), (4, 4)), code => code is "WIRE-063" or "WIRE-064");
        Assert.Equal(["WIRE-063", "WIRE-064"], ThroughLead(Port, PartKind.Fan, Port, (1, 1), (2, 2)).Where(code => code is "WIRE-063" or "WIRE-064").Order());
    }

    [Fact]
    public void Presence_that_a_lead_ties_to_ground_is_told_by_it()
    {
        const string Header = "line-left,ground,audio-presence";
        Assert.Contains("WIRE-066", ThroughLead(Header, PartKind.Other, "line-left,ground", (1, 1), (2, 2)));
        Assert.DoesNotContain("WIRE-066", ThroughLead(Header, PartKind.Other, "line-left,ground", (1, 1), (2, 2), (3, 2)));
    }

    [Fact]
    public void Sound_that_matches_does_not_make_the_picture_match()
    {
        Assert.Contains(Review.Of(Joined(Header("composite-video,line-left"), Plug("vga-red,line-left"))).Findings, finding => finding.Rule.Code == "WIRE-069");
        Assert.DoesNotContain(Review.Of(Joined(Header("composite-video,vga-red"), Plug("vga-red,none"))).Findings, finding => finding.Rule.Code == "WIRE-069");
    }

    // A header of no known type bears an ampere: half of it running, as a fan starts with twice its current.
    [Theory]
    [InlineData(0.5, null)]
    [InlineData(0.51, Severity.Check)]
    [InlineData(1.01, Severity.Fix)]
    public void A_bare_header_bears_an_ampere(double amps, Severity? expected)
    {
        var graft = CircuitBench.Assembled([CircuitBench.Part(PartKind.Board, "board", "+12 V,ground,fan-tacho"),
            CircuitBench.Part(PartKind.Fan, "one", "+12 V,ground,fan-tacho")], "board/1-one/1", "board/2-one/2", "board/3-one/3") with
        {
            Loads = [Hung("one", "one", "supply") with { Draws = [Draw("+12 V", amps)] }],
        };
        Assert.Equal(expected, Review.Of(graft).Findings.FirstOrDefault(finding => finding.Rule.Code == "WIRE-065")?.Severity);
    }

    [Fact]
    public void A_header_that_is_named_second_is_looked_at_as_one_that_is_named_first()
    {
        var graft = CircuitBench.Assembled([CircuitBench.Part(PartKind.Fan, "fan", "+12 V,ground"),
            CircuitBench.Part(PartKind.Board, "board", "+12 V,ground,fan-tacho,fan-control")], "fan/1-board/1", "fan/2-board/2");
        Assert.Equal(["WIRE-063", "WIRE-064"],
            Review.Of(graft).Findings.Select(finding => finding.Rule.Code).Where(code => code is "WIRE-063" or "WIRE-064").Order());
    }

    [Theory]
    [InlineData(null, null, "for the second in which it starts")] // 1.2 A on about an ampere
    [InlineData(null, 0.9, null)]
    [InlineData(1.3, null, null)]
    [InlineData(1.19, null, "and this header bears 1.19 A")]
    [InlineData(0.59, 0.9, "takes up to 0.6 A running, and this header bears 0.59 A")]
    public void A_fan_header_is_held_against_its_own_limit_and_the_fans_own_start(double? bears, double? starts, string? words)
    {
        var graft = Joined(Header("ground,+12 V,fan-tacho", "fan-4"), Plug("ground,+12 V,fan-tacho", "fan-4"))
            .WithPart("shell", part => part with { Kind = PartKind.Fan })
            .WithPort(new PortId("board", "header"), port => port with
            {
                Limit = bears is { } amps ? new PortLimit(new Amps(amps), null, Evidence.Document) : null,
            });
        var draw = Draw("+12 V", 0.6) with { Start = starts is { } start ? Spread<Amps>.Exactly(new Amps(start)) : null };
        var told = Review.Of(graft with { Loads = [Hung("fan", "shell", "supply") with { Draws = [draw] }] }).Findings
            .FirstOrDefault(finding => finding.Rule.Code == "WIRE-065");
        Assert.Equal(words is null, told is null);
        Assert.Contains(words ?? "", told?.Message ?? "");
    }

    private static Load FanLoad(string fan) => Hung(fan, fan, "supply") with { Draws = [Draw("+12 V", 0.6)] };
}
