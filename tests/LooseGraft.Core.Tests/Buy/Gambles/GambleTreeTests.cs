using System.Collections.Immutable;
using CsCheck;
using LooseGraft.Core.Buy.Gambles;

namespace LooseGraft.Core.Tests.Buy.Gambles;

public sealed class GambleTreeTests
{
    private static readonly GambleTry Certain = Try("certain", 50, 100);

    private static readonly Gen<GambleTry> AnyTry = from price in Gen.Int[0, 80]
                                                    from chance in Gen.Int[1, 99]
                                                    from back in Gen.Int[0, price]
                                                    select Try($"{price}-{chance}-{back}", price, chance, back);

    [Fact]
    public void A_gamble_then_what_is_certain_as_it_is_reckoned_by_hand()
    {
        var plan = new GamblePlan([Try("cheap", 15, 60, back: 5)], Certain);
        // 15, and in four of ten cases 50 more, of which 5 come back: 15 + 0.4 × 45.
        Assert.Equal(33, plan.Expected);
        Assert.Equal(new Money(15), plan.EndsAt(0));
        Assert.Equal(new Money(60), plan.EndsAt(1));
        Assert.Equal(new Money(60), plan.Worst);
        Assert.Equal(new Money(65), plan.LaidOut);
        Assert.Equal(0.6m, plan.Chance);
        Assert.Equal(new DaySpan(2, 10), plan.Days);
    }

    [Fact]
    public void The_worst_may_be_that_a_dear_one_does_after_all()
        => Assert.Equal(new Money(45), new GamblePlan([Try("dear", 45, 50, back: 44)], Try("certain", 20, 100)).Worst);

    [Fact]
    public void A_chance_at_which_both_cost_the_same_makes_them_cost_the_same()
    {
        var even = GambleTree.BreakEven(Try("cheap", 15, 60, back: 5), Certain);
        // 1 − (50 − 15) ÷ (50 − 5).
        Assert.Equal(0.2222m, decimal.Round(even!.Value, 4));
        Assert.Null(GambleTree.BreakEven(Try("dear", 50, 99, back: 50), Certain));
        Assert.Equal(0, GambleTree.BreakEven(Try("lent", 15, 1, back: 15), Certain));
    }

    [Fact]
    public void Just_above_the_chance_of_equality_it_is_tried_and_just_below_it_is_not()
    {
        var cheap = Try("cheap", 10, 20);
        // 1 − 40 ÷ 50.
        Assert.Equal(0.2m, GambleTree.BreakEven(cheap, Certain));
        Assert.Empty(GambleTree.Best([cheap], Certain, null)!.Tries);
        Assert.Empty(GambleTree.Best([cheap with { ChancePercent = 19 }], Certain, null)!.Tries);
        Assert.Single(GambleTree.Best([cheap with { ChancePercent = 21 }], Certain, null)!.Tries);
    }

    [Theory]
    [InlineData(65, 1)]
    [InlineData(64.99, 0)]
    [InlineData(50, 0)]
    public void It_is_tried_only_where_what_is_certain_could_be_paid_after_it(double room, int tries)
        => Assert.Equal(tries, GambleTree.Best([Try("cheap", 15, 60, back: 5)], Certain, new Money((decimal)room))!.Tries.Length);

    [Fact]
    public void Where_not_even_what_is_certain_can_be_paid_there_is_no_plan()
        => Assert.Null(GambleTree.Best([Try("cheap", 15, 60)], Certain, new Money(49.99m)));

    [Fact]
    public void Of_several_the_one_that_is_likely_for_its_price_comes_first()
    {
        var plan = GambleTree.Best([Try("a", 20, 50), Try("b", 5, 40), Try("c", 49, 10)], Certain, null)!;
        Assert.Equal(["b", "a"], plan.Tries.Select(each => each.Offer.Id));
        // 5 + 0.6 × (20 + 0.5 × 50).
        Assert.Equal(32, plan.Expected);
    }

    [Fact]
    public void More_tries_than_anybody_makes_are_refused()
        => Assert.Throws<ArgumentException>(() => GambleTree.Best([.. Enumerable.Range(0, 7).Select(at => Try($"{at}", 1, 50))], Certain, null));

    [Fact]
    public void It_is_the_best_of_all_orders_of_all_choices_with_and_without_a_budget()
        => (from tries in AnyTry.Array[0, 5]
            from price in Gen.Int[1, 60]
            from room in Gen.Int[0, 200]
            select (tries, price, room)).Hold(
            sample =>
            {
                var certain = Try("certain", sample.price, 100);
                foreach (var room in new Money?[] { null, new Money(sample.room) })
                {
                    var slow = Orders([.. sample.tries]).Select(order => new GamblePlan(order, certain))
                        .Where(plan => room is not { } most || plan.LaidOut.Amount <= most.Amount).MinBy(plan => (plan.Expected, plan.Tries.Length));
                    var fast = GambleTree.Best([.. sample.tries], certain, room);
                    Assert.Equal((slow?.Expected, slow?.Tries.Length), (fast?.Expected, fast?.Tries.Length));
                }
            },
            iter: 2000);

    [Fact]
    public void At_the_chance_of_equality_nothing_is_won_or_lost()
        => (from one in AnyTry from price in Gen.Int[1, 120] select (one, price)).Hold(
            sample =>
            {
                var certain = Try("certain", sample.price, 100);
                if (GambleTree.BreakEven(sample.one, certain) is not { } even)
                {
                    Assert.Empty(GambleTree.Best([sample.one with { ChancePercent = 99 }], certain, null)!.Tries);
                    return;
                }

                Assert.InRange(even, 0, 1);
                var cost = sample.one.Price.Amount + ((1 - even) * (certain.Price.Amount - sample.one.Back.Amount));
                Assert.Equal(certain.Price.Amount, cost, 10);
            },
            iter: 2000);

    private static IEnumerable<ImmutableArray<GambleTry>> Orders(ImmutableArray<GambleTry> left)
        => left.SelectMany((each, index) => Orders(left.RemoveAt(index)).Select(rest => rest.Insert(0, each))).Prepend([]);

    internal static GambleTry Try(string id, decimal price, int chance, decimal back = 0)
        => new(BuyBench.Offer(id, price), BuyBench.Shop(), 1, new Money(price), chance, new Money(back));
}
