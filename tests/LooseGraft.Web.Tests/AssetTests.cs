using System.Net.Http.Headers;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Mvc.Testing;

namespace LooseGraft.Web.Tests;

/// <summary>What a browser is sent beside the pages: little, once a year, and all of it from here.</summary>
public sealed partial class AssetTests(BenchHost host) : IClassFixture<BenchHost>
{
    private const int MostOfFirstPage = 160_000;
    private const int MostOfFonts = 60_000;

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task The_first_page_is_light_over_the_wire()
    {
        var browser = Compressing();
        var (page, text) = (await SizeAsync(browser, "/"), await host.Browser().GetStringAsync("/", Cancellation));
        var sheet = await host.Browser().GetStringAsync(Linked(text).Single(address => address.EndsWith(".css", StringComparison.Ordinal)), Cancellation);
        // A face's first file holds what every page shows; the others are fetched only for their letters.
        var fonts = await SumAsync(
            browser, Faces().Matches(sheet).Where(face => face.Groups["range"].Value.Contains("U+20-7E", StringComparison.Ordinal))
            .Select(face => "/lib/" + face.Groups["file"].Value.TrimStart('.', '/')));
        var rest = await SumAsync(browser, Linked(text));
        Assert.InRange(fonts, 20_000, MostOfFonts);
        Assert.InRange(page + rest + fonts, fonts + 40_000, MostOfFirstPage);
    }

    [Fact]
    public async Task Everything_a_page_links_is_kept_for_a_year_under_a_name_of_its_content()
    {
        var text = await host.Browser().GetStringAsync("/", Cancellation);
        var sheet = Linked(text).Single(address => address.EndsWith(".css", StringComparison.Ordinal));
        var kept = Urls().Matches(await host.Browser().GetStringAsync(sheet, Cancellation))
            .Select(url => "/lib/" + url.Groups["file"].Value.TrimStart('.', '/'));
        string[] all = [.. Linked(text), .. kept];
        Assert.InRange(all.Length, 10, 40);
        foreach (var address in all)
        {
            var answer = await host.Browser().GetAsync(address, Cancellation);
            answer.EnsureSuccessStatusCode();
            Assert.True(answer.Headers.CacheControl is { MaxAge.TotalDays: 365 } caching && caching.Extensions.Any(extension => extension.Name == "immutable"),
                $"{address}: {answer.Headers.CacheControl}");
        }
    }

    [Fact]
    public async Task A_name_that_outlives_its_content_is_asked_for_again()
        => Assert.True((await host.Browser().GetAsync("/lib/bench.css", Cancellation)).Headers.CacheControl!.NoCache);

    [Fact]
    public async Task A_locked_door_has_its_styles()
    {
        await using var locked = BenchHost.On(null, ("PASSPHRASE", "four words and a 7"));
        var text = await locked.Browser().GetStringAsync("/enter", Cancellation);
        foreach (var address in Linked(text))
            Assert.True((await locked.CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = false })
            .GetAsync(address, Cancellation)).IsSuccessStatusCode, address);
    }

    private HttpClient Compressing()
    {
        var browser = host.Browser();
        browser.DefaultRequestHeaders.AcceptEncoding.Add(new StringWithQualityHeaderValue("gzip"));
        return browser;
    }

    private static async Task<int> SumAsync(HttpClient browser, IEnumerable<string> addresses)
    {
        var sum = 0;
        foreach (var address in addresses) sum += await SizeAsync(browser, address);
        return sum;
    }

    private static async Task<int> SizeAsync(HttpClient browser, string address) => (await browser.GetByteArrayAsync(address, Cancellation)).Length;

    private static IEnumerable<string> Linked(string page) => Links().Matches(page).Select(link => link.Groups["address"].Value);

    [GeneratedRegex("""<(?:link|script)[^>]*(?:href|src)="(?<address>[^"]+)""")]
    private static partial Regex Links();

    [GeneratedRegex("""@font-face\{[^}]*unicode-range:(?<range>[^;}]*)[^}]*url\("?(?<file>[^)"]+)""")]
    private static partial Regex Faces();

    [GeneratedRegex("""url\("?(?<file>[^)"]+)"?\)""")]
    private static partial Regex Urls();
}
