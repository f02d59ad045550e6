using CsCheck;
using LooseGraft.Core.Buy.Balances;
using static LooseGraft.Core.Tests.Buy.BuyBench;

namespace LooseGraft.Core.Tests.Buy.Balances;

public sealed class BalanceTests
{
    [Fact]
    public void Every_cost_is_told_by_its_name_and_what_rounding_leaves_goes_with_the_postage()
    {
        // Three times 0.99 at 0.333 is 0.33 each, and 5.97 at 0.333 is 1.99: the rest of it is postage.
        var graft = Needing(("nut M3", 1), ("nut M4", 1), ("nut M5", 1))
            .With((Offer("a", 0.99m, Of("nut M3")), 1), (Offer("b", 0.99m, Of("nut M4")), 1), (Offer("c", 0.99m, Of("nut M5")), 1))
            .Shop(shop => shop with { Currency = "USD" })
            .WithBuying(buying => buying with { Rates = [new ExchangeRate("USD", 0.333m, new DateOnly(2026, 11, 30))] })
            with
        { Parts = [new Part("board", "board", PartKind.Board) { Cost = new Money(12) }] };
        var review = Review(graft);
        var items = CostItems.Of(graft, review.Basket.Value, review.Orders).ToArray();
        Assert.Equal(
            [("board", 12m), ("a", 0.33m), ("b", 0.33m), ("c", 0.33m), ("postage and tax of shop", 1m)], items.Select(item => (item.Name, item.Cost.Amount)));
        Assert.Equal([CostState.Spent, CostState.Chosen], items.Select(item => item.State).Distinct());
    }

    [Fact]
    public void What_is_ordered_is_promised_until_it_is_through_and_spent_from_then_on()
    {
        var ordered = Needing(("nut M3", 3)).With((Offer("nuts", 1, Of("nut M3", 10)), 1)).Ordered();
        Assert.Equal([("nuts", CostState.Promised), ("postage and tax of shop", CostState.Promised)], Items(ordered).Select(item => (item.Name, item.State)));
        Assert.All(Items(ordered.Came(1)), item => Assert.Equal(CostState.Spent, item.State));
        var back = ordered.Came(0, wrong: 1, back: 1.5m);
        Assert.Equal([("nuts", 1m), ("postage and tax of shop", 3m), ("given back by shop", -1.5m)], Items(back).Select(item => (item.Name, item.Cost.Amount)));
    }

    [Fact]
    public void A_sale_as_it_is_reckoned_by_hand()
    {
        var sale = Sale(80, new WorthTerms
        {
            HoursDone = 6,
            HoursToCome = 4,
            HourRate = new Money(3),
            HopedPrice = new Money(120),
            FeePercent = 10,
            HandingOver = new Money(5),
            LeftOvers = [new LeftOver("case", "case", new Money(4))],
        });
        // (80 − 4 + 5) ÷ 0.9, and 30 more for the hours.
        Assert.Equal(new Money(90), sale.LeastPrice);
        Assert.Equal(new Money(123.33m), sale.LeastPaidPrice);
        // 120 − 12 − 5 − 80 + 4.
        Assert.Equal((new Money(17), new Money(27), new Money(2.7m)), (sale.Fees, sale.Margin, sale.PerHour));
        Assert.Equal(new Money(30), sale.Work);
    }

    [Fact]
    public void Without_a_price_or_hours_nothing_is_made_up()
    {
        var sale = Sale(80, WorthTerms.Empty);
        Assert.Equal((null, null, null, null), (sale.Hours, sale.Margin, sale.PerHour, sale.Fees));
        Assert.Equal((new Money(80), new Money(80)), (sale.LeastPrice, sale.LeastPaidPrice));
        Assert.Null(Sale(80, new WorthTerms { FeePercent = 100 }).LeastPrice);
        Assert.Equal(Money.Zero, Sale(3, new WorthTerms { FeePercent = 100, LeftOvers = [new LeftOver("a", "a", new Money(3))] }).LeastPrice);
        Assert.Null(Sale(3, new WorthTerms { HopedPrice = new Money(9), HoursDone = 0 }).PerHour);
    }

