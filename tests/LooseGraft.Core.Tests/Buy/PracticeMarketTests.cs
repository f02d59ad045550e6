using CsCheck;
using LooseGraft.Core.Buy.Edits;

namespace LooseGraft.Core.Tests.Buy;

/// <summary>The practice market: the same seed and day have the same, prices stay near what is usual, shelves run out and are filled.</summary>
public sealed class PracticeMarketTests
{
    private static readonly DateOnly Day = new(2026, 12, 1);

    [Fact]
    public void The_same_seed_and_day_have_the_same_and_another_seed_has_something_else()
    {
        Assert.Equal(PracticeMarket.On(1, Day), PracticeMarket.On(1, Day));
        Assert.NotEqual(PracticeMarket.On(1, Day).Offers, PracticeMarket.On(2, Day).Offers);
        // Kept as it was drawn once: a market that changes with the platform would change every example that rests on it.
        Assert.Equal(new Money(4.01m), PracticeMarket.On(1, Day).Offers[0].Price);
    }

    [Fact]
    public void Prices_move_and_stay_within_three_tenths_of_what_is_usual() => Gen.Select(Gen.Int[0, 10_000], Gen.Int[0, 5000]).Hold((seed, days) =>
    {
        var day = Day.AddDays(days);
        var (now, later) = (PracticeMarket.On(seed, day), PracticeMarket.On(seed, day.AddDays(7)));
        Assert.NotEqual(now.Offers.Select(offer => offer.Price), later.Offers.Select(offer => offer.Price));
        Assert.All(now.Offers.Zip(PracticeMarket.Catalogue.Offers), pair =>
        {
            Assert.InRange(pair.First.Price.Amount, (pair.Second.Price.Amount * 0.72m) - 0.01m, (pair.Second.Price.Amount * 1.28m) + 0.01m);
            Assert.InRange(pair.First.Stock!.Value, 0, pair.Second.Stock!.Value);
        });
    }, iter: 200);

    [Fact]
    public void What_there_is_one_of_is_sold_and_comes_again()
    {
        var only = PracticeMarket.Catalogue.Offers.First(offer => offer.Stock == 1).Id;
        var year = Enumerable.Range(0, 52).Select(week => PracticeMarket.On(3, Day.AddDays(7 * week)));
        var stocks = year.Select(market => market.Offers.Single(offer => offer.Id == only).Stock).ToArray();
        Assert.Contains(0, stocks);
        Assert.Contains(1, stocks[Array.IndexOf(stocks, 0)..]);
    }

    [Fact]
    public void Everything_it_has_is_something_that_costs_about_that()
        => Assert.All(PracticeMarket.Catalogue.Offers, offer =>
        {
            Assert.NotEmpty(offer.Contents);
            if (offer.Contents is [var only] && only.Ware.Price is { } usual)
                Assert.InRange(offer.Price.Amount / only.Count, usual.Low / 5, usual.High * 5);
        });

    [Fact]
    public void Looked_at_again_it_says_prices_anew_and_what_was_chosen_stays_chosen()
    {
        var first = Bring(Graft.Empty("test"), Day);
        var chosen = new ChooseOffer(first.Buying.Offers[0].Id, 1).Apply(first);
        var again = Bring(chosen, Day.AddDays(14));
        Assert.Equal(first.Buying.Offers.Length, again.Buying.Offers.Length);
        Assert.Equal(Day.AddDays(14), again.Buying.Offers[0].SeenOn);
        Assert.Single(again.Buying.Basket);
    }

    private static Graft Bring(Graft graft, DateOnly day)
        => PracticeMarket.On(1, day) is var sheet ? new BringOffers(sheet.Sellers, sheet.Offers) { AreKnownById = true }.Apply(graft) : graft;
}
