using System.Net;

namespace LooseGraft.Web.Tests;

/// <summary>What a graft is worth, on its page.</summary>
public sealed class WorthPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task The_lending_desk_is_weighed_against_what_could_be_had_instead_and_says_what_would_turn_it()
    {
        var text = await TextAsync("/graft/3/buy/worth");
        // 35.72 chosen less 6 of left-overs are 29.72 to pay; the tower is 95 − 25; 40.28 over four hours.
        Assert.Contains("Going on saves 40.28 EUR and takes 4 h more: worth it while an hour is worth less than 10.07 EUR to you.", text);
        // 29.72 + 25.
        Assert.Contains("Leaving it saves 54.72 EUR and 5.5 h from here on, and gives nothing.", text);
        // 38.80 are gone: (74.52 − 6 + 6.50) ÷ 0.92, with 46 for the hours; 140 − 11.20 − 6.50 − 74.52 + 6, and over 11.5 h.
        Assert.Contains("Below 81.54 EUR it costs you money to sell it; from 131.54 EUR on your hours are paid as well. At 140 EUR 53.78 EUR are left, 4.68 EUR for each hour.", text);
        Assert.Contains("Where 140 EUR and 6 EUR of left-overs go", text);
        Assert.Contains("Adapter 24 to 10", text);
    }

    [Fact]
    public async Task From_nothing_each_figure_is_typed_and_the_words_follow()
    {
        using var bare = BenchHost.On(null, ("DEMO", "none"));
        var board = new Part("board", "The board", PartKind.Board) { Cost = new Money(30) };
        var id = await bare.StoreAsync(store => store.AddAsync(Graft.Empty("bare") with { Parts = [board] }, Cancellation));
        var (page, browser) = ($"/graft/{id}/buy/worth", bare.Browser());
        var text = await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation));
        Assert.Contains("Write down what could be had instead", text);
        Assert.Contains("To give away it costs you 30 EUR. Below 30 EUR it costs you money to sell it.", text);
        await browser.SubmitAsync(page, "Way", 1, ("called", "A finished one"), ("price", "45"), ("hours", "0,5"), ("gives", "a warranty"));
        await browser.SubmitAsync(page, "Hours", 2, ("done", "2"), ("coming", "3.5 h"), ("rate", "20"), ("stands", "12"));
        text = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Prices", 3, ("hoped", "70"), ("fee", "10 %"), ("handing", "")));
        // 3.5 × 20 = 70 against 45 − 12 + 10 = 43; 33 for three hours.
        Assert.Contains("By the money alone take “A finished one”: with an hour at 20 EUR, it comes 27 EUR cheaper from here on than going on.", text);
        Assert.Contains("Going on saves 33 EUR and takes 3 h more: worth it while an hour is worth less than 11 EUR to you.", text);
        Assert.Contains("Below 33.33 EUR it costs you money to sell it; from 155.56 EUR on your hours are paid as well. At 70 EUR 33 EUR are left, 6 EUR for each hour.", text);
        await browser.SubmitAsync(page, "Way", 4, ("at", "a-finished-one"), ("called", "A finished one"), ("price", "90"));
        await browser.SubmitAsync(page, "LeftOver", 5, ("what", "old case"), ("fetches", "3"));
        var worth = (await bare.GraftAsync(id)).Buying.Worth;
        Assert.Equal((new Money(90), "old case", new Money(3)), (worth.OtherWays[0].Price, worth.LeftOvers[0].Name, worth.LeftOvers[0].Fetches));
        await browser.SubmitAsync(page, "RemoveLeftOver", 6, ("at", "old-case"));
        await browser.SubmitAsync(page, "RemoveWay", 7, ("at", "a-finished-one"));
        Assert.Equal((0, 0), ((await bare.GraftAsync(id)).Buying.Worth is var after ? after.OtherWays.Length : 9, after.LeftOvers.Length));
    }

    [Theory]
    [InlineData("Hours", "coming", "-2")]
    [InlineData("Hours", "done", "10000.01")]
    [InlineData("Hours", "rate", "1e309")]
    [InlineData("Prices", "fee", "100.1")]
    [InlineData("Prices", "hoped", "NaN")]
    [InlineData("Way", "price", "-1")]
    [InlineData("LeftOver", "fetches", "much")]
    public async Task What_is_no_figure_is_refused_where_it_was_typed(string handler, string field, string typed)
    {
        var answer = await host.Browser().SubmitAsync("/graft/3/buy/worth", handler, 1, ("called", "x"), ("what", "x"), (field, typed));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var text = await BenchHost.TextAsync(answer);
        Assert.Contains($"“{typed}”", text);
        Assert.Contains($"name=\"{field}\"", text);
        Assert.Contains($"value=\"{typed}\"", text);
    }

    private async Task<string> TextAsync(string page) => await BenchHost.TextAsync(await host.Browser().GetAsync(page, Cancellation));
}
