using System.Collections.Immutable;
using CsCheck;
using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Tests.Buy.Choices;

/// <summary>The choices that nothing beats, against trying everything.</summary>
public sealed class ChoiceSearchTests
{
    [Fact]
    public void All_four_costs_are_what_trying_everything_finds() => Small(3, 5, 6).Hold(problem => IsSame(problem, ChoiceCosts.All), iter: 300);

    [Fact]
    public void So_are_money_days_and_acts() => Small(3, 5, 6).Hold(problem => IsSame(problem, ChoiceCosts.Acts | ChoiceCosts.Days), iter: 150);

    [Fact]
    public void So_is_money_alone() => Small(2, 4, 7).Hold(problem => IsSame(problem, ChoiceCosts.MoneyAlone), iter: 150);

    [Fact]
    public void So_are_twelve_needs() => Small(2, 12, 9).Hold(problem => IsSame(problem, ChoiceCosts.All), iter: 12);

    [Fact]
    public void However_early_it_ends_the_cheapest_is_no_more_than_the_gap_too_dear()
        => Gen.Select(Small(3, 12, 9), Gen.Int[1, 60]).Hold(each =>
        {
            var found = ChoiceSearch.Of(each.Item1, ChoiceCosts.All, new ChoiceWork(most: each.Item2));
            var best = ChoiceSearch.Of(each.Item1, ChoiceCosts.MoneyAlone, new ChoiceWork()).Points.SingleOrDefault();
            Assert.All(found.Points, point => Assert.True(ChoiceJudge.Meets(each.Item1, point.Ways, point.Packs)));
            if (best is not null && !found.Points.IsEmpty) Assert.InRange(best.Money, found.Points[0].Money - found.Gap, found.Points[0].Money);
            if (found.Points.IsEmpty) Assert.True(best is null || !found.IsWhole);
        }, iter: 200);

    [Fact]
    public void However_tangled_the_packs_are_something_is_found_and_the_gap_is_told()
    {
        // Each of 60 packs holds three of ten needs, so that all of them are one group.
        var random = new Random(1);
        ChoiceContent Content() => new(random.Next(1, 4), [random.Next(10)]);
        var problem = new ChoiceProblem(10, [.. Enumerable.Range(0, 10).Select(need => new ChoiceAsk(need, 7 * ChoiceProblem.Unit))], [],
            [new ChoiceSeller(2_000_000, null, 1), new ChoiceSeller(3_000_000, 30_000_000, 2) { FreeCost = 30_000_000 }],
            [.. Enumerable.Range(0, 60).Select(at => random.Next(3_000_000, 9_000_000) is var price
                ? new ChoicePack(at % 2, price, price, 3, [Content(), Content(), Content()]) : null!)]);
        var found = ChoiceSearch.Of(problem, ChoiceCosts.MoneyAlone, new ChoiceWork(40_000));
        Assert.False(found.IsWhole);
        Assert.True(found.Gap > 0);
        Assert.True(ChoiceJudge.Meets(problem, found.Points[0].Ways, found.Points[0].Packs));
    }

    [Fact]
    public void A_tool_that_is_asked_for_in_two_places_is_bought_once()
    {
        var tool = new ChoiceAsk(0, ChoiceProblem.Unit, Once: 0);
        var problem = new ChoiceProblem(1, [tool, tool], [], [new ChoiceSeller(0, null, 1)], [new ChoicePack(0, 5, 5, 9, [new ChoiceContent(1, [0])])]);
        Assert.Equal([1], ChoiceSearch.Of(problem, ChoiceCosts.MoneyAlone, new ChoiceWork()).Points.Single().Packs);
    }

    [Fact]
    public void Nobody_waits_for_what_nobody_wants()
    {
        using var gone = new CancellationTokenSource();
        gone.Cancel();
        Assert.Throws<OperationCanceledException>(
            () => ChoiceSearch.Of(new ChoiceProblem(0, [], [], [], []), ChoiceCosts.All, new ChoiceWork(waited: new ReviewWork(gone.Token))));
    }

