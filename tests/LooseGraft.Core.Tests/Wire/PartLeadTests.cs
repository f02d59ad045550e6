using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Core.Wire.Leads;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>Leads that are parts of their own: who made them, and the sheet that proves them.</summary>
public sealed class PartLeadTests
{
    // A lead of two wires that are crossed, between a board and a shell that are wired the other way round.
    private static Graft Between(PartMaking? making = null, PartOrigin? origin = null, params PartLink[] besides)
    {
        var lead = new Part("lead", "the lead", PartKind.Lead)
        {
            Ports = [Plug("none,none") with { Id = "a", Name = "one end" }, Plug("none,none") with { Id = "b", Name = "other end" }],
            Links = [Wire("a/1", "b/2"), Wire("a/2", "b/1"), .. besides],
            Making = making,
            Origin = origin,
        };
        return Graft.Empty("test") with
        {
            Parts = [Board(Header("+5 V,ground")), lead, new Part("drive", "drive", PartKind.Drive) { Ports = [Header("ground,+5 V")] }],
            Joints = [
                new Joint("near", new PortId("board", "header"), new PortId("lead", "a"), JointMethod.Straight),
                new Joint("far", new PortId("drive", "header"), new PortId("lead", "b"), JointMethod.Straight)],
        };
    }

    [Fact]
    public void Its_sheet_beeps_each_wire_through_and_asks_silence_of_neighbours()
        => Assert.Equal(["a/1 b/2 beep", "a/2 b/1 beep", "a/1 a/2 silent"], Lead(Between()).Sheet.Select(line
            => $"{line.Test.One} {line.Test.Other} {(line.Test.MustBeep ? "beep" : "silent")}"));

    [Fact]
    public void What_a_switch_in_it_may_join_is_asked_neither_to_beep_nor_to_be_silent()
        => Assert.Equal(2, Lead(Between(besides: new PartLink(End("a/1"), End("a/2"), LinkKind.Momentary))).Sheet.Length);

    [Theory]
    [InlineData(null, null, true)]
    [InlineData(null, PartOrigin.Bin, true)]
    [InlineData(null, PartOrigin.Shell, true)]
    [InlineData(null, PartOrigin.Bought, false)]
    [InlineData(null, PartOrigin.ToBuy, false)]
    [InlineData(null, PartOrigin.Donor, true)] // its maker's own, or what somebody made of it
    [InlineData(PartMaking.ByHand, PartOrigin.Bought, true)] // bought from another builder
    [InlineData(PartMaking.Bought, PartOrigin.Bin, false)]
    public void Whoever_made_it_says_whether_it_is_proven_first(PartMaking? making, PartOrigin? origin, bool isDemanded)
    {
        var review = Review.Of(Between(making, origin));
        Assert.Equal(isDemanded ? ["/parts/lead"] : [], review.Findings.Where(IsUntested).Select(finding => finding.Subject.Text));
        Assert.All(review.Wire.Joints, joint => Assert.Equal(isDemanded ? JointVerdictKind.ProveFirst : JointVerdictKind.GoesStraightIn, joint.Verdict.Kind));
    }

    [Theory]
    [InlineData(null, "the lead: nobody said whether it was bought or made by hand, and 3 of 3 lines of its meter sheet are not read yet; no power before that.")]
    [InlineData(PartMaking.ByHand, "the lead: 3 of 3 lines of its meter sheet are not read yet; no power before that.")]
    public void It_says_why_it_is_to_be_proven(PartMaking? making, string words)
        => Assert.Equal(words, Assert.Single(Review.Of(Between(making)).Findings, IsUntested).Message);

    // Labels alone: of one that came out of a machine or from somebody's hands they promise nothing about its wires.
    [Theory]
    [InlineData(null, null, false)]
    [InlineData(null, PartOrigin.Donor, true)]
    [InlineData(null, PartOrigin.Shell, true)]
    [InlineData(null, PartOrigin.Bin, true)]
    [InlineData(null, PartOrigin.Bought, false)]
    [InlineData(null, PartOrigin.ToBuy, false)]
    [InlineData(PartMaking.ByHand, PartOrigin.Bought, true)]
    [InlineData(PartMaking.ByHand, null, true)]
    [InlineData(PartMaking.Bought, PartOrigin.Donor, false)]
    public void Whose_wires_nobody_described_is_beeped_out_first_unless_a_works_answers_for_it(PartMaking? making, PartOrigin? origin, bool isDemanded)
    {
        var graft = Between(making, origin).WithPart("lead", part => part with
        {
            Links = [],
            Ports = [Plug("+5 V,ground") with { Id = "a", Name = "one end" }, Plug("ground,+5 V") with { Id = "b", Name = "other end" }],
        });
        var review = Review.Of(graft);
        Assert.Equal(isDemanded ? ["/parts/lead"] : [], review.Findings.Where(IsUntested).Select(finding => finding.Subject.Text));
        Assert.All(review.Wire.Joints, joint => Assert.Equal(isDemanded ? JointVerdictKind.ProveFirst : JointVerdictKind.GoesStraightIn, joint.Verdict.Kind));
        Assert.DoesNotContain(Review.Of(graft with { Joints = [] }).Findings, IsUntested);
        // What has one plug only leads nowhere.
        Assert.DoesNotContain(Review.Of(graft.WithoutPort(new PortId("lead", "b"))).Findings, IsUntested);
    }

