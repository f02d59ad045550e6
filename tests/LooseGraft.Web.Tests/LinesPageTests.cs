using System.Net;
using System.Text;
using LooseGraft.Core.Stock.Lines;
using LooseGraft.Web.Forms;

namespace LooseGraft.Web.Tests;

/// <summary>The stock in lines of text, and the names that are typed into a grid, through their forms.</summary>
public sealed class LinesPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private const string Board = "board = Till board; donor\nfan header: 1x5 2.54 pins: ground, +12, tacho, pwm, panel present";

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task What_is_kept_comes_back_as_lines_and_as_a_file()
    {
        var (id, page, browser) = await EmptyAsync();
        var kept = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Keep", 1, ("text", Board)));
        Assert.Equal("fan-control", (await host.GraftAsync(id)).Parts[0].Ports[0].PinAt(4).Signal.Value.Name);
        const string Lines = "board = Till board; donor\nfan header: pin header 1x5 pins: ground, +12 V, fan-tacho, fan-control, panel-sense\n";
        Assert.Contains(Lines, kept, StringComparison.Ordinal);
        Assert.Equal(Lines, await browser.GetStringAsync($"{page}?handler=Text", Cancellation));
        Assert.Equal(Lines, await browser.GetStringAsync($"{page}?handler=Text&part=till-board", Cancellation));
        Assert.Equal(HttpStatusCode.NotFound, (await browser.GetAsync($"{page}?part=nobody", Cancellation)).StatusCode);
    }

    [Fact]
    public async Task Nothing_is_kept_while_something_is_asked_and_an_offer_takes_its_place()
    {
        var (id, page, browser) = await EmptyAsync();
        const string Asked = "board = b\nx: 1x2 pins: gnd, VCC";
        var refused = await browser.SubmitAsync(page, "Keep", 1, ("text", Asked));
        var text = await BenchHost.TextAsync(refused);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.Contains("Nothing is kept yet: 1 mistake, the first in line 2.", text, StringComparison.Ordinal);
        Assert.Contains("<mark>VCC</mark>", text, StringComparison.Ordinal);
        Assert.Contains(Asked, text, StringComparison.Ordinal);
        Assert.Empty((await host.GraftAsync(id)).Parts);

        var mended = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Read", 1, ("text", Asked), ("fix", "2:19:3:+5 V")));
        Assert.Contains("x: 1x2 pins: gnd, +5 V", mended, StringComparison.Ordinal);
        Assert.DoesNotContain("question", mended, StringComparison.Ordinal);
        Assert.Empty((await host.GraftAsync(id)).Parts);
        var empty = await browser.SubmitAsync(page, "Keep", 1, ("text", " "));
        Assert.Contains("There is no part in it", await BenchHost.TextAsync(empty), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_usual_thing_is_one_more_line_and_nothing_is_kept()
    {
        var (id, page, browser) = await EmptyAsync();
        var one = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Usual", 1, ("text", ""), ("usual", "own-fan-5")));
        Assert.Contains("board = Board; donor\nfan header: 1x5 2.54 pins: ?\n", one, StringComparison.Ordinal);
        var two = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Usual", 1, ("text", "fan = Fan, 120 mm, 4 positions"), ("usual", "fan-120-4")));
        Assert.Contains("fan = Fan, 120 mm, 4 positions; ×2", two, StringComparison.Ordinal);
        Assert.Contains(Board, await BenchHost.TextAsync(await browser.SubmitAsync(page, "Usual", 1, ("text", Board), ("usual", "nothing of the sort"))),
            StringComparison.Ordinal);
        Assert.Empty((await host.GraftAsync(id)).Parts);
    }

    [Theory]
    [InlineData("board = b\nx: 1x1 pins: +12", "board = b")]
    [InlineData("\uFEFFboard = Gräte", "Gräte")]
    [InlineData("", "No part yet")]
    public async Task A_file_is_read_and_not_kept_before_it_was_looked_at(string text, string seen)
    {
        var (id, page, browser) = await EmptyAsync();
        Assert.Contains(seen, await SendAsync(browser, page, Encoding.UTF8.GetBytes(text)), StringComparison.Ordinal);
        Assert.Empty((await host.GraftAsync(id)).Parts);
    }

    [Fact]
    public async Task What_is_no_text_or_too_long_is_refused()
    {
        var (_, page, browser) = await EmptyAsync();
        foreach (var bytes in new[] { [0xff, 0xfe, 0x41], [65, 0, 66], Encoding.UTF8.GetBytes(new string('#', StockLines.LongestText + 1)), new byte[900_000] })
            Assert.Contains("That is no text of at most 200000 characters", await SendAsync(browser, page, bytes), StringComparison.Ordinal);
        var longest = Encoding.UTF8.GetBytes(new string('#', StockLines.LongestText));
        Assert.DoesNotContain("That is no text", await SendAsync(browser, page, longest), StringComparison.Ordinal);
    }

    [Fact]
    public async Task One_part_is_described_without_its_head()
    {
        var (id, page, browser) = await EmptyAsync();
        await browser.SubmitAsync(page, "Keep", 1, ("text", Board));
        await browser.SubmitAsync($"{page}?part=till-board", "Keep", 2, ("text", "panel: 2x2 pins measured: pwrsw, gnd"));
        Assert.Equal(["fan header", "panel"], Assert.Single((await host.GraftAsync(id)).Parts).Ports.Select(port => port.Name));
    }

    [Fact]
    public async Task A_name_in_the_grid_is_understood_asked_or_ones_own()
    {
        var (id, page, browser) = await EmptyAsync();
        await browser.SubmitAsync(page, "Keep", 1, ("text", "board = b\nfan: 1x4"));
        var grid = $"/graft/{id}/stock/b/fan";
        (string, string)[] typed = [("signal-1", "Gnd"), ("signal-2", "VCC"), ("signal-3", "tahco")];
        var asked = await BenchHost.TextAsync(await browser.SubmitAsync(grid, "Grid", 2, typed));
        Assert.Contains("“VCC” says that it is a supply", asked, StringComparison.Ordinal);
        Assert.Contains("name=\"choose-2\" value=\"+12 V\"", asked, StringComparison.Ordinal);
        Assert.DoesNotContain("name=\"choose-2\" value=\"+5 V\"", asked, StringComparison.Ordinal);
        Assert.Empty((await host.GraftAsync(id)).Parts[0].Ports[0].Pins);

        var kept = await BenchHost.TextAsync(await browser.SubmitAsync(grid, "Grid", 2, [.. typed, ("choose-2", "+12 V")]));
        Assert.Equal(["ground", "+12 V", "tahco"], (await host.GraftAsync(id)).Parts[0].Ports[0].Pins.Select(pin => pin.Signal.Value.Name));
        Assert.Contains("name=\"choose-3\" value=\"fan-tacho\"", kept, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("1:1:2:xy", "xyc\nd")]
    [InlineData("2:2:0:e", "abc\nde")]
    [InlineData("1:4:0: :", "abc :\nd")]
    [InlineData("1:3:2:x", "abc\nd")]
    [InlineData("3:1:0:x", "abc\nd")]
    [InlineData("0:1:0:x", "abc\nd")]
    public void An_offer_is_put_in_its_place_or_nowhere(string fix, string after)
        => Assert.Equal(after, LineFix.Parse(fix)!.Apply("abc\r\nd").Replace("\r", "", StringComparison.Ordinal));

    [Theory]
    [InlineData(null)]
    [InlineData("1:2:3")]
    [InlineData("-1:2:3:x")]
    [InlineData("99999999999:1:1:x")]
    public void What_is_no_offer_is_none(string? fix) => Assert.Null(LineFix.Parse(fix));

    private static async Task<string> SendAsync(HttpClient browser, string page, byte[] bytes)
    {
        using var form = new MultipartFormDataContent
        {
            { new StringContent(await BenchHost.TokenAsync(browser, page)), "__RequestVerificationToken" },
            { new ByteArrayContent(bytes), "file", "stock.txt" },
        };
        return await BenchHost.TextAsync(await browser.PostAsync($"{page}?handler=File", form, Cancellation));
    }

    private async Task<(int Id, string Page, HttpClient Browser)> EmptyAsync()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("Till"), Cancellation));
        return (id, $"/graft/{id}/stock/lines", host.Browser());
    }
}
