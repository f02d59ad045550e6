using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Gambles;
using LooseGraft.Core.Buy.Needs;
using static LooseGraft.Core.Tests.Buy.BuyBench;

namespace LooseGraft.Core.Tests.Buy.Gambles;

public sealed class GambleTableTests
{
    [Theory]
    [InlineData(FitWord.MakersList, 100)]
    [InlineData(FitWord.SellersWord, 75)]
    [InlineData(FitWord.SomeonesReport, 60)]
    [InlineData(FitWord.NeverTried, 35)]
    public void How_likely_it_does_hangs_on_who_says_so_until_the_builder_does(FitWord word, int chance)
    {
        Assert.Equal(chance, One(Unlisted with { Fit = word }).ChancePercent);
        Assert.Equal(12, One(Unlisted with { Fit = word, ChancePercent = 12 }).ChancePercent);
    }

    [Fact]
    public void What_is_told_by_its_sort_does_whoever_says_so_and_what_is_made_for_a_part_hangs_on_the_word()
    {
        var fan = $"part {PartTemplate.All.First(template => template.Kind == PartKind.Fan).Id}";
        var table = Table(Needing((fan, 1)).With((Offer("fan", 9, Of(fan)), 0)));
        Assert.Equal(("fan", 0), (table.Certain!.Offer.Id, table.Tries.Length));
        Assert.Equal(75, Table(ForPart(PartKind.Card)).Tries.Single().ChancePercent);
    }

    [Theory]
    [InlineData(FitWord.MakersList, WareCondition.Works, 100)]
    [InlineData(FitWord.MakersList, WareCondition.Untested, 60)]
    [InlineData(FitWord.SellersWord, WareCondition.Untested, 45)]
    [InlineData(FitWord.MakersList, WareCondition.Broken, 0)]
    public void What_nobody_has_tried_out_is_not_certain_however_well_it_fits(FitWord word, WareCondition condition, int chance)
    {
        Assert.Equal(chance, GambleTable.ChanceOf(Unlisted with { Fit = word, Condition = condition }, FitGrade.ProveFirst));
        Assert.Equal(90, GambleTable.ChanceOf(Unlisted with { Fit = word, Condition = condition, ChancePercent = 90 }, FitGrade.ProveFirst));
        var fan = Offer("fan", 9, Of($"part {PartTemplate.All.First(template => template.Kind == PartKind.Fan).Id}"));
        Assert.Equal(FitChance.Of(condition), GambleTable.ChanceOf(fan with { Fit = word, Condition = condition }, FitGrade.Fits));
    }

    [Fact]
    public void So_many_packs_are_counted_as_the_need_takes_where_there_are_so_many()
    {
        Assert.Empty(Table(Three(stock: 1)).Tries);
        // Two packs of two, and one parcel.
        Assert.Equal(new Money(31), Table(Three(stock: 2)).Tries.Single().Price);

        static Graft Three(int stock) => Needing(("other processor", 3)).WithoutPower()
            .With((Unlisted with { Contents = [Of("other processor", 2)], Stock = stock }, 0));
    }

    [Fact]
    public void Each_comes_in_a_parcel_of_its_own_with_postage_tax_and_rate()
    {
        var graft = Processor(0, Unlisted).Shop(shop => shop with { TaxPercent = 10, Currency = "USD" })
            .WithBuying(buying => buying with { Rates = [new ExchangeRate("USD", 0.5m, new DateOnly(2026, 11, 30))] });
        // (14 + 3) × 1.1 × 0.5 = 9.35; back come (14 × 1.1 − 3) × 0.5 = 6.20.
        var one = Assert.Single(Table(graft).Tries);
        Assert.Equal((new Money(9.35m), new Money(6.2m)), (one.Price, one.Back));
        Assert.Equal((0, 1), (Table(graft.WithBuying(buying => buying with { Rates = [] })) is var none ? none.Tries.Length : 9, none.Unpriced));
    }

    [Theory]
    [InlineData(true, null, null, 11)]
    [InlineData(true, 5.0, null, 9)]
    [InlineData(true, 20.0, null, 0)]
    [InlineData(true, 5.0, 70, 9.8)]
    [InlineData(false, null, 70, 9.8)]
    [InlineData(false, null, null, 0)]
    [InlineData(null, null, 0, 0)]
    public void What_comes_back_is_the_better_of_sending_it_back_and_selling_it(bool? takesBack, double? sending, int? resale, double back)
    {
        var graft = Processor(0, Unlisted with { ResalePercent = resale })
            .Shop(shop => shop with { TakesBack = takesBack, SendingBack = sending is { } amount ? new Money((decimal)amount) : null });
        Assert.Equal(new Money((decimal)back), Table(graft).Tries.Single().Back);
    }

    [Fact]
    public void The_budget_leaves_for_it_what_is_not_chosen_for_anything_else()
    {
        Assert.Equal(new Money(50), Table(Processor(0, Unlisted)).Room);
        Assert.Equal(new Money(50), Table(Processor(1, Unlisted)).Room);
        // 4, and 3 for the parcel.
        var nuts = new OwnNeed("nuts", Ware("nut M3"), 1);
        var both = Processor(1, Unlisted).WithBuying(buying => buying with { OwnNeeds = [.. buying.OwnNeeds, nuts] });
        Assert.Equal(new Money(43), Table(both.With((Offer("nuts", 4, Of("nut M3")), 1))).Room);
        Assert.Null(Table(Processor(0, Unlisted) with { Budget = null }).Room);
        Assert.Equal(new Money(50), Table(ForPart(PartKind.Other, new Money(20))).Room);
    }

