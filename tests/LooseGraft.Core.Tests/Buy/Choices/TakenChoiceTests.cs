using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Tests.Buy.Choices;

/// <summary>A choice that was taken, and what each thing costs the whole.</summary>
public sealed class TakenChoiceTests
{
    private static readonly Surroundings DeskBin = new(new DateOnly(2026, 12, 1),
    [
        new OwnedThing("terminals", "Terminals", BuyBench.Ware("terminal 2.00 mm"), 60) { PaidEach = new Money(0.1m) },
        new OwnedThing("nut-driver", "Nut driver", BuyBench.Ware("tool nut driver"), 1),
    ]);

    [Theory]
    [InlineData("lending-desk", false)]
    [InlineData("lending-desk", true)]
    [InlineData("weighbridge", false)]
    [InlineData("slide-projector", false)]
    [InlineData("ferry-radiogram", true)]
    public void A_graft_needs_what_was_said_costs_what_was_said_and_stands_so(string name, bool hasBin)
    {
        var demo = BuyBench.Demo(name);
        var around = hasBin ? DeskBin : Surroundings.None;
        var choice = BuyBench.Choices(demo, around);
        Assert.True(choice.IsWhole);
        Assert.All(choice.Sets, set =>
        {
            var taken = TakeChoice.Of("this", set).Apply(demo);
            var left = around.Bin.Select(thing => thing with { Free = thing.Free - TakenOf(set, thing) });
            var review = Core.Review.Of(taken).SeenFrom(around with { Bin = [.. left] });
            var basket = review.Buy.Basket.Value;
            Assert.Equal(set.Missing.Select(need => need.Key).Order(),
                basket.Lines.Where(line => line.State == NeedState.Open).Select(line => line.Need.Key).Order());
            Assert.Equal(set.Total, basket.Sacks.Aggregate(Money.Zero, (sum, sack) => sum + sack.InGraft!.Value));
            Assert.Equal(review.Buy.Money.Left, set.LeftOf(demo, Core.Review.Of(demo).SeenFrom(around).Buy.Money));
            // Weighed anew, what was taken is one of the choices still, and it stands.
            var again = GraftChoice.Of(review.Graft, review, new ReviewWork());
            Assert.Contains(again.Sets, each => each.IsStandingIn(taken) && each.Total == set.Total && each.Days == set.Days);
            Assert.Contains("Took the choice “this”", TakeChoice.Of("this", set).Words(demo), StringComparison.Ordinal);
        });
        Assert.Equal(hasBin && name == "lending-desk", choice.Sets.Any(set => !set.FromBin.IsEmpty));
    }

    [Fact]
    public void The_bin_keeps_what_is_bought_anyway()
    {
        // The kit is bought for its tie, and has nuts enough.
        var graft = BuyBench.Needing(("nut M3", 4), ("tie", 1)).With((BuyBench.Offer("kit", 1, BuyBench.Of("nut M3", 4), BuyBench.Of("tie")), 0));
        Assert.Empty(BuyBench.Choices(graft, BuyBench.Around).Cheapest!.FromBin);
        // With two nuts in it, the bin gives the other two.
        var small = BuyBench.Offer("kit", 1, BuyBench.Of("nut M3", 2), BuyBench.Of("tie")) with { Stock = 1 };
        var few = BuyBench.Needing(("nut M3", 4), ("tie", 1)).With((small, 0));
        Assert.Equal(2, BuyBench.Choices(few, BuyBench.Around).Cheapest!.FromBin.Single().Count);
    }

    [Fact]
    public void A_thing_for_two_needs_goes_where_the_other_source_does_not()
    {
        // Long screws serve the first need alone; the short one in the bin would serve both.
        var around = new Surroundings(null, [new OwnedThing("short", "Short screw", BuyBench.Ware("screw M3 6 mm"), 1)]);
        var graft = BuyBench.Needing(("screw M3 5–12 mm", 1), ("screw M3 5–7 mm", 1)).With((BuyBench.Offer("long", 1, BuyBench.Of("screw M3 10 mm")), 0));
        var set = BuyBench.Choices(graft, around).Cheapest!;
        Assert.Equal("own own-1", set.FromBin.Single().Need.Key);
        Assert.Empty(set.Missing);
    }

    [Fact]
    public void What_a_thing_costs_is_what_the_cheapest_falls_by_when_it_goes_postage_and_all()
    {
        // Without the tie a parcel of 3 goes as well; without the nuts, what they cost.
        var graft = BuyBench.Needing(("nut M3", 1), ("tie", 1), ("nut M4", 1)).WithSeller("other").With((BuyBench.Offer("nut", 2, BuyBench.Of("nut M3")), 0),
            (BuyBench.Offer("four", 1.5m, BuyBench.Of("nut M4")), 0), (BuyBench.Offer("tie", 0.5m, BuyBench.Of("tie")) with { Seller = "other" }, 0));
        graft = graft.WithBuying(buying => buying with { Sellers = [BuyBench.Shop(), BuyBench.Shop("other")] });
        Assert.Equal([("tie", new Money(3.5m), 1), ("nut M3", new Money(2), 0), ("nut M4", new Money(1.5m), 0)], PricesOf(graft));
    }

    [Theory]
    [InlineData("lending-desk")]
    [InlineData("weighbridge")]
    public void A_price_is_the_difference_of_two_graft_choices(string name)
    {
        var demo = BuyBench.Demo(name);
        var own = demo.WithBuying(buying => buying with
        {
            Rates = [.. buying.Rates, new ExchangeRate("GBP", 1.2m, new DateOnly(2026, 11, 30))],
            OwnNeeds = [new OwnNeed("ties", BuyBench.Ware("tie"), 3), new OwnNeed("driver", BuyBench.Ware("tool nut driver"), 1)],
        });
        var prices = PricesOf(own);
        Assert.All(own.Buying.OwnNeeds, need =>
        {
            var without = own.WithBuying(buying => buying with { OwnNeeds = buying.OwnNeeds.RemoveAll(each => each.Id == need.Id) });
            var saved = BuyBench.Choices(own).Cheapest!.Total.Amount - BuyBench.Choices(without).Cheapest!.Total.Amount;
            Assert.Equal(Math.Max(0, saved), prices.FirstOrDefault(price => price.Words == WareWords.Of(need.Ware)).Saved.Amount);
        });
    }

    [Fact]
    public void What_nobody_has_costs_nothing()
        => Assert.Equal([("tie", new Money(4), 1)],
            PricesOf(BuyBench.Needing(("nut M3", 1), ("tie", 1)).With((BuyBench.Offer("tie", 1, BuyBench.Of("tie")), 0))));

    [Fact]
    public void Prices_are_given_up_when_nobody_waits()
    {
        using var gone = new CancellationTokenSource();
        gone.Cancel();
        var review = Core.Review.Of(BuyBench.Demo("lending-desk"));
        Assert.Throws<OperationCanceledException>(() => ThingPrices.Of(review.Graft, review, new ReviewWork(gone.Token)));
    }

    private static int TakenOf(ChosenSet set, OwnedThing thing) => set.FromBin.Where(pick => pick.Thing.Entry == thing.Entry).Sum(pick => pick.Count);

    private static (string Words, Money Saved, int Parcels)[] PricesOf(Graft graft)
    {
        var review = Core.Review.Of(graft);
        var prices = ThingPrices.Of(review.Graft, review, new ReviewWork());
        Assert.Equal(0, prices.Unknown);
        return [.. prices.Prices.Select(price => (price.Words, price.Saved, price.Parcels))];
    }
}
