using System.Net;
using System.Text.RegularExpressions;
using LooseGraft.Web.Instruments;

namespace LooseGraft.Web.Tests;

/// <summary>A meter at the wall that is watched, and figures that are taken over from its readings.</summary>
public sealed partial class WallWatchTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task What_was_watched_becomes_a_log_and_the_supply_behind_it_is_remembered()
    {
        var (id, feed, browser) = await host.WeighbridgeAsync();
        var page = feed + "/wall";
        await browser.SubmitAsync(feed, "AddSupply", 1, ("name", "Brick"), ("rails", "+12 V 3"), ("total", "36"));
        var brick = (await host.GraftAsync(id)).Supplies[^1].Id;
        await BenchHost.SendAsync(browser, page, page + "?handler=Watch", ("meter", "practice-wall"), ("behind", brick));
        Assert.Contains("20 samples", await TextAsync(browser, page));
        var live = await TextAsync(browser, page + "?handler=Live");
        Assert.Contains("40 samples", live);
        Assert.DoesNotContain("<main", live);
        for (var look = 0; look < 10; look++) live = await TextAsync(browser, page + "?handler=Live");
        // It plays four minutes and asks no more.
        Assert.Contains("240 samples", live);
        Assert.Contains("It has come to its end.", live);
        Assert.DoesNotContain("hx-trigger", live);
        var stopped = await BenchHost.TextAsync(await BenchHost.SendAsync(browser, page, page + "?handler=Stop", ("keep", "true")));
        Assert.Contains("240 samples", stopped);
        Assert.Contains($"<option value=\"{brick}\" selected=\"selected\">", stopped);
        Assert.DoesNotContain("Throw it away", await TextAsync(browser, page));
        Assert.Contains("Nothing is watched any more.", await TextAsync(browser, page + "?handler=Live"));
    }

    [Fact]
    public async Task What_is_thrown_away_leaves_nothing()
    {
        var (_, feed, browser) = await host.WeighbridgeAsync();
        var page = feed + "/wall";
        await BenchHost.SendAsync(browser, page, page + "?handler=Watch", ("meter", "practice-wall"));
        var stopped = await BenchHost.SendAsync(browser, page, page + "?handler=Stop");
        Assert.DoesNotContain("In the window", await BenchHost.TextAsync(stopped));
    }

    [Theory]
    [InlineData("none", "That instrument is not there, or is turned off.")]
    [InlineData("off", "That instrument is not there, or is turned off.")]
    [InlineData("on", "Plug meter at 127.0.0.1:9 cannot be reached.")]
    public async Task A_meter_on_the_network_is_read_only_when_it_is_on_and_told_in_words_when_it_is_silent(string which, string words)
    {
        var (_, feed, browser) = await host.WeighbridgeAsync();
        var page = feed + "/wall";
        await BenchHost.SendAsync(browser, "/meters", "/meters?handler=Add", ("name", "Plug meter"), ("address", "127.0.0.1:9"));
        var key = MeterKey().Matches(await browser.GetStringAsync("/meters", Cancellation))[^1].Groups[1].Value;
        if (which == "on") await BenchHost.SendAsync(browser, "/meters", "/meters?handler=Turn", ("id", key), ("on", "true"));
        var answer = await BenchHost.SendAsync(browser, page, page + "?handler=Watch", ("meter", which == "none" ? "none" : key));
        Assert.Equal(which == "on" ? HttpStatusCode.OK : HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, await BenchHost.TextAsync(answer));
    }

    [Fact]
    public void So_many_meters_are_watched_at_once_and_no_more()
    {
        using var watches = new WallWatches();
        var meter = new ScpiMeter("Plug meter", "127.0.0.1", 9, new MeterReach(new HashSet<string>(), 0));
        Assert.All(Enumerable.Range(0, WallWatches.Most), graft => Assert.NotNull(watches.Begin(graft, meter, "supply")));
        Assert.Null(watches.Begin(WallWatches.Most, meter, "supply"));
    }

    [Fact]
    public async Task Without_a_supply_there_is_nothing_to_watch()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("bare"), Cancellation));
        var page = $"/graft/{id}/feed/wall";
        var answer = await BenchHost.SendAsync(host.Browser(), page, page + "?handler=Watch", ("meter", "practice-wall"));
        Assert.Contains("needs a supply that hangs on the wall", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task A_fitted_figure_is_taken_over_once_and_can_be_taken_back()
    {
        var (id, feed, browser) = await host.WeighbridgeAsync();
        var page = feed + "/wall";
        var before = (await host.GraftAsync(id)).Loads.First(load => load.Part == "card").Draws[0].Peak;
        await browser.SubmitAsync(page, "TakeFit", 1, ("supply", "supply"), ("part", "card"));
        var after = (await host.GraftAsync(id)).Loads.First(load => load.Part == "card").Draws[0].Peak;
        // The readings were lower than the figures.
        Assert.True(after.Likely < before.Likely);
        Assert.Equal((before.Low, before.High), (after.Low, after.High));
        var none = await browser.SubmitAsync(page, "TakeFit", 2, ("supply", "supply"), ("part", "nothing"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, none.StatusCode);
        await browser.SubmitAsync(page, "Undo", 2);
        Assert.Equal(before, (await host.GraftAsync(id)).Loads.First(load => load.Part == "card").Draws[0].Peak);
    }

    [GeneratedRegex("name=\"id\" value=\"([0-9]+)\"")]
    private static partial Regex MeterKey();

    private static async Task<string> TextAsync(HttpClient browser, string page) => WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
}
