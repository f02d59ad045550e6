using System.Net;

namespace LooseGraft.Web.Tests;

/// <summary>Orders, from “I have ordered this” to what came, and what the bin and the shelf know of it.</summary>
public sealed class OrderPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    // Twelve nuts are needed, and two packs of ten chosen at 3.00 with a postage of 4.00.
    private async Task<(int Id, string Page, HttpClient Browser)> NutsAsync()
    {
        var nut = WareText.Read("nut M3")!;
        var graft = Graft.Empty("Nuts") with
        {
            Budget = new Money(50),
            Buying = Buying.Empty with
            {
                Sellers = [new Seller("shop", "Corner shop", "EUR") { Postage = new Money(4), Days = new DaySpan(2, 5) }],
                Offers = [new Offer("nuts", "shop", "Ten nuts", new Money(3)) { Contents = [new OfferContent(nut, 10)] }],
                Basket = [new BasketLine("nuts", 2)],
                OwnNeeds = [new OwnNeed("nuts", nut, 12)],
            },
        };
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        return (id, $"/graft/{id}/buy", host.Browser());
    }

    private static async Task<string> OrderedAsync(string page, HttpClient browser)
    {
        await browser.SubmitAsync(page, "Order", 1, ("seller", "shop"), ("number", "A 17"));
        var text = await BenchHost.TextAsync(await browser.GetAsync($"{page}/orders", Cancellation));
        return System.Text.RegularExpressions.Regex.Match(text, "name=\"order\" value=\"([^\"]+)\"").Groups[1].Value;
    }

    [Fact]
    public async Task An_order_is_promised_comes_in_two_parcels_and_what_is_left_over_lies_in_the_bin()
    {
        var (_, page, browser) = await NutsAsync();
        var order = await OrderedAsync(page, browser);
        var text = await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation));
        Assert.Contains("Orders (1 on the way)", text);
        Assert.Contains("on its way from Corner shop, here by ", text);
        Assert.Contains("10 EUR", text);
        await browser.SubmitAsync($"{page}/orders", "Arrive", 2, ("order", order), ("how", "counted"), ("right", "1"), ("wrong", "0"));
        await browser.SubmitAsync($"{page}/orders", "Arrive", 2, ("order", order), ("how", "all"));
        var rows = (await host.BinAsync(bin => bin.SearchAsync("ten nuts", Cancellation))).Rows;
        Assert.Equal((8, "nut M3", 0.30m), (rows[0].Item.Quantity, rows[0].Item.Ware, rows[0].Item.Paid));
        text = await BenchHost.TextAsync(await browser.GetAsync($"{page}/orders", Cancellation));
        Assert.Contains("nothing more is awaited", text);
        Assert.Contains("into the bin: 8 nut M3", text);
        // Sent once more, from a page that stood open elsewhere, nothing comes twice.
        var again = await browser.SubmitAsync($"{page}/orders", "Arrive", 2, ("order", order), ("how", "all"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, again.StatusCode);
        Assert.Equal(8, (await host.BinAsync(bin => bin.SearchAsync("ten nuts", Cancellation))).Rows[0].Item.Quantity);
    }

    [Fact]
    public async Task Undo_brings_back_what_was_chosen_and_the_order_stays_until_it_is_called_a_slip()
    {
        var (id, page, browser) = await NutsAsync();
        var order = await OrderedAsync(page, browser);
        await host.StoreAsync(store => store.UndoAsync(id, 2, Cancellation));
        Assert.Equal(2, Assert.Single((await host.GraftAsync(id)).Buying.Basket).Packs);
        Assert.Contains("nothing on the list asks for it", await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation)));
        await browser.SubmitAsync($"{page}/orders", "Slip", 3, ("order", order));
        var text = await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation));
        Assert.DoesNotContain("nothing on the list asks for it", text);
        Assert.DoesNotContain("on the way)", text);
    }

    [Fact]
    public async Task What_came_wrong_is_told_and_the_shelf_knows_what_was_given_back()
    {
        var (_, page, browser) = await NutsAsync();
        var order = await OrderedAsync(page, browser);
        Assert.Contains("40 EUR", await ShelfAsync(browser));
        await browser.SubmitAsync($"{page}/orders", "Arrive", 2, ("order", order), ("how", "counted"), ("right", "0"), ("wrong", "2"), ("back", "6"), ("note", "of brass"));
        var text = await BenchHost.TextAsync(await browser.GetAsync($"{page}/orders", Cancellation));
        Assert.Contains("2 packs of Ten nuts came wrong", text);
        Assert.Contains("6 EUR given back; of brass", text);
        Assert.Contains("46 EUR", await ShelfAsync(browser));
    }

    [Theory]
    [InlineData("right", "3", "3 came, and 2 packs are awaited")]
    [InlineData("right", "-1", "will not do")]
    [InlineData("right", "1e309", "will not do")]
    [InlineData("wrong", "", "Say how many packs came")]
    [InlineData("back", "10.01", "is more than the 10 EUR")]
    [InlineData("back", "-1", "is negative")]
    [InlineData("day", "2199-01-01", "is still to come")]
    [InlineData("day", "1999-01-01", "nothing of it came before")]
    [InlineData("day", "soon", "is no day")]
    public async Task What_cannot_be_gets_words_and_nothing_is_written_down(string field, string typed, string words)
    {
        var (_, page, browser) = await NutsAsync();
        var order = await OrderedAsync(page, browser);
        var answer = await browser.SubmitAsync($"{page}/orders", "Arrive", 2, ("order", order), ("how", "counted"), (field, typed));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, await BenchHost.TextAsync(answer));
        Assert.DoesNotContain("packs right", await BenchHost.TextAsync(await browser.GetAsync($"{page}/orders", Cancellation)));
    }

    // A record is never changed again: one that could not be read back would close the graft for good.
    [Fact]
    public async Task What_no_record_can_hold_is_refused_with_words_and_the_graft_stays_open()
    {
        var (_, page, browser) = await NutsAsync();
        await browser.SubmitAsync(page, "Choose", 1, ("offer", "nuts"), ("packs", "2000"));
        await browser.SubmitAsync(page, "Order", 2, ("seller", "shop"));
        var text = await BenchHost.TextAsync(await browser.GetAsync($"{page}/orders", Cancellation));
        var order = System.Text.RegularExpressions.Regex.Match(text, "name=\"order\" value=\"([^\"]+)\"").Groups[1].Value;
        var answer = await browser.SubmitAsync($"{page}/orders", "Arrive", 3, ("order", order), ("how", "all"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("19988 will not do", await BenchHost.TextAsync(answer));
        Assert.Equal(HttpStatusCode.OK, (await browser.GetAsync($"{page}/orders", Cancellation)).StatusCode);
        Assert.Empty((await host.BinAsync(bin => bin.SearchAsync("ten nuts 19988", Cancellation))).Rows);
    }

    [Fact]
    public async Task Of_a_seller_without_a_rate_nothing_is_ordered()
    {
        var (id, page, browser) = await NutsAsync();
        await host.StoreAsync(store => store.ChangeAsync(id, 1, new Core.Buy.Edits.PutSeller(new Seller("shop", "Corner shop", "USD")), Cancellation));
        var answer = await browser.SubmitAsync(page, "Order", 2, ("seller", "shop"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("Say first what 1 USD is worth in EUR", await BenchHost.TextAsync(answer));
        Assert.Single((await host.GraftAsync(id)).Buying.Basket);
    }

    [Fact]
    public async Task The_practice_market_comes_in_by_a_press_and_is_said_anew_by_another()
    {
        var (id, page, browser) = await NutsAsync();
        await browser.SubmitAsync($"{page}/offers", "Market", 1);
        var market = (await host.GraftAsync(id)).Buying;
        Assert.Equal((5, 58), (market.Sellers.Length, market.Offers.Length));
        // Pressed again on the same day it has the same.
        await browser.SubmitAsync($"{page}/offers", "Market", 2);
        Assert.Equal(market, (await host.GraftAsync(id)).Buying);
        Assert.Contains("M3 nuts, twenty", await BenchHost.TextAsync(await browser.GetAsync($"{page}/offers", Cancellation)));
    }

    private static async Task<string> ShelfAsync(HttpClient browser) => await BenchHost.TextAsync(await browser.GetAsync("/", Cancellation));
}
