using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Seat;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests;

/// <summary>What the list of stages promises: another stage is its own folder and one line.</summary>
public sealed class StageTests
{
    private static readonly StageDefinition Cooling = new(
        Stage.Cool, input
        => new CoolingReview(
        input.Earlier.Of<SeatReview>().Boards.Length, input.Before?.Reviews.Find<CoolingReview>()?.Boards,
        [Finding.Of(CoolingRules.Warm, Subject.Whole, "It gets warm.", Evidence.Assumed, "open a window")]),
        StageDefinition.RulesIn(typeof(CoolingRules)))
    { Asks = [Stage.Seat] };

    [Fact]
    public void A_stage_that_is_added_to_the_list_is_reviewed_with_the_others_and_finds_the_earlier_ones()
    {
        var graft = Seat.SeatBench.Seated();
        var before = Review.Of(graft, [.. Stages.All, Cooling], null, new ReviewWork());
        var review = Review.Of(graft, [.. Stages.All, Cooling], before, new ReviewWork());
        Assert.Equal((1, 1), (review.Stages.Of<CoolingReview>().Boards, review.Stages.Of<CoolingReview>().BoardsBefore));
        Assert.Equal("COOL-001", Assert.Single(review.At(Stage.Cool)).Rule.Code);
        Assert.Equal(Review.Of(graft).Findings.Length + 1, review.Findings.Length);
        Assert.Equal([CoolingRules.Warm], Cooling.Rules);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void A_stage_cannot_ask_for_a_later_one_nor_for_one_that_it_does_not_name(bool isWatched)
    {
        var graft = Joined(Header("ground"), Plug("ground"));
        var work = isWatched ? new ReviewWork() : null;
        Assert.Throws<InvalidOperationException>(() => Review.Of(graft, [Cooling, .. Stages.All], null, work));
        Assert.Throws<InvalidOperationException>(() => Review.Of(graft, [.. Stages.All, Cooling with { Asks = [Stage.Wire] }], null, work));
        Assert.NotEmpty(Review.Of(graft, [.. Stages.All, Cooling], null, work).At(Stage.Cool));
    }

    [Fact]
    public void Stages_side_by_side_conclude_what_they_conclude_one_after_another_and_stand_in_working_order()
        => Assert.All(EditSamples.Demos, demo =>
        {
            var (together, inTurn) = (Review.Of(demo.Graft), Review.Of(demo.Graft, work: new ReviewWork()));
            Assert.Equal(inTurn.Findings.Select(finding => finding.ToString()), together.Findings.Select(finding => finding.ToString()));
            Assert.Equal(inTurn.Stages.Figures.Select(stage => stage.Stage), together.Stages.Figures.Select(stage => stage.Stage));
        });

    [Fact]
    public void The_stages_stand_in_working_order_and_every_rule_belongs_to_its_own()
    {
        Assert.Equal(Stages.All.Select(stage => stage.Stage).Order(), Stages.All.Select(stage => stage.Stage));
        Assert.All(Stages.All, stage => Assert.All(stage.Rules, rule =>
        {
            Assert.Equal(stage.Stage, rule.Stage);
            Assert.StartsWith(stage.Stage.ToString().ToUpperInvariant() + "-", rule.Code);
        }));
        Assert.Equal(159, Stages.Rules.Length);
    }

    private sealed record CoolingReview(int Boards, int? BoardsBefore, ImmutableArray<Finding> Findings) : IStageReview;

    private static class CoolingRules
    {
        internal static readonly Rule Warm = new("COOL-001", Stage.Cool, Severity.Note, "it gets warm");
    }
}
