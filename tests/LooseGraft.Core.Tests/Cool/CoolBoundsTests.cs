using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CoolRest;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What the ranges come to.</summary>
public sealed class CoolBoundsTests
{
    [Fact]
    public void A_graft_always_gets_the_same_bounds_and_they_hold_the_likely_figure()
    {
        var (one, other) = (Outlook(Heated(80, Way("low", 100), Way("high", 100, 300))), Outlook(Heated(80, Way("low", 100), Way("high", 100, 300))));
        Assert.Equal(one.Spaces.AsEnumerable(), other.Spaces);
        Assert.Equal(one.Spots.Select(spot => (spot.Temperature, spot.ChanceWarm)), other.Spots.Select(spot => (spot.Temperature, spot.ChanceWarm)));
        Assert.True(one.Spaces[0].Low < one.Spaces[0].Likely && one.Spaces[0].Likely < one.Spaces[0].High);
    }

    [Fact]
    public void Openings_of_one_cover_are_better_or_worse_together()
    {
        // Four openings of mesh behave as one of four times the area; drawn each by itself they would seem better known than they are.
        double Spread(params AirWay[] ways)
        {
            var air = Outlook(Heated(80, [.. ways, Way("in", 1000, 400)]).Cooled(cooling => cooling with { Spaces = [new AirSpace("box", "box")] })).Spaces[0];
            return air.High.Value - air.Low.Value;
        }

        var one = Spread(Way("mesh", 40, cover: AirCover.Mesh));
        var four = Spread([.. Enumerable.Range(0, 4).Select(at => Way($"mesh-{at}", 10, cover: AirCover.Mesh))]);
        Assert.Equal(one, four, 6);
        Assert.True(one > 1);
    }

    [Theory]
    [InlineData(0, 10)]
    [InlineData(0.05, 11.5811)]
    [InlineData(0.125, 12.5)]
    [InlineData(0.5, 16.7712)]
    [InlineData(1, 30)]
    public void A_draw_is_triangular(double share, double value)
    {
        // 10 to 30 with its peak at 12.5: an eighth lies below that. 10 + √(0.05 · 20 · 2.5) = 11.5811; 30 − √(0.5 · 20 · 17.5) = 16.7712.
        Assert.Equal(value, new Unsure(0, 10, 12.5, 30).At(share), 4);
        Assert.Equal(5, new Unsure(0, 5, 5, 5).At(share));
    }

    [Fact]
    public void The_chance_of_passing_a_limit_is_that_of_the_one_thing_that_is_unsure()
    {
        // A resistance of 0.4 to 0.6, likely 0.5: 130 W are 85 °C at the likely one, half of the draws beyond it, give or take.
        var graft = CoolRuleExamples.Chip(130).Cooled(cooling => cooling with
        {
            Coolers = [cooling.Coolers[0] with { Resistance = new Spread<KelvinsPerWatt>(new(0.4), new(0.5), new(0.6)) }],
        });
        var spot = Outlook(graft).Spots[0];
        Assert.Equal(0.5, spot.ChanceWarm, CoolBounds.Error);
        // One in twenty lies beyond 0.6 − √(0.05 · 0.2 · 0.1) = 0.568: 93.9 °C.
        Assert.Equal(93.9, spot.Temperature!.Value.High.Value, 1.0);
        Assert.Equal((HeatBand.Comfortable, HeatBand.Warm), (spot.Likely, spot.Worst));
        Assert.Equal(0, spot.ChanceThrottles, CoolBounds.Error);
    }

    [Theory]
    [InlineData(123, 0.05, null, "")]
    [InlineData(129, 0.05, "COOL-002", "Note")]
    [InlineData(129, 0.2, "COOL-002", "Note")]
    [InlineData(131, 0.0, "COOL-002", "Check")]
    [InlineData(149, 0.2, "COOL-003", "Check")]
    [InlineData(151, 0.05, "COOL-003", "Fix")]
    [InlineData(171, 0.05, "COOL-004", "Stop")]
    public void What_only_may_be_weighs_less_than_what_is_likely(double watts, double doubt, string? code, string weight)
    {
        var graft = CoolRuleExamples.Chip(watts).Cooled(cooling => cooling with
        {
            Coolers = [cooling.Coolers[0] with { Resistance = new Spread<KelvinsPerWatt>(new(0.5 * (1 - doubt)), new(0.5), new(0.5 * (1 + doubt))) }],
        });
        var told = Core.Review.Of(graft).At(Stage.Cool).SingleOrDefault(finding => finding.Subject.Text == "/parts/board");
        Assert.Equal((code, weight), (told?.Rule.Code, $"{told?.Severity}"));
    }

    [Fact]
    public void What_rests_on_a_cooler_that_nobody_named_is_a_check_however_hot()
    {
        var said = CoolRuleExamples.Through(300);
        var told = (Graft graft) => Core.Review.Of(graft).At(Stage.Cool).First(finding => finding.Rule.Code == "COOL-004").Severity;
        Assert.Equal(Severity.Stop, told(said));
        Assert.Equal(Severity.Check, told(said.Cooled(cooling => cooling with { Coolers = [] })));
    }

    [Fact]
    public void Nothing_is_said_before_anybody_told_the_air_anything()
    {
        var graft = CoolRuleExamples.Beside(100, 300) with { Cooling = Cooling.Empty };
        var review = Core.Review.Of(graft);
        Assert.Empty(review.At(Stage.Cool));
        Assert.False(review.Cool.IsBegun);
        Assert.Null(review.Cool.Figures);
        // It is computed all the same for who looks.
        Assert.True(review.Cool.At(HeatCase.Peak).Spaces[0].Likely.Value > 40);
        Assert.NotNull(Core.Review.Of(CoolRuleExamples.Through()).Cool.Figures);
    }

    [Fact]
    public void A_review_that_nobody_waits_for_is_given_up()
    {
        using var gone = new CancellationTokenSource();
        gone.Cancel();
        var (graft, feed) = (CoolRuleExamples.Through(), Core.Review.Of(CoolRuleExamples.Through()).Feed);
        Assert.Throws<OperationCanceledException>(() => CoolStage.Review(graft, feed, new ReviewWork(gone.Token)));
        var seen = new ReviewWork();
        seen.Begin(Stage.Cool, StageReviews.None);
        CoolStage.Review(graft, feed, seen);
        Assert.Equal((Stage.Cool, "fifty draws of the air", 10, 10), (seen.Step!.Stage, seen.Step.Kind, seen.Step.Number, seen.Step.Of));
    }

    private static CoolOutlook Outlook(Graft graft)
        => CoolBounds.Of(Scene(graft), HeatCase.Peak, Rest(graft), new ReviewWork());
}