    // What is told of the lead, or of a place in the circuit, is drawn at its joints as well.
    [Theory]
    [InlineData(JointVerdictKind.LeftOff, null)]
    [InlineData(JointVerdictKind.GoesStraightIn, null)]
    [InlineData(JointVerdictKind.Joined, null)]
    [InlineData(JointVerdictKind.ProveFirst, Severity.Check)]
    [InlineData(JointVerdictKind.MoveWires, Severity.Check)]
    [InlineData(JointVerdictKind.NeedsGoBetween, Severity.Check)]
    [InlineData(JointVerdictKind.WouldDamage, Severity.Stop)]
    public void A_joint_is_no_better_than_its_verdict(JointVerdictKind kind, Severity? worst)
    {
        var joint = Review.Of(Between()).Wire.Joints[0] with { Findings = [], Verdict = new JointVerdict(kind, "", "") };
        Assert.Equal(worst, joint.Worst);
        var fix = Review.Of(Between()).Findings[0] with { Severity = Severity.Fix };
        Assert.Equal(kind == JointVerdictKind.WouldDamage ? Severity.Stop : Severity.Fix, (joint with { Findings = [fix] }).Worst);
    }

    [Fact]
    public void A_lead_that_nothing_is_joined_to_can_wait() => Assert.DoesNotContain(Review.Of(Between() with { Joints = [] }).Findings, IsUntested);

    [Fact]
    public void Every_line_read_and_right_lets_its_joints_go()
    {
        var graft = Between(PartMaking.ByHand);
        foreach (var line in Lead(graft).Sheet) graft = Read(graft, line.Test.Other, line.Test.One, line.Test.MustBeep);
        var review = Review.Of(graft);
        Assert.DoesNotContain(review.Findings, finding => finding.Rule.Code is "WIRE-040" or "WIRE-041");
        Assert.All(review.Wire.Joints, joint => Assert.Equal(JointVerdictKind.GoesStraightIn, joint.Verdict.Kind));
        Assert.Empty(graft.WithPart("lead", part => part with { Links = part.Links.RemoveAt(0) }).FindPart("lead")!.Tests);
        Assert.Empty(graft.WithoutPort(new PortId("lead", "b")).FindPart("lead")!.Tests);
        Assert.Equal(3, graft.WithPart("lead", part => part with { Note = "blue" }).FindPart("lead")!.Tests.Length);
    }

    [Theory]
    [InlineData("a/1", "a/2", true, "a beep between position 1 of one end and position 2 of one end, which must not touch")]
    [InlineData("a/1", "b/2", false, "no beep between position 1 of one end and position 2 of other end, which must be joined")]
    public void A_line_that_reads_wrong_stops_a_lead_that_carries_a_supply_whoever_made_it(string one, string other, bool beeped, string words)
    {
        var review = Review.Of(Read(Between(PartMaking.Bought), End(one), End(other), beeped));
        var wrong = review.Findings.Single(finding => finding.Rule.Code == "WIRE-041");
        Assert.Equal((Severity.Stop, $"the lead is wrong inside: {words}."), (wrong.Severity, wrong.Message));
        Assert.All(review.Wire.Joints, joint => Assert.Equal(JointVerdictKind.WouldDamage, joint.Verdict.Kind));
    }

    [Fact]
    public void Without_a_supply_in_it_a_wrong_lead_is_a_fix()
    {
        var graft = Between() with { Joints = [] };
        graft = graft.WithPart("board", part => part with { Ports = [Header("line-left,ground")] })
            .WithPart("drive", part => part with { Ports = [Header("ground,line-left")] }) with
        { Joints = Between().Joints };
        var review = Review.Of(Read(graft, End("a/1"), End("a/2"), true));
        Assert.Equal(Severity.Fix, review.Findings.Single(finding => finding.Rule.Code == "WIRE-041").Severity);
        Assert.All(review.Wire.Joints, joint => Assert.Equal(JointVerdictKind.MoveWires, joint.Verdict.Kind));
    }

    private static bool IsUntested(Finding finding) => finding.Rule.Code == "WIRE-040";

    private static PartLead Lead(Graft graft) => PartLead.Of(graft.FindPart("lead")!)!;

    private static Graft Read(Graft graft, InnerEnd one, InnerEnd other, bool beeped)
        => new AddPartTest("lead", new ContinuityTest<InnerEnd>(one, other, beeped, default)).Apply(graft);

    private static InnerEnd End(string text) => InnerEnd.Parse(text)!.Value;

    private static PartLink Wire(string one, string other) => new(End(one), End(other), LinkKind.Wire);
}
