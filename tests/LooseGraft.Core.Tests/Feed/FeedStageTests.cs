using System.Collections.Immutable;
using CsCheck;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

public sealed class FeedStageTests
{
    private static readonly Gen<Draw> AnyDraw =
        from rail in Gen.OneOf("+12 V", "+5 V", "+3.3 V")
        from amps in Gen.Double[0, 12]
        from evidence in Gen.Enum<Evidence>()
        select Draw(rail, amps, evidence);

    [Fact]
    public void Given_five_amps_at_twelve_volts_sixty_of_a_hundred_and_twenty_watts_are_used()
    {
        var limit = Limit(Fed(SmallSupply(), Draw("+12 V", 5)), "+12 V");
        Assert.Equal((60, 60, FeedVerdict.Carries),
            (limit.In(LoadCase.Peak).Used.Likely.Value, limit.In(LoadCase.Peak).Left.Likely.Value, limit.In(LoadCase.Peak).Verdict));
    }

    [Theory]
    [InlineData(7.9, FeedVerdict.Carries)]
    [InlineData(8.1, FeedVerdict.CarriesTightly)]
    [InlineData(10.1, FeedVerdict.DoesNotCarry)]
    public void The_verdict_follows_from_what_is_left(double amps, FeedVerdict expected)
        => Assert.Equal(expected, Limit(Fed(SmallSupply(), Draw("+12 V", amps)), "+12 V").In(LoadCase.Peak).Verdict);

    [Fact]
    public void A_likely_figure_within_and_a_high_one_beyond_may_not_be_carried()
    {
        var draw = Draw("+12 V", 8) with { Peak = Currents(6, 8, 11) };
        var review = Review.Of(Fed(SmallSupply(), draw));
        Assert.Equal(FeedVerdict.MayNotCarry, review.Feed.Supplies[0].Limits[0].In(LoadCase.Peak).Verdict);
        Assert.Equal(Severity.Check, Assert.Single(review.Findings, finding => finding.Rule.Code == "FEED-001").Severity);
    }

    [Fact]
    public void Beyond_a_limit_in_ordinary_use_is_a_stop_and_only_at_peak_a_fix()
    {
        Assert.Equal(Severity.Stop, Single("FEED-001", Fed(SmallSupply(), Draw("+12 V", 21))).Severity);
        Assert.Equal(Severity.Fix, Single("FEED-001", Fed(SmallSupply(), Draw("+12 V", 11))).Severity);
    }

    [Fact]
    public void The_tightest_limit_has_the_least_left_for_its_size()
    {
        var review = Review.Of(Fed(SmallSupply(), Draw("+12 V", 3), Draw("+5 V", 9)));
        Assert.Equal("+5 V", review.Feed.Tightest!.Name);
        Assert.Equal(Evidence.Label, review.Feed.Tightest.Weakest);
    }

    [Fact]
    public void At_a_supply_as_a_whole_are_its_total_and_what_its_rails_share()
    {
        var feed = Review.Of(Fed(SmallSupply(), Draw("+12 V", 3)) with { Supplies = [SmallSupply() with { Id = "other" }, SmallSupply()] }).Feed;
        Assert.Equal([("supply", "+5 V with +3.3 V"), ("supply", "in all")],
            feed.LimitsAt(new SupplySubject("supply")).Select(each => (each.Supply.Supply.Id, each.Limit.Name)));
        var rail = Assert.Single(feed.LimitsAt(new RailSubject("other", "+12 V"))).Limit;
        Assert.Equal(("+12 V", 60, 5), (rail.Name, rail.InWatts(new Amps(5))!.Value.Value, rail.InAmps(new Watts(60))!.Value.Value));
    }

    [Fact]
    public void A_negative_rail_carries_positive_power()
    {
        var supply = SmallSupply() with { Rails = [new Rail(Signal("-12 V"), Bench.Limit(0.5))], Combined = [], Total = null };
        Assert.Equal(3.6, Limit(Fed(supply, Draw("-12 V", 0.3)), "-12 V").In(LoadCase.Peak).Used.Likely.Value, 9);
        // In all it adds to what the others give.
        supply = SmallSupply() with { Rails = [.. SmallSupply().Rails, .. supply.Rails] };
        Assert.Equal(15.6, Limit(Fed(supply, Draw("-12 V", 0.3), Draw("+12 V", 1)), "in all").In(LoadCase.Peak).Used.Likely.Value, 9);
    }

    [Fact]
    public void Another_load_never_frees_a_limit()
        => AnyDraw.List[0, 6].Select(AnyDraw).Hold((draws, more) =>
        {
            var (before, after) = (Limits(draws), Limits([.. draws, more]));
            for (var index = 0; index < before.Length; index++)
            {
                foreach (var loadCase in Enum.GetValues<LoadCase>()) Assert.True(after[index].In(loadCase).Left.Low <= before[index].In(loadCase).Left.Low);
                Assert.True(after[index].In(LoadCase.Peak).Verdict >= before[index].In(LoadCase.Peak).Verdict);
            }
        });

    [Fact]
    public void The_order_of_loads_never_matters()
        => AnyDraw.List[0, 6].Hold(draws =>
        {
            var (there, back) = (Limits(draws), Limits([.. Enumerable.Reverse(draws)]));
            Assert.All(there.Zip(back), pair => Assert.Equal(pair.First.LeastLeft.Value, pair.Second.LeastLeft.Value, 9));
        });

    [Fact]
    public void A_negative_draw_never_hides_an_overload()
        => Assert.Equal(132, Limits([Draw("+12 V", 11), Draw("+12 V", -5)])[0].In(LoadCase.Peak).Used.Likely.Value, 9);

    private static FeedLimit Limit(Graft graft, string name) => Assert.Single(Review.Of(graft).Feed.Supplies[0].Limits, limit => limit.Name == name);

    private static Finding Single(string code, Graft graft) => Assert.Single(Review.Of(graft).Findings, finding => finding.Rule.Code == code);

    // Each draw as a load of its own, as a load may take from a rail only once.
    private static ImmutableArray<FeedLimit> Limits(List<Draw> draws)
    {
        var graft = Fed(SmallSupply()) with { Loads = [.. draws.Select((draw, index) => Hung($"load-{index}", "board", "supply") with { Draws = [draw] })] };
        return Review.Of(graft).Feed.Supplies[0].Limits;
    }
}
