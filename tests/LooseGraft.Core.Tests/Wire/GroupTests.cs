using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
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

    [Fact]
    public void The_loose_four_of_a_main_plug_is_found_to_go_into_the_processors_socket()
    {
        var cpu = new Port("cpu", "processor power", ConnectorTypes.Find("cpu-power-8")!, Gender.Male)
        {
            Pins = [.. UsualPins(ConnectorTypes.Find("cpu-power-8")!)],
        };
        var own = Header("ground,+5 V,+3.3 V,+12 V", "cpu-power-4", rows: 2) with { Id = "own", Name = "extension" };
        var loose = Header("ground,+5 V,+3.3 V,+12 V", "cpu-power-4", Gender.Female, rows: 2) with { Id = "loose", Name = "the loose 4" };
        var graft = Joined(own, loose).WithPart("board", part => part with { Ports = [own, cpu] })
            .WithPart("shell", part => part with { Kind = PartKind.Supply });
        var finding = Assert.Single(Review.Of(graft).Findings, finding => finding.Rule.Code == "WIRE-068");
        Assert.Contains("processor power of board, which would short +5 V to ground", finding.Message);
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
        Assert.Equal(["WIRE-063", "WIRE-064"],
            ThroughLead(Port, PartKind.Fan, Port, (1, 1), (2, 2)).Where(code => code is "WIRE-063" or "WIRE-064").Order());
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
        Assert.DoesNotContain(
            Review.Of(Joined(Header("composite-video,vga-red"), Plug("vga-red,none"))).Findings, finding => finding.Rule.Code == "WIRE-069");
    }

    [Theory]
    [InlineData("cpu-power-8", "card-power-8", false)]
    [InlineData("cpu-power-8", "cpu-power-8", true)]
    public void Two_standards_that_are_keyed_apart_are_no_lookalikes(string plugs, string other, bool isTold)
    {
        Port On(string id, string type, Gender gender) => new(id, id, ConnectorTypes.Find(type)!, gender)
        {
            Pins = [.. UsualPins(ConnectorTypes.Find(type)!).Select(pin => pin with { Signal = pin.Signal with { Evidence = Evidence.Document } })],
        };
        // A maker's own use of the standard body: grounds and +12 V change places.
        var own = On("own", other, Gender.Male) with
        {
            Pins = [.. On("own", other, Gender.Male).Pins.Reverse().Select((pin, at) => pin with { Position = at + 1 })],
        };
        var shell = isTold ? own : On("own", other, Gender.Male);
        var graft = Joined(On("header", plugs, Gender.Male), On("plug", plugs, Gender.Female))
            .WithPart("board", part => part with { Ports = [.. part.Ports, shell] }).WithPart("shell", part => part with { Kind = PartKind.Supply });
        Assert.Equal(isTold, Review.Of(graft).Findings.Any(finding => finding.Rule.Code == "WIRE-068"));
    }

    [Fact]
    public void Beside_its_own_keyed_header_a_plug_is_only_noted()
    {
        Severity? Told(string signals)
        {
            var type = ConnectorTypes.Find("usb2-header")!;
            var plug = new Port("plug", "plug", type, Gender.Female)
            {
                Pins = [.. signals.Split(',').Select((signal, at) => signal == "absent"
                ? new Pin(at + 1) { Contact = ContactState.Absent, Signal = new(Core.Model.Signal.None, Evidence.Measured) } : Pin(at + 1, signal))]
            };
            var graft = Joined(plug with { Id = "header", Name = "header", Gender = Gender.Male }, plug);
            return Review.Of(graft).Findings.FirstOrDefault(finding => finding.Rule.Code == "WIRE-034")?.Severity;
        }

        Assert.Equal(Severity.Note, Told(string.Join(',', ConnectorTypes.Find("usb2-header")!.Pinout)));
        Assert.Equal(Severity.Check, Told("+5 V,+5 V,usb1-data+,usb2-data-,usb1-data-,usb2-data+,ground,ground,absent,usb-shield"));
    }

    [Fact]
    public void Beside_a_header_of_another_sort_or_of_a_makers_own_a_keyed_plug_is_no_note()
    {
        Port Keyed(string connector, Gender gender, params string[] pinout) => new("p" + gender, "p", ConnectorTypes.Find(connector)!, gender)
        {
            Pins = [.. pinout.Select((signal, at) => signal == "absent"
                ? new Pin(at + 1) { Contact = ContactState.Absent, Signal = new(Core.Model.Signal.None, Evidence.Measured) } : Pin(at + 1, signal))],
        };
        string[] usual = [.. ConnectorTypes.Find("usb2-header")!.Pinout];
        string[] own = [usual[0], usual[2], usual[1], .. usual[3..]];
        string[] sound = [.. ConnectorTypes.Find("audio-header")!.Pinout];
        Severity? Told(Port header, Port plug)
            => Review.Of(Joined(header, plug)).Findings.FirstOrDefault(finding => finding.Rule.Code == "WIRE-034")?.Severity;
        Assert.Equal(Severity.Note, Told(Keyed("usb2-header", Gender.Male, usual), Keyed("usb2-header", Gender.Female, usual)));
        Assert.NotEqual(Severity.Note, Told(Keyed("usb2-header", Gender.Male, own), Keyed("usb2-header", Gender.Female, usual)));
        Assert.NotEqual(Severity.Note, Told(Keyed("usb2-header", Gender.Male, usual), Keyed("usb2-header", Gender.Female, own)));
        Assert.NotEqual(Severity.Note, Told(Keyed("audio-header", Gender.Male, sound), Keyed("usb2-header", Gender.Female, usual)));
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
            Loads = [new Load("one", "one", "supply") { Draws = [Draw("+12 V", amps)] }],
        };
        Assert.Equal(expected, Review.Of(graft).Findings.FirstOrDefault(finding => finding.Rule.Code == "WIRE-065")?.Severity);
    }

    [Fact]
    public void What_a_missing_pin_lets_into_a_filled_cavity_and_what_a_card_has_itself_is_looked_at()
    {
        var other = new Part("other", "other", PartKind.Board) { Ports = [Header("absent,ground") with { Id = "there", Name = "there" }] };
        var graft = Joined(Header("absent,+5 V"), Plug("blocked,+5 V")).WithPart("shell", part => part with { Kind = PartKind.Supply });
        Assert.Contains(Review.Of(graft with { Parts = [.. graft.Parts, other] }).Findings, finding => finding.Rule.Code == "WIRE-068");
        // The plug's own part has such a socket: nobody plugs a card into itself.
        var card = new Part("shell", "card", PartKind.Card) { Ports = [Plug("blocked,+5 V"), other.Ports[0]] };
        Assert.DoesNotContain(Review.Of(graft with { Parts = [graft.Parts[0], card] }).Findings, finding => finding.Rule.Code == "WIRE-068");
    }

    [Fact]
    public void One_step_aside_is_easily_done_and_two_are_not()
    {
        var hazards = Review.Of(Joined(Header("+5 V,ground,+12 V,ground,+5 V,ground"), Plug("+5 V,ground,+12 V,ground,+5 V,ground"))).Wire.Joints[0].Hazards;
        HandLikelihood Of(string words) => hazards.Single(hazard => hazard.Words == words).Likelihood;
        Assert.Equal((HandLikelihood.Easily, HandLikelihood.Easily), (Of("one position to the left"), Of("one position to the right")));
        Assert.Equal((HandLikelihood.Rarely, HandLikelihood.Rarely), (Of("3 positions to the left"), Of("3 positions to the right")));
        Assert.Equal(HandLikelihood.NowAndThen, Of("turned end for end"));
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
    [InlineData("+5 V,ground", "ground,+5 V", true)]
    [InlineData("+5 V,ground", "ground,+5 V,none,none", false)] // a longer row of bare pins: any plug may hang there
    [InlineData("+5 V,ground", "+5 V,ground", false)]
    [InlineData("+5 V,blocked", "ground,+5 V", false)] // its filled cavity keeps it off
    public void A_socket_that_looks_the_same_and_kills_is_told(string plug, string socket, bool isTold)
    {
        var other = new Part("other", "other", PartKind.Board) { Ports = [Header(socket) with { Id = "there", Name = "there" }] };
        var graft = Joined(Header("+5 V,absent"), Plug(plug)) is var joined ? joined with { Parts = [.. joined.Parts, other] } : joined;
        Assert.Equal(isTold, Review.Of(graft).Findings.Any(finding => finding.Rule.Code == "WIRE-068"));
    }

    // Position 2 of a row that is counted around lies at its end, of one counted across in its second row.
    [Theory]
    [InlineData(Numbering.AlongRows, false)]
    [InlineData(Numbering.Zigzag, true)]
    public void What_meets_in_a_lookalike_is_told_by_place_and_not_by_number(Numbering numbering, bool isTold)
    {
        var plug = Plug("+5 V,+5 V,ground,ground", rows: 2) with { OwnNumbering = Numbering.AlongRows };
        var there = Header("+5 V,+5 V,ground,ground", rows: 2) with { Id = "there", OwnNumbering = numbering };
        var other = new Part("other", "other", PartKind.Board) { Ports = [there] };
        var graft = Joined(Header("+5 V,+5 V,ground,ground", rows: 2) with { OwnNumbering = Numbering.AlongRows }, plug);
        Assert.Equal(isTold, Review.Of(graft with { Parts = [.. graft.Parts, other] }).Findings.Any(finding => finding.Rule.Code == "WIRE-068"));
    }

    [Fact]
    public void Slips_of_a_hand_come_before_what_one_would_see()
    {
        var review = Review.Of(Joined(Header("+5 V,ground,+5 V,ground"), Plug("+5 V,ground,+5 V,ground"))).Wire.Joints[0];
        Assert.Equal("one position to the left", review.Hazards[0].Words);
        Assert.Equal(review.Hazards.OrderByDescending(hazard => hazard.Likelihood), review.Hazards);
    }

    private static Load FanLoad(string fan) => new(fan, fan, "supply") { Draws = [Draw("+12 V", 0.6)] };

    private static IEnumerable<Pin> UsualPins(ConnectorType type) => Core.Model.Pin.UsualFor(type);
}