    [Fact]
    public void The_least_price_leaves_just_enough_and_a_cent_less_does_not()
        => (from spent in Gen.Int[1, 200_000] from fee in Gen.Int[0, 9_999] select (spent, fee)).Hold(
            sample =>
            {
                var (needed, fee) = (sample.spent / 100m, sample.fee / 100m);
                var least = Sale(needed, new WorthTerms { FeePercent = fee }).LeastPrice!.Value.Amount;
                Assert.True(Net(least) >= needed);
                Assert.True(Net(least - 0.01m) < needed);

                decimal Net(decimal price) => price - decimal.Round(price * fee / 100, 2, MidpointRounding.AwayFromZero);
            },
            iter: 1000);

    [Fact]
    public void At_the_rate_of_equality_two_ways_cost_the_same_and_beside_it_they_do_not()
        => (from money in Gen.Int[-300, 300].Array[2] from hours in Gen.Int[0, 40].Array[2] select (money, hours)).Hold(
            sample =>
            {
                var (one, other) = (Way(sample.money[0], sample.hours[0]), Way(sample.money[1], sample.hours[1]));
                if (one.EvenRate(other) is { } rate)
                {
                    Assert.True(rate >= 0);
                    Assert.Equal(one.ToPay.Amount + (one.Hours * rate), other.ToPay.Amount + (other.Hours * rate), 8);
                    return;
                }

                // At no rate does it turn: who is ahead with the hours as a pleasure is so at any.
                var ahead = Enumerable.Range(0, 50).Select(each => decimal.Sign((other.At(new Money(each)) - one.At(new Money(each))).Amount)).Distinct();
                Assert.True(one.Hours == other.Hours ? ahead.Count() == 1 : ahead.All(sign => sign == ahead.First()));
            },
            iter: 1000);

    [Fact]
    public void Going_on_is_what_is_to_come_less_the_left_overs_and_anything_else_is_less_what_is_here()
    {
        var graft = Needing(("nut M3", 3)).With((Offer("nuts", 7, Of("nut M3", 10)), 1)).WithWorth(_ => new WorthTerms
        {
            HoursDone = 9,
            HoursToCome = 2,
            HourRate = new Money(5),
            AsItStands = new Money(6),
            LeftOvers = [new LeftOver("case", "case", new Money(4))],
            OtherWays = [new OtherWay("tower", "tower", new Money(30)) { Hours = 1 }, new OtherWay("other", "other", new Money(21)) { Hours = 0.2m }],
        }) with
        {
            Parts =
            [
                new Part("board", "board", PartKind.Board) { Cost = new Money(12) },
                new Part("card", "card", PartKind.Card) { Origin = PartOrigin.ToBuy, Cost = new Money(8) },
            ],
        };
        var table = WorthTable.Of(graft, Items(graft));
        // 7 and 3 for the parcel, 8 for the card, less 4; the board is paid.
        Assert.Equal([(14m, 2m), (24m, 1m), (15m, 0.2m), (-6m, 0m)], table.Ways.Select(way => (way.ToPay.Amount, way.Hours)));
        Assert.Equal(new Money(12), table.Gone);
        Assert.Equal("other", table.Cheapest.Name);
        Assert.Equal("this graft", (table with { Rate = Money.Zero }).Cheapest.Name);
        Assert.Equal(10, table.Graft.EvenRate(table.Others[0]));
        Assert.Null(Way(3, 4).EvenRate(Way(1, 4)));
        Assert.Null(Way(3, 4).EvenRate(Way(1, 2)));
    }

    [Fact]
    public void To_say_what_it_is_worth_is_not_to_begin_buying()
    {
        var bare = Graft.Empty("bare") with { Parts = [new Part("card", "card", PartKind.Card) { Origin = PartOrigin.ToBuy }] };
        Assert.Empty(Review(bare.WithWorth(worth => worth with { HoursDone = 3 })).Findings);
        Assert.NotEmpty(Review(bare.WithBuying(buying => buying with { WishedBy = new DateOnly(2026, 12, 9) })).Findings);
    }

    private static WayBalance Way(decimal money, decimal hours) => new("way", new Money(money), hours, null);

    private static SaleBalance Sale(decimal spent, WorthTerms terms) => new([new CostItem("all", new Money(spent), CostState.Spent)], terms);

    private static CostItem[] Items(Graft graft)
    {
        var review = Review(graft);
        return [.. CostItems.Of(graft, review.Basket.Value, review.Orders)];
    }
}
