using CsCheck;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Tests.Circuit;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>A conclusion is no better than its weakest fact.</summary>
public sealed class EvidenceTests
{
    private static readonly Gen<(string Signal, Evidence Evidence)[]> AnyPins =
        Gen.Select(Gen.OneOf("+5 V", "+12 V", "ground", "power-switch", "power-light+", "fan-tacho", "none"), Gen.Enum<Evidence>()).Array[4];

    [Fact]
    public void Proving_everything_leaves_the_stops_as_they_are_and_nothing_to_prove()
        => AnyPins.Select(AnyPins).Hold((header, plug) =>
        {
            var (as_said, proven) = (Review.Of(Board(header, plug, null)), Review.Of(Board(header, plug, Evidence.Measured)));
            Assert.Equal(as_said.Stops, proven.Stops);
            Assert.DoesNotContain(proven.Findings, finding => finding.Rule.Code == "WIRE-020");
            Assert.Empty(proven.Unproven);
        });

    [Theory]
    [InlineData("+12 V", Evidence.Assumed, true)]
    [InlineData("+12 V", Evidence.Diagram, true)]
    [InlineData("+12 V", Evidence.Measured, false)]
    [InlineData("serial-transmit", Evidence.Assumed, false)]
    public void A_contact_only_believed_to_be_empty_is_proven_before_a_supply_meets_it(string signal, Evidence evidence, bool isToBeProven)
    {
        var findings = Review.Of(Joined(Header(signal), Plug("unwired", evidence: evidence))).Findings;
        Assert.Equal(isToBeProven, findings.Any(finding => finding.Rule.Code == "WIRE-020"));
    }

    [Fact]
    public void What_goes_straight_in_on_a_diagram_never_stops_once_it_is_proven_as_drawn()
        => AnyPins.Hold(pins =>
            Assert.Equal(0, Review.Of(Board(pins, pins, Evidence.Measured)).Findings.Count(
            finding => finding.Severity == Severity.Stop && finding.Rule.Code is "WIRE-010" or "WIRE-011")));

    [Fact]
    public void Which_of_the_two_ports_is_named_first_changes_no_verdict()
        => AnyPins.Select(AnyPins).Hold((header, plug) =>
        {
            var there = Wired(Board(header, plug, null));
            var back = there with { Joints = [there.Joints[0] with { From = there.Joints[0].To, To = there.Joints[0].From }] };
            Assert.Equal(Codes(there), Codes(back));
        });

    [Theory]
    [InlineData("+5 V,absent", false)]
    [InlineData("+5 V,ground", true)]
    public void What_meets_no_conductor_need_not_be_proven(string plug, bool isToBeProven)
    {
        var joint = Review.Of(Joined(Header("+5 V,ground", evidence: Evidence.Diagram), Plug(plug))).Wire.Joints[0];
        Assert.Equal(isToBeProven, joint.Pushed.Single(contact => contact.From == 2).ProveFirst is not null);
    }

    [Theory]
    [InlineData("+5 V,ground", Evidence.Diagram, true)]
    [InlineData("+5 V,ground", Evidence.Measured, false)]
    [InlineData("none,ground", Evidence.Assumed, true)]
    [InlineData("none,ground", Evidence.Measured, false)]
    public void What_a_lead_brings_from_elsewhere_may_meet_a_contact_that_is_not_what_it_is_said_to_be(string board, Evidence evidence, bool isToBeProven)
    {
        var lead = new Part("lead", "lead", PartKind.Lead)
        {
            Ports = [Plug("none,none") with { Id = "near" }, Plug("none,none") with { Id = "far" }],
            Links = [CircuitBench.Link("near/1", "far/1"), CircuitBench.Link("near/2", "far/2")],
            Making = PartMaking.Bought,
        };
        var supply = new Part("supply", "supply", PartKind.Supply) { Ports = [Header("+5 V,ground")] };
        var graft = Graft.Empty("test") with
        {
            Parts = [supply, lead, Bench.Board(Header(board, evidence: evidence))],
            Joints = [
                new Joint("far", new PortId("board", "header"), new PortId("lead", "far"), JointMethod.Repin) { Wires = [new Conductor(1, 1)] },
                new Joint("near", new PortId("supply", "header"), new PortId("lead", "near"), JointMethod.Straight),
            ],
        };
        var contact = Review.Of(graft).Wire.Joints.Single(joint => joint.Joint.Id == "far").Decided.Single();
        Assert.Equal(isToBeProven, contact.ProveFirst is not null);
    }

