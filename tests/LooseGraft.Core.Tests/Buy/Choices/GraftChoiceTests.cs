using LooseGraft.Cli;
using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Tests.Buy.Choices;

/// <summary>What to buy where, for the whole graft at once.</summary>
public sealed class GraftChoiceTests
{
    [Fact]
    public void Postage_is_paid_once_though_each_thing_is_cheaper_elsewhere()
    {
        // Apart 1 + 1 and two parcels of 3; together 2 + 2 and one.
        var choice = Of(BuyBench.Needing(("nut M3", 1), ("tie", 1)).With(
            (BuyBench.Offer("nut", 1, BuyBench.Of("nut M3")), 0), (BuyBench.Offer("both", 4, BuyBench.Of("nut M3"), BuyBench.Of("tie")), 0),
            (BuyBench.Offer("tie", 1, BuyBench.Of("tie")) with { Seller = "other" }, 0)).WithSeller("other"));
        Assert.Equal(["both"], Bought(choice.Cheapest!));
        Assert.Equal((new Money(7), new Money(3), 5), (choice.Cheapest!.Total, choice.Cheapest.Postage, choice.Cheapest.Days));
    }

    [Theory]
    [InlineData(5, "one")]
    [InlineData(4.99, "one ten")]
    public void From_some_worth_on_dearer_goods_make_a_cheaper_parcel(double freeFrom, string bought)
    {
        // One nut alone is 2 + 3; with ten more for 2.99 the parcel is free and comes to 4.99.
        var graft = BuyBench.Needing(("nut M3", 1))
            .With((BuyBench.Offer("one", 2, BuyBench.Of("nut M3")), 0), (BuyBench.Offer("ten", 2.99m, BuyBench.Of("nut M3", 10)), 0))
            .Shop(shop => shop with { FreeFrom = new Money((decimal)freeFrom) });
        var choice = Of(graft.WithBuying(buying => buying with { Offers = [.. buying.Offers.Select(offer => offer with { Stock = 1 })] }));
        Assert.Equal(bought.Split(' '), Bought(choice.Cheapest!));
    }

    [Fact]
    public void What_lies_in_the_bin_is_not_bought()
    {
        var graft = BuyBench.Needing(("nut M3", 9)).With((BuyBench.Offer("nuts", 1, BuyBench.Of("nut M3", 10)), 0));
        var choice = Of(graft, BuyBench.Around);
        Assert.Equal((Money.Zero, 0), (choice.Cheapest!.Total, choice.Cheapest.Days));
        Assert.Equal("spare-nuts", choice.Cheapest.FromBin.Single().Thing.Entry);
        // One more than lie there.
        var more = BuyBench.Needing(("nut M3", 10)).With((BuyBench.Offer("nuts", 1, BuyBench.Of("nut M3", 10)), 0));
        Assert.Equal(["nuts"], Bought(Of(more, BuyBench.Around).Cheapest!));
    }

    [Fact]
    public void What_nobody_has_enough_of_is_named_and_the_rest_is_chosen_all_the_same()
    {
        var choice = Of(BuyBench.Needing(("nut M3", 4), ("tie", 1)).With((BuyBench.Offer("two", 1, BuyBench.Of("nut M3", 2)) with { Stock = 1 }, 0),
            (BuyBench.Offer("tie", 1, BuyBench.Of("tie")), 0)));
        Assert.Equal("own own-0", choice.Cheapest!.Missing.Single().Key);
        Assert.Contains("tie", Bought(choice.Cheapest));
    }

    [Theory]
    [InlineData(WareCondition.Broken, "USD")]
    [InlineData(WareCondition.New, "CHF")]
    public void What_is_broken_or_in_a_currency_without_a_rate_is_not_chosen(WareCondition condition, string currency)
    {
        var graft = BuyBench.Needing(("nut M3", 1)).With((BuyBench.Offer("nut", 1, BuyBench.Of("nut M3")) with { Condition = condition }, 0))
            .Shop(shop => shop with { Currency = currency })
            .WithBuying(buying => buying with { Rates = [new ExchangeRate("USD", 0.9m, new DateOnly(2026, 11, 30))] });
        Assert.Single(Of(graft).Cheapest!.Missing);
    }

    [Fact]
    public void Of_a_seller_of_whom_nobody_knows_how_long_it_takes_the_parcel_comes_last()
    {
        var graft = BuyBench.Needing(("nut M3", 1)).With((BuyBench.Offer("cheap", 1, BuyBench.Of("nut M3")), 0),
                (BuyBench.Offer("dear", 2, BuyBench.Of("nut M3")) with { Seller = "other" }, 0))
            .Shop(shop => shop with { Days = null }).WithSeller("other");
        var choice = Of(graft);
        Assert.Equal(("cheap", null), (Bought(choice.Cheapest!).Single(), choice.Cheapest!.Days));
        Assert.Equal(("dear", 5), (Bought(choice.Soonest!).Single(), choice.Soonest!.Days));
    }

