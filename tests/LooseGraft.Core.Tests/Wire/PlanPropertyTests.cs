using CsCheck;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Schools;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>What must hold of every plan, whatever the two ports carry.</summary>
public sealed class PlanPropertyTests
{
    private static readonly Gen<string> AnySignal = Gen.OneOf(
        "+5 V", "+12 V", "ground", "ground", "power-switch", "power-light+", "power-light-", "usb1-data+", "usb1-data-", "panel-sense", "audio-presence",
        "fan-tacho", "none", "unknown");

    private static readonly Gen<(Port Header, Port Plug)> AnyPorts = from here in AnySignal.Array[2, 7]
                                                                     from there in AnySignal.Array[2, 7]
                                                                     from isLoose in Gen.Bool
                                                                     select (Header(string.Join(',', here)),
                                                                         Plug(string.Join(',', there), isLoose ? "loose-ends" : "crimp-plug"));

    [Fact]
    public void What_is_recommended_never_destroys_anything()
        => AnyPorts.Hold((header, plug) =>
        {
            var advice = Advice(header, plug);
            Assert.NotEqual(JointVerdictKind.WouldDamage, advice.Recommended?.Review.Verdict.Kind);
            Assert.NotEmpty(advice.Because);
        }, iter: 150);

    [Fact]
    public void Every_school_has_a_plan_or_a_reason_and_no_plan_costs_less_than_nothing()
        => AnyPorts.Hold((header, plug) =>
        {
            var advice = Advice(header, plug);
            Assert.Equal(Enum.GetValues<JointSchool>().Order(),
                advice.Plans.Select(plan => plan.School).Concat(advice.Without.Select(entry => entry.School)).Order());
            Assert.All(advice.Plans, plan =>
            {
                Assert.True(plan.Price.Low >= 0 && plan.Price.Low <= plan.Price.Likely && plan.Price.Likely <= plan.Price.High);
                Assert.True(plan.Time.Low.Value >= 0);
                Assert.Equal(plan.IrreversibleActs > 0, plan.Irreversible.Any());
            });
        }, iter: 100);

    [Fact]
    public void Every_tie_that_a_plan_proposes_is_right_and_on_one_end()
        => AnyPorts.Hold((header, plug) => Assert.All(Advice(header, plug).Plans.SelectMany(plan => plan.Review.Ties), tied =>
        {
            Assert.True(tied.Judgement.IsRight);
            Assert.Equal(tied.Tie.One.IsFrom, tied.Tie.Other.IsFrom);
        }), iter: 100);

    [Fact]
    public void Choosing_a_plan_and_looking_again_gives_the_same_plans()
        => AnyPorts.Hold((header, plug) =>
        {
            var graft = Joined(header, plug);
            var advice = SchoolAdvisor.Of(graft, Review.Of(graft).Wire.Joints[0]);
            if (advice.Recommended is not { } best) return;
            var decided = graft.WithJoint(
                "joint", joint => joint with { Method = best.Review.Joint.Method, Wires = best.Review.Joint.Wires, Ties = best.Review.Joint.Ties });
            var again = SchoolAdvisor.Of(decided, Review.Of(decided).Wire.Joints[0]);
            Assert.Equal(advice.Plans.Select(plan => (plan.School, plan.Words, plan.Price)), again.Plans.Select(plan => (plan.School, plan.Words, plan.Price)));
            Assert.Equal(best.Words, again.Recommended?.Words);
        }, iter: 60);

    [Fact]
    public void A_terminal_of_the_plug_is_in_one_place_wherever_it_was_dragged()
        => Gen.Select(AnyPorts, Gen.Int[1, 2], Gen.Int[1, 2]).Hold((ports, from, to) =>
        {
            var graft = Joined(ports.Header, ports.Plug);
            var moved = Rewiring.Move(Review.Of(graft).Wire.Joints[0], from, to);
            Assert.Equal(from, Assert.Single(moved.Wires, wire => wire.To == to).From);
            Assert.Equal(moved.Wires.OrderBy(wire => wire.From).ThenBy(wire => wire.To), moved.Wires);
        }, iter: 60);

    [Theory]
    [InlineData(JointMethod.Straight, false, JointMethod.Repin)]
    [InlineData(JointMethod.Straight, true, JointMethod.Rebuild)]
    [InlineData(JointMethod.LeaveOff, false, JointMethod.Repin)]
    [InlineData(JointMethod.Splice, false, JointMethod.Splice)]
    public void A_plug_whose_wires_change_is_no_longer_straight(JointMethod before, bool isLoose, JointMethod after)
    {
        var graft = Joined(Header("ground,+5 V"), Plug("ground,+5 V", isLoose ? "loose-ends" : "crimp-plug"), before, (1, 1));
        Assert.Equal(after, Rewiring.Lead(Review.Of(graft).Wire.Joints[0], 2, [2]).Method);
    }

    [Fact]
    public void An_adapter_that_lies_in_the_graft_is_taken_before_one_is_bought()
    {
        var graft = Joined(Standard("drive-power-15", Gender.Male), Standard("peripheral-power-4", Gender.Female));
        var owned = Core.Stock.TemplatePart.MakePart(PartTemplate.Find("adapter-drive")!, "mine", "the old adapter");
        var with = graft with { Parts = graft.Parts.Add(owned) };
        var plan = SchoolAdvisor.Of(with, Review.Of(with).Wire.Joints[0]).Of(JointSchool.BuyAdapter)!;
        Assert.Equal((PriceSpan.Free, "the old adapter, owned"), (plan.PartsPrice, plan.Words));
    }

    private static SchoolAdvice Advice(Port header, Port plug)
    {
        var graft = Joined(header, plug);
        return SchoolAdvisor.Of(graft, Review.Of(graft).Wire.Joints[0]);
    }

    private static Port Standard(string connector, Gender gender)
        => new(connector, connector, ConnectorTypes.Find(connector)!, gender) { Pins = [.. Core.Model.Pin.UsualFor(ConnectorTypes.Find(connector)!)] };
}
