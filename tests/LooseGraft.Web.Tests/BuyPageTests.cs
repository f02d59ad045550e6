using System.Net;

namespace LooseGraft.Web.Tests;

/// <summary>Buy, from what is needed to what is chosen.</summary>
public sealed class BuyPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    private async Task<(int Id, string Page, HttpClient Browser)> DeskAsync()
    {
        var desk = await host.GraftAsync(3);
        var id = await host.StoreAsync(store => store.AddAsync(desk with { Buying = Buying.Empty }, Cancellation));
        return (id, $"/graft/{id}/buy", host.Browser());
    }

    [Fact]
    public async Task What_is_needed_is_shown_before_anything_is_typed_with_who_asks_for_it()
    {
        var (id, page, browser) = await DeskAsync();
        var text = await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation));
        Assert.Contains("Go-between for main plug on main power", text);
        Assert.Contains($"/graft/{id}/wire?joint=main-power", text);
        Assert.Contains("</span> free: 2.00 mm terminals", text);
        Assert.DoesNotContain("BUY-", text);
    }

    [Fact]
    public async Task What_is_taken_from_the_bin_is_promised_and_free_again_when_it_stays_there()
    {
        var (id, page, browser) = await DeskAsync();
        await browser.SubmitAsync(page, "Take", 1, ("key", "terminal 2.00 mm"), ("entry", "2-00-mm-terminals"));
        Assert.Equal(4, Assert.Single((await host.GraftAsync(id)).Buying.FromBin).Claim.Count);
        Assert.Equal(56, await FreeAsync("terminals 2.00"));
        await browser.SubmitAsync(page, "Return", 2, ("key", "terminal 2.00 mm"), ("entry", "2-00-mm-terminals"));
        Assert.Equal(60, await FreeAsync("terminals 2.00"));
        await host.StoreAsync(store => store.UndoAsync(id, 3, Cancellation));
        Assert.Equal(56, await FreeAsync("terminals 2.00"));
    }

    [Fact]
    public async Task A_part_to_buy_that_the_bin_has_comes_from_there()
    {
        var part = Core.Stock.TemplatePart.MakePart(PartTemplate.Find("adapter-drive")!, "go", "To the drive");
        part = part with { Origin = PartOrigin.ToBuy, Cost = new Money(9) };
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("one") with { Parts = [part] }, Cancellation));
        var entry = (await host.BinAsync(bin => bin.SearchAsync("peripheral drive adapter", Cancellation))).Rows[0].Key;
        await host.Browser().SubmitAsync($"/graft/{id}/buy", "Take", 1, ("key", "for part go"), ("entry", entry));
        var taken = (await host.GraftAsync(id)).Parts[0];
        Assert.Equal((PartOrigin.Bin, new Money(3.90m)), (taken.Origin, taken.Cost));
        Assert.NotNull(taken.Bin);
    }

    [Fact]
    public async Task An_offer_is_written_down_with_its_seller_chosen_and_summed()
    {
        var (id, page, browser) = await DeskAsync();
        await browser.SubmitAsync($"{page}/offers", "Offer", 1, ("of", "Corner shop"), ("what", "Terminals"), ("price", "2,40"),
            ("contents", "25 × terminal 2.00 mm"), ("condition", "New"), ("fit", "SellersWord"), ("seen", "2026-11-20"));
        await browser.SubmitAsync($"{page}/offers", "Seller", 2, ("at", "corner-shop"), ("name", "Corner shop"), ("currency", "EUR"), ("postage", "3.90"),
            ("freeFrom", "25"), ("daysFrom", "2"), ("daysTo", "4"), ("back", "yes"));
        await browser.SubmitAsync(page, "Choose", 3, ("offer", "terminals"), ("packs", "1"));
        var text = await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation));
        Assert.Contains("6.30 EUR", text);
        Assert.Contains("left over for the bin: 21 terminal 2.00 mm", text);
        var list = await BenchHost.TextAsync(await browser.GetAsync($"{page}/list", Cancellation));
        Assert.Contains("- 1 pack of Terminals, 2.40 EUR each", list);
        var table = await browser.GetStringAsync($"{page}/list.csv", Cancellation);
        Assert.StartsWith("seller,count,what,for,price,currency\r\nCorner shop,1,Terminals,terminal 2.00 mm,2.40,EUR\r\nCorner shop,1,postage and tax,,3.90,EUR", table);
    }

    [Theory]
    [InlineData("Offer", "price", "-3", "is negative")]
    [InlineData("Offer", "price", "1e309", "is not an amount")]
    [InlineData("Offer", "price", "", "Type what a pack costs")]
    [InlineData("Offer", "contents", "a bolt", "says no sort of thing")]
    [InlineData("Offer", "stock", "-1", "will not do")]
    [InlineData("Offer", "of", "", "Write who offers it")]
    [InlineData("Rate", "code", "EUR", "the graft's own currency")]
    [InlineData("Rate", "code", "dollars", "is no currency code")]
    [InlineData("Rate", "worth", "0", "worth nothing")]
    [InlineData("Rate", "worth", "NaN", "will not do")]
    [InlineData("Seller", "daysTo", "1", "the more stands last")]
    [InlineData("Seller", "name", "", "Give the seller a name")]
    public async Task What_will_not_do_is_told_and_nothing_is_kept(string handler, string field, string typed, string said)
    {
        var (id, page, browser) = await DeskAsync();
        var fields = new Dictionary<string, string>
        {
            ["of"] = "Corner shop",
            ["what"] = "Nuts",
            ["price"] = "2",
            ["contents"] = "nut M3",
            ["code"] = "USD",
            ["worth"] = "0.9",
            ["name"] = "Shop",
            ["currency"] = "EUR",
            ["daysFrom"] = "2",
            ["daysTo"] = "4",
            [field] = typed,
        };
        var answer = await browser.SubmitAsync($"{page}/offers", handler, 1, [.. fields.Select(pair => (pair.Key, pair.Value))]);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(said, await BenchHost.TextAsync(answer));
        Assert.Equal(Buying.Empty, (await host.GraftAsync(id)).Buying);
    }

    [Fact]
    public async Task What_is_left_out_wants_a_reason_and_keeps_it()
    {
        var (id, page, browser) = await DeskAsync();
        var refused = await browser.SubmitAsync(page, "Mark", 1, ("key", "tool meter"), ("said", "left-out"));
        Assert.Contains("Say why it is left out", await BenchHost.TextAsync(refused));
        await browser.SubmitAsync(page, "Mark", 1, ("key", "tool meter"), ("said", "left-out"), ("reason", "borrowed"));
        Assert.Equal("borrowed", Assert.Single((await host.GraftAsync(id)).Buying.Marks).Reason);
        await browser.SubmitAsync(page, "Mark", 2, ("key", "tool meter"), ("said", "needed"));
        Assert.Empty((await host.GraftAsync(id)).Buying.Marks);
    }

    [Fact]
    public async Task A_table_is_pasted_and_what_is_wrong_in_it_is_told_line_by_line()
    {
        var (id, page, browser) = await DeskAsync();
        var wrong = await browser.SubmitAsync($"{page}/offers", "Bring", 1, ("pasted", "seller,what,price\nShop,Nuts,two"));
        Assert.Contains("Line 2: the price “two” is not an amount", await BenchHost.TextAsync(wrong));
        await browser.SubmitAsync($"{page}/offers", "Bring", 1, ("pasted", "seller;what;price;contents\nShop;Nuts;2,50;10 × nut M3"));
        Assert.Equal(new Money(2.5m), Assert.Single((await host.GraftAsync(id)).Buying.Offers).Price);
    }

    private async Task<int> FreeAsync(string words) => (await host.BinAsync(bin => bin.SearchAsync(words, Cancellation))).Rows[0].Free;
}
