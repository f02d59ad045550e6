using CsCheck;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>What two contacts would do face to face, against what the circuit says of them.</summary>
public sealed class FaceToFaceTests
{
    private static readonly Gen<string> AnySignal = OneOf(
        "+12 V", "+5 V", "+5 V standby", "-12 V", "ground", "power-switch", "fan-tacho", "fan-control", "supply-on",
        "power-good", "serial-transmit", "serial-receive", "usb1-data+", "usb1-data-", "line-left", "a name");

    private static readonly Gen<PartKind> AnyKind = OneOf(PartKind.Board, PartKind.Supply, PartKind.Drive, PartKind.Fan, PartKind.Other, PartKind.Card);

    private static Gen<T> OneOf<T>(params T[] values) => Gen.Int[0, values.Length - 1].Select(index => values[index]);

    // Both grounds are joined, so that nothing is missing and each pair stands for itself.
    [Fact]
    public void In_a_graft_of_two_parts_and_one_joint_both_say_the_same()
        => Gen.Select(AnyKind, AnyKind, AnySignal, AnySignal).Hold((here, there, one, other) =>
        {
            var graft = Joined(Header($"{one},ground"), Plug($"{other},ground"), JointMethod.Rebuild, (1, 1), (2, 2))
                .WithPart("board", part => part with { Kind = here }).WithPart("shell", part => part with { Kind = there });
            var joint = WireStage.Review(graft).Joints[0];
            var alone = ContactRules.Judge(joint.From.At(1), joint.To.At(1));
            Assert.Equal(alone.Severity, joint.Decided[0].Judgement.Severity);
            // Of the leg of a switch the circuit knows what its other leg makes of it.
            if (joint.From.At(1).Role.Kind != RoleKind.Passive && joint.To.At(1).Role.Kind != RoleKind.Passive)
                Assert.Equal(alone.Conflict, joint.Decided[0].Judgement.Conflict);
        }, iter: 1000);

    [Fact]
    public void What_the_circuit_bears_out_as_harmless_is_no_finding_though_it_would_be_one_by_itself()
    {
        // By itself a light on +5 V burns; its other leg is described, and joined to nothing.
        var graft = Joined(Header("+5 V,ground"), Plug("power-light+,power-light-"), JointMethod.Rebuild, (1, 1));
        var contact = WireStage.Review(graft).Joints[0].Decided[0];
        Assert.Equal((ContactOutcome.Idle, null), (contact.Judgement.Outcome, contact.Judgement.Severity));
        Assert.Equal("+5 V on power-light+: harmless as it is wired", contact.Judgement.Words);
        var returned = graft.WithJoint("joint", joint => joint with { Wires = joint.Wires.Add(new Conductor(2, 2)) });
        Assert.Equal((ConflictKind.LightBurns, Severity.Stop), Of(WireStage.Review(returned).Joints[0].Decided[0]));
    }

    [Fact]
    public void A_stop_for_which_no_wire_is_to_blame_stands_in_the_verdict_of_the_joint_it_kills_in()
    {
        var joint = WireStage.Review(Joined(Header("+5 V,usb1-data+,ground"), Plug("+5 V,usb1-data+,ground"), JointMethod.Rebuild, (1, 1), (2, 2))).Joints[0];
        Assert.Equal(JointVerdictKind.WouldDamage, joint.Verdict.Kind);
        Assert.Contains("would find its way back through usb1-data+", joint.Verdict.Words);
    }

    [Fact]
    public void What_is_beyond_the_bound_of_what_is_told_is_not_taken_for_harmless()
    {
        var signals = string.Join(',', Enumerable.Repeat("+5 V,ground", CircuitJudge.MostTold));
        var graft = Joined(Header(signals), Plug(signals), JointMethod.Rebuild,
            [.. Enumerable.Range(1, 2 * CircuitJudge.MostTold).Select(from => (from, from % 2 == 0 ? from - 1 : from + 1))]);
        Assert.All(WireStage.Review(graft.WithPart("shell", part => part with { Kind = PartKind.Board })).Joints[0].Decided,
            contact => Assert.True(contact.Judgement.IsStop));
    }

    private static (ConflictKind?, Severity?) Of(JointContact contact) => (contact.Judgement.Conflict, contact.Judgement.Severity);
}
