using LooseGraft.Core.Buy.Needs;
using static LooseGraft.Core.Tests.Buy.BuyBench;

namespace LooseGraft.Core.Tests.Buy;

/// <summary>What is chosen for what, seller by seller, and what it comes to.</summary>
public sealed class BasketTests
{
    [Fact]
    public void A_kit_meets_several_needs_and_what_is_over_is_told()
    {
        var review = Review(Needing(("nut M3", 3), ("screw M3 6 mm", 2)).With((Offer("kit", 4, Of("nut M3", 4), Of("screw M3 6 mm", 2)), 1)));
        Assert.All(review.Basket.Value.Lines, line => Assert.Equal(NeedState.Chosen, line.State));
        var line = Assert.Single(Assert.Single(review.Basket.Value.Sacks).Lines);
        Assert.Equal([Of("nut M3", 1)], line.Over);
        Assert.Equal(2, line.Gifts.Length);
    }

    [Fact]
    public void A_need_takes_packs_of_several_offers_and_the_rest_stays_open()
    {
        var review = Review(Needing(("nut M3", 10)).With((Offer("few", 1, Of("nut M3", 3)), 2), (Offer("one", 1, Of("nut M3")), 1)));
        var line = Assert.Single(review.Basket.Value.Lines);
        Assert.Equal((NeedState.Open, 3), (line.State, line.Open));
        Assert.Equal([6, 1], line.Chosen.Select(gift => gift.Count));
    }

    [Fact]
    public void What_the_bin_gives_is_not_bought_and_what_is_marked_is_not_needed()
    {
        var graft = Needing(("nut M3", 5), ("tie", 2)).With((Offer("nuts", 1, Of("nut M3", 10)), 1)).WithBuying(buying => buying with
        {
            FromBin = [new BinTake("own own-0", "Spare nuts", new BinClaim("spare-nuts", 5)) { Cost = new Money(0.5m) }],
            Marks = [new NeedMark("own own-1", NeedMarking.LeftOut, "no room")],
        });
        var review = Review(graft);
        Assert.Equal([NeedState.FromBin, NeedState.LeftOut], review.Basket.Value.Lines.Select(line => line.State));
        Assert.Equal(new Money(0.5m), review.Money.Spent);
        Assert.Contains(review.Findings, finding => finding.Rule.Code == "BUY-010");
    }

    [Theory]
    [InlineData(24.99, 3)]
    [InlineData(25, 0)]
    public void Postage_is_free_from_the_worth_on_that_the_seller_names(double price, double postage)
    {
        var graft = Needing(("nut M3", 3)).With((Offer("nuts", (decimal)price, Of("nut M3", 3)), 1)).Shop(shop => shop with { FreeFrom = new Money(25) });
        Assert.Equal(new Money((decimal)postage), Assert.Single(Review(graft).Basket.Value.Sacks).Postage);
    }

    [Fact]
    public void Tax_and_rate_are_reckoned_to_the_cent_half_a_cent_up()
    {
        // (1.05 + 3.00) × 1.1 % = 0.04455 → 0.04; 4.09 × 1.5 = 6.135 → 6.14.
        var graft = Needing(("nut M3", 3)).With((Offer("nuts", 1.05m, Of("nut M3", 3)), 1)).Shop(shop => shop with { Currency = "USD", TaxPercent = 1.1m })
            .WithBuying(buying => buying with { Rates = [new ExchangeRate("USD", 1.5m, new DateOnly(2026, 11, 1))] });
        var sack = Assert.Single(Review(graft).Basket.Value.Sacks);
        Assert.Equal((new Money(0.04m), new Money(4.09m), (Money?)new Money(6.14m)), (sack.Tax, sack.Total, sack.InGraft));
        Assert.Equal(new Money(50 - 6.14m), Review(graft).Left);
    }

    [Fact]
    public void A_part_with_an_offer_costs_what_the_offer_says_and_not_what_was_written_down()
    {
        var graft = Needing() with { Parts = [new Part("card", "card", PartKind.Card) { Origin = PartOrigin.ToBuy, Cost = new Money(20) }] };
        Assert.Equal((new Money(20), Money.Zero), (Review(graft).Money.Planned, Review(graft).Money.Chosen));
        var offered = graft.With((Offer("card", 12, Of("for part card")), 1));
        Assert.Equal((Money.Zero, new Money(15)), (Review(offered).Money.Planned, Review(offered).Money.Chosen));
    }

    [Fact]
    public void Before_anything_is_chosen_no_rule_speaks_and_all_the_same_the_needs_are_known()
    {
        var review = Core.Review.Of(ThroughAdapter()).Buy;
        Assert.Empty(review.Findings);
        Assert.Equal("for joint joint", Assert.Single(review.Basket.Value.Lines, line => line.Need.GoBetween is not null).Need.Key);
    }

    [Fact]
    public void A_later_day_and_another_bin_are_looked_at_anew_and_nothing_else_is()
    {
        var review = Core.Review.Of(Needing(("nut M3", 3)).With((Offer("nuts", 1, Of("nut M3", 10)), 1)));
        Assert.DoesNotContain(review.Findings, finding => finding.Rule.Code is "BUY-003" or "BUY-006");
        var seen = review.SeenFrom(Around);
        Assert.Contains(seen.Findings, finding => finding.Rule.Code == "BUY-006");
        Assert.Same(seen, review.SeenFrom(Around));
        Assert.Same(review.Wire, seen.Wire);
        Assert.Contains(review.SeenFrom(Around with { Today = new DateOnly(2027, 1, 1), Bin = [] }).Findings, finding => finding.Rule.Code == "BUY-003");
    }
}