    [Fact]
    public void Ten_thousand_of_one_thing_in_packs_of_few_are_weighed_as_well()
    {
        var choice = Of(BuyBench.Needing(("nut M3", 10_000)).With((BuyBench.Offer("three", 0.03m, BuyBench.Of("nut M3", 3)), 0),
            (BuyBench.Offer("one", 0.02m, BuyBench.Of("nut M3")), 0), (BuyBench.Offer("seven", 0.08m, BuyBench.Of("nut M3", 7)), 0)));
        // 3,333 times three for 99.99 and one for 0.02, and the parcel.
        Assert.Equal(new Money(103.01m), choice.Cheapest!.Total);
    }

    [Fact]
    public void More_than_eight_sellers_are_not_weighed_and_that_is_said()
    {
        var graft = Enumerable.Range(0, 9).Aggregate(BuyBench.Needing(("nut M3", 1)), (all, index) => all.WithSeller($"s{index}")
            .With((BuyBench.Offer($"n{index}", 1, BuyBench.Of("nut M3")) with { Seller = $"s{index}" }, 0)));
        Assert.Equal((1, false), (Of(graft).OtherSellers, Of(graft).IsWhole));
    }

    [Theory]
    [InlineData("never-tried", false)]
    [InlineData("someones-report", true)]
    public void What_nobody_has_tried_is_a_gamble_and_is_not_chosen_as_if_it_were_certain(string word, bool isChosen)
    {
        var desk = Demo("lending-desk");
        var fit = word == "never-tried" ? FitWord.NeverTried : FitWord.SomeonesReport;
        var choice = Of(desk.WithBuying(buying => buying with
        {
            Rates = [new ExchangeRate("USD", 0.9m, new DateOnly(2026, 11, 30))],
            Offers = [.. buying.Offers.Where(offer => offer.Id is not ("maker-adapter" or "used-adapter"))
                .Select(offer => offer.Id == "cheap-adapter" ? offer with { Fit = fit } : offer)],
        }));
        Assert.Equal(isChosen, choice.Sets.Any(set => Bought(set).Contains("cheap-adapter")));
    }

    [Fact]
    public void The_ends_are_what_they_are_called()
    {
        var choice = Of(Demo("lending-desk"));
        Assert.Equal(choice.Sets.Min(set => set.Total.Amount), choice.Cheapest!.Total.Amount);
        Assert.Equal(choice.Sets.Min(set => set.Days), choice.Soonest!.Days);
        Assert.Equal(choice.Sets.Min(set => set.Acts), choice.Whole!.Acts);
        Assert.Equal(choice.Sets.Min(set => set.Minutes), choice.LeastWork!.Minutes);
    }

    [Fact]
    public void The_lending_desk_has_four_different_answers()
    {
        var choice = Of(Demo("lending-desk"));
        Assert.Equal(4, choice.Ends.Select(end => end.Set).Distinct().Count());
        Assert.All(choice.Sets, set => Assert.Empty(set.Missing));
    }

    [Theory]
    [InlineData(200, 200)]
    [InlineData(201, 200)]
    public void Of_many_choices_so_many_are_kept_the_ends_among_them(int count, int kept)
    {
        var points = Enumerable.Range(0, count).Select(at => new ChoicePoint(0, 0, count - at, at, [], [])).ToArray();
        // Between two that are kept, the end would fall out.
        var end = points[^2];
        var shown = GraftChoice.Thinned(points, [end, null]).ToArray();
        Assert.Equal(kept, shown.Length);
        Assert.Contains(end, shown);
        Assert.Equal(shown.OrderBy(point => point.Money), shown);
    }

    [Fact]
    public void The_shell_prints_the_four_ends()
    {
        var output = new StringWriter();
        var to = new System.CommandLine.InvocationConfiguration { Output = output, Error = output };
        Assert.Equal(Commands.Fine, Commands.Root().Parse(["choose", BuyBench.DemoPath("lending-desk")]).Invoke(to));
        Assert.All(["Cheapest: ", "Soonest: ", "Leaves most whole: ", "Least at the bench: "], end => Assert.Contains(end, output.ToString(), StringComparison.Ordinal));
        Assert.Equal(Commands.Unreadable, Commands.Root().Parse(["choose", BuyBench.DemoPath("nowhere")]).Invoke(to));
    }

    private static GraftChoice Of(Graft graft, Surroundings? around = null) => BuyBench.Choices(graft, around);

    private static string[] Bought(ChosenSet set) => [.. set.Sacks.SelectMany(sack => sack.Lines).Select(line => line.Offer.Id)];

    private static Graft Demo(string name) => BuyBench.Demo(name);
}