    [Fact]
    public void Where_every_joint_takes_its_fewest_acts_the_choice_is_the_cheapest_of_those_with_the_fewest()
        => Small(3, 5, 6).Hold(problem =>
        {
            var least = GraftChoice.LeastOf(problem, way => way.Acts, new ReviewWork()).Points.FirstOrDefault();
            var fewest = problem.Joints.Sum(ways => ways.Min(way => way.Acts));
            var judged = ChoiceJudge.Front(problem, ChoiceCosts.Acts).Where(point => point.Acts == fewest).Select(point => (long?)point.Money)
                .SingleOrDefault();
            Assert.Equal(judged, least?.Money);
            if (least is not null) Assert.True(least.Acts == fewest && ChoiceJudge.Meets(problem, least.Ways, least.Packs));
        }, iter: 100);

    private static void IsSame(ChoiceProblem problem, ChoiceCosts costs)
    {
        var found = ChoiceSearch.Of(problem, costs, new ChoiceWork());
        Assert.True(found.IsWhole);
        Assert.Equal(ChoiceJudge.Front(problem, costs).Order(), found.Points.Select(point => point.Counted(costs)).Order());
        Assert.All(found.Points, point =>
        {
            Assert.True(ChoiceJudge.Meets(problem, point.Ways, point.Packs));
            Assert.Equal((point.Days, point.Money), ChoiceJudge.Parcels(problem, point.Packs));
        });
    }

    // Two or three sellers, one of them free from some worth on; packs of one or two things, each of which may do for two needs.
    private static Gen<ChoiceProblem> Small(int joints, int needs, int packs)
    {
        var ask = Gen.Select(Gen.Int[0, needs - 1], Gen.Int[1, 5], Gen.Int[0, 3]).Select((need, half, once)
            => new ChoiceAsk(need, half * ChoiceProblem.Unit / 2, once == 0 ? 7 : null));
        var asks = ask.Array[0, 2].Select(each => each.DistinctBy(one => (one.Need, one.Once)).ToImmutableArray());
        // What is shared is one and the same thing: always as much of it.
        var same = asks.Select(each => each.Select(one => one.Once is null ? one : one with { Amount = ChoiceProblem.Unit }).ToImmutableArray());
        var way = Gen.Select(Gen.Int[0, 2], Gen.Int[0, 3], same).Select((acts, steps, all) => new ChoiceWay(acts, steps, all));
        var content = Gen.Select(Gen.Int[1, 3], Gen.Int[0, needs - 1], Gen.Int[0, needs - 1]).Select((count, one, other)
            => new ChoiceContent(count, [.. new[] { one, other }.Distinct()]));
        var pack = Gen.Select(Gen.Int[-1, 2], Gen.Int[1, 12], Gen.Int[1, 2], content.Array[1, 2]).Select((seller, price, stock, contents)
            => new ChoicePack(seller < 0 ? null : seller, seller < 0 ? 0 : price * 1_000_000, seller < 0 ? 0 : price * (seller == 1 ? 1_900_000 : 1_000_000),
                packs > 8 ? 1 : stock, [.. contents]));
        var seller = Gen.Select(Gen.Int[0, 6], Gen.Int[0, 20], Gen.Int[1, 4]).Select((postage, free, days) => (postage, free, days));
        // What is asked for however the joints are made may be asked for in several places.
        var given = ask.Array[0, 3].Select(each => each.Select(one => one.Once is null ? one : one with { Amount = ChoiceProblem.Unit }).ToImmutableArray());
        return Gen.Select(given, way.Array[1, 3].Array[joints], seller.Array[3], pack.Array[packs]).Select((fixedAsks, ways, sellers, all) => new ChoiceProblem(
            needs, fixedAsks, [.. ways.Select(each => each.ToImmutableArray())],
            [.. sellers.Select((each, index) => new ChoiceSeller(each.postage * 1_000_000, each.free is 0 or > 14 ? null : each.free * 1_000_000, each.days)
            {
                FreeCost = each.free * (index == 1 ? 1_900_000 : 1_000_000),
            })],
            [.. all]));
    }
}
