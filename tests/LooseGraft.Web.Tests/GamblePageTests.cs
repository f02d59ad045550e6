using System.Net;

namespace LooseGraft.Web.Tests;

/// <summary>What may not do against what does, on its page.</summary>
public sealed class GamblePageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private const string Page = "buy/gambles?want=for%20part%20processor";

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task The_weighbridges_processor_is_worked_out_with_the_chance_at_which_it_is_even()
    {
        var text = await TextAsync($"/graft/1/{Page}");
        // 18.90 + 0.4 × (28.50 + 0.65 × (48.50 − 19.50) − 9.60), 9.30 and 9 are lost at worst, and all three are 95.90.
        Assert.Contains("Try Four-core of the next family first, then Four-core out of a server. If none of them does do, buy Four-core from the board's own list. "
            + "That costs 34 EUR on average instead of 48.50 EUR, and at worst 66.80 EUR, with 95.90 EUR laid out before anything comes back.", text);
        // 1 − (48.50 − 18.90) ÷ (48.50 − 9.60), and 1 − 20 ÷ 29.
        Assert.Contains("does at 60 %, pays from 23.9 % on; if it does not, 9.60 EUR come back", text);
        Assert.Contains("does at 35 %, pays from 31 % on; if it does not, 19.50 EUR come back", text);
        Assert.Contains("34.46 EUR", text);
        Assert.Contains("in 26 % of all cases", text);
        Assert.Contains("The parcel of Harbour swap table is not counted in it", text);
    }

    [Fact]
    public async Task What_the_builder_knows_better_counts_and_what_is_no_chance_is_refused_where_it_was_typed()
    {
        var (page, browser) = ($"/graft/{await CopyAsync()}/{Page}", host.Browser());
        await browser.SubmitAsync(page, "Odds", 1, ("offer", "next-family"), ("chance", "20 %"), ("resale", "60"));
        var text = await TextAsync(page);
        Assert.Contains("you say: does at 20 %", text);
        Assert.Contains("Try Four-core out of a server first.", text.Replace(" If it does not", "", StringComparison.Ordinal));
        foreach (var wrong in new[] { "101", "-3", "NaN", "1e309", "half" })
        {
            var answer = await browser.SubmitAsync(page, "Odds", 2, ("offer", "next-family"), ("chance", wrong), ("resale", "60"));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
            text = await BenchHost.TextAsync(answer);
            Assert.Contains($"“{wrong}” will not do. Type how likely it does as a whole number from 0 to 100, or nothing.", text);
            Assert.Contains($"value=\"{wrong}\"", text);
        }

        Assert.Contains("you say: does at 20 %", await TextAsync(page));
    }

    [Fact]
    public async Task The_first_of_a_plan_goes_into_the_basket_in_place_of_the_others()
    {
        var id = await CopyAsync();
        var (page, browser) = ($"/graft/{id}/{Page}", host.Browser());
        await browser.SubmitAsync(page, "Take", 1, ("offer", "listed-four-core"));
        Assert.Equal(["card", "listed-four-core"], (await host.GraftAsync(id)).Buying.Basket.Select(line => line.Offer));
        await browser.SubmitAsync(page, "Take", 2, ("offer", "next-family"));
        Assert.Equal(["card", "next-family"], (await host.GraftAsync(id)).Buying.Basket.Select(line => line.Offer));
        Assert.Contains("Four-core of the next family is in the", await TextAsync(page));
        await host.StoreAsync(store => store.UndoAsync(id, 3, Cancellation));
        Assert.Equal(["card", "listed-four-core"], (await host.GraftAsync(id)).Buying.Basket.Select(line => line.Offer));
        var refused = await browser.SubmitAsync(page, "Take", 4, ("offer", "card"));
        Assert.Contains("That is not needed or offered any more", await BenchHost.TextAsync(refused));
    }

    [Fact]
    public async Task What_the_budget_could_not_pay_to_the_end_is_told_and_not_advised()
    {
        var id = await CopyAsync(buying => buying with { Rates = [new ExchangeRate("GBP", 1.15m, new DateOnly(2026, 11, 24))] });
        // 220 less 19 and 37 for parts, and less 94 × 1.15.
        var text = await TextAsync($"/graft/{id}/{Page}");
        Assert.Contains("Buy Four-core from the board's own list at once, 48.50 EUR.", text);
        Assert.Contains("95.90 EUR have to be laid out, and the budget leaves 55.90 EUR.", text);
        Assert.Contains("beyond the budget at worst", text);
        await host.Browser().SubmitAsync($"/graft/{id}/{Page}", "Take", 1, ("offer", "next-family"));
        Assert.Contains("Four-core of the next family may not do. With Four-core from the board's own list of Pallet Corner after it, 67.40 EUR would have to be laid out, and the budget leaves 55.90 EUR for both.",
            await TextAsync($"/graft/{id}/buy"));
    }

    [Fact]
    public async Task What_is_called_the_same_is_told_by_its_seller()
    {
        var id = await CopyAsync(buying => buying with
        {
            Offers = [.. buying.Offers.Select(offer => offer.Id is "listed-four-core" or "next-family" ? offer with { What = "Four-core" } : offer)],
        });
        var text = await TextAsync($"/graft/{id}/{Page}");
        Assert.Contains("Try Four-core of A stranger, second hand first, then Four-core out of a server. If none of them does do, buy Four-core of Pallet Corner.", text);
    }

    [Fact]
    public async Task Where_something_could_burn_no_odds_are_named()
    {
        var text = await TextAsync("/graft/3/buy/gambles");
        Assert.Contains("Nothing is offered that may or may not do", text);
        Assert.Contains("Not gambled on, because what feeds, holds or carries power can burn: ", text);
        Assert.DoesNotContain("on average", text);
        text = await TextAsync("/graft/3/buy/gambles?want=for%20joint%20main-power");
        Assert.Contains("That could burn: it is proven, not gambled on.", text);
        Assert.Contains("For that, nothing is offered any more", await TextAsync("/graft/1/buy/gambles?want=nothing"));
    }

    [Fact]
    public async Task Of_what_is_told_in_words_alone_the_builder_is_asked_whether_power_hangs_on_it()
    {
        var id = await CopyAsync(buying => buying with { NoPower = [] });
        var (page, browser) = ($"/graft/{id}/{Page}", host.Browser());
        var text = await TextAsync(page);
        Assert.Contains("does anything of it feed, hold or carry power", text);
        Assert.DoesNotContain("on average", text);
        Assert.DoesNotContain("Nothing is offered", text);
        await browser.SubmitAsync(page, "NoPower", 1, ("key", "for part processor"), ("so", "true"));
        text = await TextAsync(page);
        Assert.Contains("You said that nothing of it feeds, holds or carries power.", text);
        Assert.Contains("34 EUR on average", text);
        await host.StoreAsync(store => store.UndoAsync(id, 2, Cancellation));
        Assert.DoesNotContain("on average", await TextAsync(page));
        await host.StoreAsync(store => store.RedoAsync(id, 3, Cancellation));
        await browser.SubmitAsync(page, "NoPower", 4, ("key", "for part processor"), ("so", "false"));
        Assert.Empty((await host.GraftAsync(id)).Buying.NoPower);
        var refused = await browser.SubmitAsync(page, "NoPower", 5, ("key", "for part none"), ("so", "true"));
        Assert.Contains("That is not needed or offered any more", await BenchHost.TextAsync(refused));
    }

    [Fact]
    public async Task A_change_of_an_offer_or_a_seller_keeps_the_odds()
    {
        var (id, browser) = (await CopyAsync(), host.Browser());
        await browser.SubmitAsync($"/graft/{id}/buy/offers?offer=next-family", "Offer", 1, ("at", "next-family"), ("of", "A stranger, second hand"),
            ("what", "Next family"), ("price", "15"), ("contents", "for part processor"), ("fit", "SomeonesReport"));
        await browser.SubmitAsync($"/graft/{id}/buy/offers?seller=pallet", "Seller", 2, ("at", "pallet"), ("name", "Pallet Corner"), ("postage", "4.50"), ("back", "yes"), ("sending", "6"));
        var buying = (await host.GraftAsync(id)).Buying;
        Assert.Equal((new Money(15), 60), (buying.FindOffer("next-family")!.Price, buying.FindOffer("next-family")!.ResalePercent));
        // 24 less 6.
        Assert.Contains("if it does not, 18 EUR come back", await TextAsync($"/graft/{id}/{Page}"));
    }

    private async Task<int> CopyAsync(Func<Buying, Buying>? change = null)
    {
        var graft = await host.GraftAsync(1);
        return await host.StoreAsync(store => store.AddAsync(graft with { Buying = (change ?? (same => same))(graft.Buying) }, Cancellation));
    }

    private async Task<string> TextAsync(string page) => await BenchHost.TextAsync(await host.Browser().GetAsync(page, Cancellation));
}