    [Fact]
    public void The_cheapest_that_is_certain_ends_it_and_what_is_sold_out_or_hopeless_is_not_compared()
    {
        var table = Table(Processor(
            0, Unlisted, Listed("dear", 48), Listed("fair", 40), Unlisted with { Id = "gone", Stock = 0 }, Unlisted with { Id = "no", ChancePercent = 0 }));
        Assert.Equal("fair", table.Certain!.Offer.Id);
        Assert.Equal("unlisted", Assert.Single(table.Tries).Offer.Id);
        // 17 and, one time in four, 43 more of which 11 come back: 17 + 0.25 × 32.
        Assert.Equal(25, table.Cheapest!.Expected);
        // 17 + 43 are more than 50.
        Assert.Empty(table.Within!.Tries);
        Assert.Equal([25m, 43m], table.Plans.Select(plan => plan.Expected));
    }

    [Fact]
    public void Six_are_tried_and_the_others_are_said_to_be_left_aside()
    {
        var unlisted = Enumerable.Range(0, 8).Select(at => Unlisted with { Id = $"u{at}", Price = new Money(20 - at) });
        var table = Table(Processor(0, [Listed("fair", 40), .. unlisted]));
        Assert.Equal((6, 2), (table.Tries.Length, table.LeftAside));
        Assert.DoesNotContain(table.Tries, each => each.Offer.Id is "u0" or "u1");
    }

    [Fact]
    public void Without_anything_certain_there_is_no_plan()
    {
        var table = Table(Processor(0, Unlisted));
        Assert.Equal((null, null), (table.Certain, table.Within));
        Assert.Empty(table.Plans);
    }

    [Theory]
    [InlineData(PartKind.Card, true)]
    [InlineData(PartKind.Board, true)]
    [InlineData(PartKind.Supply, false)]
    [InlineData(PartKind.Brick, false)]
    [InlineData(PartKind.Converter, false)]
    [InlineData(PartKind.Adapter, false)]
    [InlineData(PartKind.Lead, false)]
    [InlineData(PartKind.Lamp, false)]
    [InlineData(PartKind.Panel, false)]
    [InlineData(PartKind.Switch, false)]
    [InlineData(PartKind.PassThrough, false)]
    public void What_can_burn_is_never_a_gamble(PartKind kind, bool may)
        => Assert.Equal(may, Found(ForPart(kind)) is not null);

    [Theory]
    [InlineData("a processor", true)]
    [InlineData("Lithium cell, 3 in a row", false)]
    [InlineData("LiPo 3S", false)]
    [InlineData("Li-ion, flat", false)]
    [InlineData("two packs", false)]
    [InlineData("old accumulators", false)]
    [InlineData("mains lead", false)]
    [InlineData("mainstay", false)]
    [InlineData("drive_splitters", false)]
    [InlineData("Akku 18650", false)]
    [InlineData("library card", true)]
    public void Of_what_is_told_in_words_alone_the_words_are_asked_and_then_the_builder(string words, bool may)
    {
        var graft = Needing(($"other {words}", 1)).With((Offer("it", 4, Of($"other {words}")), 0));
        Assert.Equal(may, Found(graft.WithoutPower()) is not null);
        Assert.Null(Found(graft));
        Assert.Equal(may, GambleHazard.AsksBuilder(Need(graft), graft));
        Assert.False(GambleHazard.AsksBuilder(Need(graft), graft.WithoutPower()));
    }

    [Fact]
    public void What_the_builder_said_of_one_thing_holds_for_nothing_that_is_called_otherwise()
    {
        var said = ForPart(PartKind.Other);
        Assert.NotNull(Found(said));
        Assert.Null(Found(said.WithPart("thing", part => part with { Name = "another" })));
        Assert.Null(Found(said.WithPart("thing", part => part with { Name = "charger" }).WithoutPower()));
    }

    [Fact]
    public void What_gives_power_is_none_whatever_it_is_called()
    {
        Assert.Null(Found(ForPart(PartKind.Other) with { Supplies = [new Supply("out", "thing")] }));
        Assert.Null(Found(Nuts()));
    }

    private static Offer Unlisted => Offer("unlisted", 14, Of("other processor"));

    private static Offer Listed(string id, decimal price) => Offer(id, price, Of("other processor")) with { Fit = FitWord.MakersList };

    private static Graft Processor(int chosen, params Offer[] offers)
        => Needing(("other processor", 1)).WithoutPower().With([.. offers.Select((offer, at) => (offer, at == 0 ? chosen : 0))]);

    private static Graft ForPart(PartKind kind, Money? cost = null)
        => (Needing().With((Unlisted with { Contents = [Of("for part thing")] }, 0)) with
        {
            Parts = [new Part("thing", "thing", kind) { Origin = PartOrigin.ToBuy, Cost = cost }],
        }).WithoutPower();

    private static Graft Nuts() => Needing(("nut M3", 3)).With((Offer("nuts", 1, Of("nut M3", 10)), 0));

    private static GambleTry One(Offer offer) => Table(Processor(0, offer)) is var table ? table.Tries.FirstOrDefault() ?? table.Certain! : null!;

    private static GambleTable Table(Graft graft) => Found(graft)!;

    private static Need Need(Graft graft) => Review(graft).Basket.Value.Lines[0].Need;

    private static GambleTable? Found(Graft graft)
    {
        var review = Review(graft);
        return GambleTable.Of(graft, review.Basket.Value.Lines[0], review.Basket.Value, review.Money);
    }
}