    [Fact]
    public void The_weakest_of_several_grades_is_the_one_nearest_to_assumed()
        => Gen.Enum<Evidence>().Array[1, 6].Hold(grades =>
        {
            Assert.Equal(grades.Min(), grades.Weakest());
            Assert.All(grades, grade => Assert.True(grades.Weakest() <= grade));
        });

    [Theory]
    [InlineData(Evidence.Measured, true)]
    [InlineData(Evidence.Document, true)]
    [InlineData(Evidence.Label, true)]
    [InlineData(Evidence.Diagram, false)]
    [InlineData(Evidence.Assumed, false)]
    public void A_diagram_and_an_assumption_prove_nothing(Evidence grade, bool isProof) => Assert.Equal(isProof, grade.IsProven());

    [Fact]
    public void A_drawn_pin_may_carry_whatever_its_port_carries_or_ground()
        => Assert.Equal(["+5 V", "power-switch", "ground"],
            PlausibleSignals.On(Header("+5 V,power-switch,none", evidence: Evidence.Diagram), PartKind.Board).Select(signal => signal.Name));

    [Fact]
    public void A_guess_on_a_part_that_gives_power_may_hide_a_usual_supply_and_on_a_switch_it_may_not()
    {
        var guessed = Header("power-switch", evidence: Evidence.Assumed);
        Assert.Contains(Signal("+12 V"), PlausibleSignals.On(guessed, PartKind.Board));
        Assert.DoesNotContain(Signal("+12 V"), PlausibleSignals.On(guessed, PartKind.Panel));
    }

    [Fact]
    public void Every_fact_that_rests_on_hearsay_is_listed_and_no_other()
    {
        var supply = SmallSupply() with
        {
            Rails = [new Rail(Signal("+12 V"), Limit(10, Evidence.Diagram)), new Rail(Signal("+5 V"), Limit(10))],
            Combined = [new CombinedLimit(["+5 V"], new(new(50), Evidence.Assumed))],
            Total = new TotalLimit(new(new(150), Evidence.Assumed)),
        };
        var graft = Fed(supply, Draw("+12 V", 1, Evidence.Assumed), Draw("+5 V", 1)) with { };
        graft = graft with
        {
            Parts = graft.Parts.Add(
            new Part("front", "front", PartKind.Panel) { Ports = [Header("ground,+5 V", evidence: Evidence.Diagram)] })
        };
        Assert.Equal(
            ["/parts/front/ports/header/pins/1", "/parts/front/ports/header/pins/2", "/supplies/supply/rails/+12 V", "/supplies/supply/combined/0",
                "/supplies/supply/total", "/loads/load/draws/+12 V"],
            UnprovenFacts.Of(graft).Select(fact => fact.Subject.Text));
    }

    private static Graft Board((string Signal, Evidence Evidence)[] header, (string Signal, Evidence Evidence)[] plug, Evidence? all)
        => Joined(With(Header("none,none,none,none"), header, all), With(Plug("none,none,none,none"), plug, all));

    private static Port With(Port port, (string Signal, Evidence Evidence)[] pins, Evidence? all)
        => port with { Pins = [.. pins.Select((pin, index) => Pin(index + 1, pin.Signal, all ?? pin.Evidence))] };

    private static Graft Wired(Graft graft)
        => graft.WithJoint("joint",
            joint => joint with { Method = JointMethod.Rebuild, Wires = [.. Enumerable.Range(1, 4).Select(position => new Conductor(position, position))] });

    private static IEnumerable<string> Codes(Graft graft)
        => Review.Of(graft).Findings.Where(finding => finding.Rule.Code != "WIRE-034").Select(finding => finding.Rule.Code).Order();
}
