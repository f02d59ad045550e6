using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

public sealed class JointTests
{
    [Fact]
    public void A_walled_pair_with_proven_matching_pins_goes_straight_in()
    {
        var review = Reviewed(Joined(Header("+5 V,ground", "shrouded-header"), Plug("+5 V,ground", "shrouded-header")));
        Assert.Equal((JointVerdictKind.GoesStraightIn, "goes straight in"), (review.Verdict.Kind, review.Verdict.Words));
        Assert.Empty(review.Findings);
    }

    [Fact]
    public void The_same_pair_on_a_strangers_diagram_is_to_be_proved_first()
    {
        var review = Reviewed(Joined(Header("+5 V,ground", "shrouded-header", evidence: Evidence.Diagram), Plug("+5 V,ground", "shrouded-header")));
        Assert.Equal(JointVerdictKind.ProveFirst, review.Verdict.Kind);
        Assert.All(review.Findings, finding => Assert.Equal(Evidence.Diagram, finding.Evidence));
    }

    [Fact]
    public void An_unproven_pin_matters_only_where_a_supply_could_reach()
    {
        var review = Reviewed(Joined(Header("power-switch,reset-switch", evidence: Evidence.Diagram), Plug("power-switch,reset-switch")));
        Assert.DoesNotContain(review.Findings, finding => finding.Rule.Code == "WIRE-020");
    }

    [Fact]
    public void A_lead_with_two_wires_swapped_is_cured_by_moving_two()
    {
        var review = Reviewed(Joined(Header("power-switch,reset-switch"), Plug("reset-switch,power-switch")));
        Assert.Equal("move two wires", review.Verdict.Words);
        Assert.Equal([(1, 2), (2, 1)], review.Proposal.Select(row => (row.From, row.To)));
    }

    [Fact]
    public void Pins_against_pins_need_a_go_between_and_nothing_is_said_to_meet()
    {
        var review = Reviewed(Joined(Header("+5 V"), Header("ground") with { Id = "other" }));
        Assert.Equal("needs a go-between", review.Verdict.Words);
        Assert.Empty(review.Decided);
        Assert.Equal(0, review.PlacementCount);
    }

    [Fact]
    public void A_lead_made_by_the_proposed_table_is_right_but_the_plug_as_it_is_stays_a_hazard()
    {
        var straight = Joined(Header("+5 V,ground"), Plug("ground,+5 V"));
        var proposal = Reviewed(straight).Proposal;
        var made = Reviewed(straight.WithJoint(
            "joint", joint => joint with { Method = JointMethod.Rebuild, Wires = [.. proposal.Select(row => new Conductor(row.From, row.To))] }));
        Assert.Equal((JointVerdictKind.Joined, "right by a rebuilt lead"), (made.Verdict.Kind, made.Verdict.Words));
        Assert.Contains(made.Hazards, hazard => hazard.Placement == PlugPlacement.Straight);
        Assert.Equal(Severity.Check, made.Worst);
    }

    [Fact]
    public void A_joint_to_be_wired_starts_from_what_meets_until_its_wires_are_chosen()
    {
        var (header, plug) = (Header("+5 V,ground"), Plug("+5 V,ground"));
        Assert.Equal(0, Reviewed(Joined(header, plug, JointMethod.Repin)).WiresToMove);
        Assert.Equal(1, Reviewed(Joined(header, plug, JointMethod.Repin, (1, 1))).WiresToMove);
    }

    [Theory]
    [InlineData(ContactState.Wired, 1)]
    [InlineData(ContactState.Absent, 0)]
    public void What_has_no_conductor_is_needed_for_nothing(ContactState contact, int needed)
    {
        var header = Header("panel-sense,ground");
        header = header.With(header.Pins[0] with { NeededFor = "it stops", Contact = contact });
        var graft = Joined(header, Plug("none,ground"));
        Assert.Equal(needed, Losses.Needed(Reviewed(graft)).Length);
        Assert.Equal(needed, Review.Of(graft).Findings.Count(finding => finding.Rule.Code == "WIRE-002"));
    }

    [Fact]
    public void A_tie_serves_the_contacts_it_joins_and_no_other()
    {
        var header = Header("panel-sense,ground,lid-sense");
        Pin Needed(int at) => header.Pins[at] with { NeededFor = "it stops", Level = Core.Quantities.Volts.Zero };
        header = header.With(Needed(0)).With(Needed(2));
        var joint = Reviewed(Joined(header, Plug("none,ground,none")).WithJoint("joint", joint => joint with
        {
            Ties = [new LeadTie(new LeadEnd(true, 1), new LeadEnd(true, 2))],
        }));
        Assert.Equal(["lid-sense: it stops"], Losses.Needed(joint));
    }

    [Fact]
    public void A_header_served_by_two_small_plugs_misses_nothing()
    {
        var header = Header("power-switch,ground") with
        {
            Pins = [Pin(1, "power-switch") with { NeededFor = "start" }, Pin(2, "ground") with { NeededFor = "start" }],
        };
        var graft = Joined(header, Plug("power-switch,power-switch"), JointMethod.Splice, (1, 1));
        Assert.Single(Review.Of(graft).Findings, finding => finding.Rule.Code == "WIRE-002");
        var whole = graft with { Joints = graft.Joints.Add(graft.Joints[0] with { Id = "second", Wires = [new Conductor(2, 2)] }) };
        Assert.DoesNotContain(Review.Of(whole).Findings, finding => finding.Rule.Code == "WIRE-002");
    }

    [Theory]
    [InlineData(Gender.Male, ConnectorView.MatingFace, false)]
    [InlineData(Gender.Male, ConnectorView.WireSide, true)]
    [InlineData(Gender.Female, ConnectorView.WireSide, false)]
    [InlineData(Gender.Female, ConnectorView.MatingFace, true)]
    public void The_two_sides_of_a_connector_are_mirror_images(Gender gender, ConnectorView view, bool isMirrored)
    {
        var scene = ConnectorScene.Of(Header("ground,ground,ground,ground,ground,ground", gender: gender, rows: 2), view);
        // Going from 1 along its row and from 1 to the second row turns one way on the face, and the other way in a mirror.
        var (one, second, along) = (scene.Positions[0], scene.Positions[1], scene.Positions[2]);
        var turn = ((along.X - one.X) * (second.Y - one.Y)) - ((along.Y - one.Y) * (second.X - one.X));
        Assert.Equal(isMirrored, turn < 0);
        Assert.Equal(2.54, along.Y - one.Y, 6);
    }

    [Fact]
    public void Both_halves_are_drawn_to_one_scale_and_wires_end_at_their_positions()
    {
        var review = Reviewed(Joined(Header("power-switch,ground,ground"), Plug("power-switch,ground,ground") with { OwnPitch = new(2.0) }));
        var scene = JointScene.Of(review, review.Pushed, ConnectorView.MatingFace, ConnectorView.WireSide);
        Assert.Equal(2.54, scene.FromPosition(2).Y - scene.FromPosition(1).Y, 6);
        Assert.Equal(2.0, scene.ToPosition(2).Y - scene.ToPosition(1).Y, 6);
        Assert.All(scene.Lines, line => Assert.Equal((scene.FromPosition(line.Contact.From), scene.ToPosition(line.Contact.To)), (line.Start, line.End)));
    }

    private static JointReview Reviewed(Graft graft) => Assert.Single(Review.Of(graft).Wire.Joints);
}
