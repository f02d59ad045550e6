using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>What a hand may do wrong with a plug: one position aside, turned, or into a socket that only looks like its own.</summary>
public sealed class SlipTests
{
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
        Severity? Told(Port header, Port plug) => Review.Of(Joined(header, plug)).Findings.FirstOrDefault(finding => finding.Rule.Code == "WIRE-034")?.Severity;
        Assert.Equal(Severity.Note, Told(Keyed("usb2-header", Gender.Male, usual), Keyed("usb2-header", Gender.Female, usual)));
        Assert.NotEqual(Severity.Note, Told(Keyed("usb2-header", Gender.Male, own), Keyed("usb2-header", Gender.Female, usual)));
        Assert.NotEqual(Severity.Note, Told(Keyed("usb2-header", Gender.Male, usual), Keyed("usb2-header", Gender.Female, own)));
        Assert.NotEqual(Severity.Note, Told(Keyed("audio-header", Gender.Male, sound), Keyed("usb2-header", Gender.Female, usual)));
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

    [Theory]
    [InlineData(3, "s3 of b3, which would short +5 V to ground.")]
    [InlineData(4, "s3 of b3, which would short +5 V to ground; and into 1 other socket, where something is destroyed too.")]
    [InlineData(5, "s3 of b3, which would short +5 V to ground; and into 2 other sockets, where something is destroyed too.")]
    public void Three_lookalikes_are_named_and_the_rest_counted(int sockets, string end)
    {
        var others = Enumerable.Range(1, sockets).Select(number => new Part($"b{number}", $"b{number}", PartKind.Board)
        {
            Ports = [Header("ground,+5 V") with { Id = $"s{number}", Name = $"s{number}" }],
        });
        var joined = Joined(Header("+5 V,absent"), Plug("+5 V,ground"));
        var finding = Assert.Single(Review.Of(joined with { Parts = [.. joined.Parts, .. others] }).Findings, finding => finding.Rule.Code == "WIRE-068");
        Assert.EndsWith(end, finding.Message);
        Assert.Contains("into s1 of b1, which would short +5 V to ground; s2 of b2, which", finding.Message);
    }

    // Alike are only ends that are alike in every contact: what a stranger's diagram says is weaker evidence than a meter's.
    [Fact]
    public void A_lookalike_rests_on_its_own_evidence()
    {
        Part Other(string id, Evidence evidence) => new(id, id, PartKind.Board)
        {
            Ports = [Header("ground,+5 V") is var header ? header with
            {
                Id = id,
                Pins = [.. header.Pins.Select(pin => pin with { Signal = pin.Signal with { Evidence = evidence } })],
            } : header],
        };
        Evidence Told(params Part[] others)
        {
            var joined = Joined(Header("+5 V,absent"), Plug("+5 V,ground"));
            return Review.Of(joined with { Parts = [.. joined.Parts, .. others] }).Findings.Single(finding => finding.Rule.Code == "WIRE-068").Evidence;
        }

        var (measured, stranger) = (Other("measured", Evidence.Measured), Other("diagram", Evidence.Diagram));
        Assert.Equal(Evidence.Measured, Told(measured));
        Assert.Equal(Evidence.Diagram, Told(measured, stranger));
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

    private static IEnumerable<Pin> UsualPins(ConnectorType type) => Core.Model.Pin.UsualFor(type);
}
