using System.Globalization;
using System.Net;
using System.Text.RegularExpressions;

namespace LooseGraft.Web.Tests;

/// <summary>How a graft begins: what is asked on the shelf, usual things, a usual case, and the ports that belong together.</summary>
public sealed class BeginningTests(BenchHost host) : IClassFixture<BenchHost>
{
    private const string Stock = "board = Board\nfan header: 1x4 pins: gnd, +12, tacho, pwm\nfan = Fan, 120 mm, 4 positions";

    [Fact]
    public async Task What_is_asked_on_the_shelf_is_written_down_and_leads_to_the_stock()
    {
        using var browser = host.Browser();
        var answer = await BenchHost.SendAsync(
            browser, "/", "/?handler=New", ("name", "Box"), ("donor", " a till "), ("shell", "a radio"), ("aim", "films"), ("budget", "80.50"), ("copyOf", ""));
        var way = answer.RequestMessage!.RequestUri!.AbsolutePath;
        Assert.EndsWith("/stock/lines", way, StringComparison.Ordinal);
        var graft = await host.GraftAsync(NumberIn(way));
        Assert.Equal(("Box", "a till", "a radio", "films", 80.5m), (graft.Name, graft.Donor.Name, graft.Shell.Name, graft.Aim, graft.Budget?.Amount));
        // A board that is begun is called after the donor.
        var page = await BenchHost.TextAsync(await browser.SubmitAsync(way, "Usual", 1, ("text", ""), ("usual", "usb-2")));
        Assert.Contains("board = Board of a till; donor", page, StringComparison.Ordinal);

        var refused = await BenchHost.SendAsync(browser, "/", "/?handler=New", ("name", "Box"), ("budget", "much"), ("donor", "kept words"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        var words = await BenchHost.TextAsync(refused);
        Assert.Contains("what it may cost", words, StringComparison.Ordinal);
        Assert.Contains("kept words", words, StringComparison.Ordinal);
        // A copy keeps what is not asked anew, and is ready to be looked at.
        var copy = await BenchHost.SendAsync(browser, "/", "/?handler=New", ("name", "Copy"), ("copyOf", "4"), ("shell", "a crate"));
        var copied = await host.GraftAsync(NumberIn(copy.RequestMessage!.RequestUri!.AbsolutePath));
        var ferry = await host.GraftAsync(4);
        Assert.Equal((ferry.Donor.Name, "a crate", ferry.Budget), (copied.Donor.Name, copied.Shell.Name, copied.Budget));
    }

    [Fact]
    public async Task Ports_that_belong_together_are_judged_together_as_far_as_they_are_ticked()
    {
        var (id, browser) = await StockedAsync();
        var page = $"/graft/{id}/wire";
        var offered = await browser.GetStringAsync(page, TestContext.Current.CancellationToken);
        Assert.Contains("1 pair that probably belongs together", offered, StringComparison.Ordinal);
        var none = await browser.SubmitAsync(page, "AddLikely", 2, ("pair", "board/fan-header nobody/plug"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, none.StatusCode);
        Assert.Contains("Tick a pair first", await BenchHost.TextAsync(none), StringComparison.Ordinal);
        var graft = await host.GraftAsync(id);
        var judged = await BenchHost.TextAsync(await browser.SubmitAsync(
            page, "AddLikely", 2, ("pair", $"board/fan-header {new PortId(graft.Parts[1].Id, graft.Parts[1].Ports[0].Id)}")));
        Assert.DoesNotContain("probably belong", judged, StringComparison.Ordinal);
        Assert.Single((await host.GraftAsync(id)).Joints);
    }

    [Fact]
    public async Task Before_there_is_a_joint_nothing_is_asked_to_be_proven_but_life()
    {
        var (id, browser) = await StockedAsync();
        var page = await browser.GetStringAsync($"/graft/{id}/prove", TestContext.Current.CancellationToken);
        Assert.Contains("0 facts to prove</h3>", page, StringComparison.Ordinal);
        Assert.Contains("None of what is unproven would change a verdict yet", page, StringComparison.Ordinal);
        Assert.Contains("<summary>5 facts that would change nothing yet</summary>", page, StringComparison.Ordinal);
        // What would change nothing wears no leaf; one of them is proven all the same when it is asked for.
        Assert.DoesNotContain("shape-fine", Regex.Match(page, "<div class=\"prove-stage\">.*?</details>", RegexOptions.Singleline).Value, StringComparison.Ordinal);
        var asked = Regex.Match(page, "href=\"([^\"]*fact=[^\"]*)\"").Groups[1].Value;
        var one = await browser.GetStringAsync(WebUtility.HtmlDecode(asked), TestContext.Current.CancellationToken);
        Assert.Matches("<details open(=\"open\")?>\\s*<summary>5 facts", one);

        // Once its ports are joined, what the verdict rests on is asked.
        await browser.SubmitAsync($"/graft/{id}/wire", "AddJoint", 2, ("ports", "board/fan-header"), ("otherPort", "fan-120-mm-4-positions/fan-plug"));
        var joined = await browser.GetStringAsync($"/graft/{id}/prove", TestContext.Current.CancellationToken);
        Assert.DoesNotContain("0 facts to prove", joined, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_usual_case_has_its_standoffs_as_assumed_and_a_board_the_holes_of_a_standard()
    {
        var (id, browser) = await StockedAsync();
        var page = $"/graft/{id}/seat";
        Assert.Equal(HttpStatusCode.NotFound, (await browser.SubmitAsync(page, "AddShell", 2, ("shell", "palace"))).StatusCode);
        await browser.SubmitAsync(page, "AddShell", 2, ("shell", "tower-microatx"));
        Assert.Equal(HttpStatusCode.NotFound, (await browser.SubmitAsync(page, "TakePattern", 3, ("part", "board"), ("pattern", "brick-5-3"))).StatusCode);
        var ways = await BenchHost.TextAsync(await browser.SubmitAsync(page, "TakePattern", 3, ("part", "board"), ("pattern", "board-microatx")));
        Assert.Contains("9 mounts met", ways, StringComparison.Ordinal);
        var graft = await host.GraftAsync(id);
        var plane = Assert.Single(graft.Seating.Planes);
        Assert.Equal(("tray", 9), (plane.Name, plane.Mounts.Length));
        Assert.All(plane.Mounts, mount => Assert.Equal(Evidence.Assumed, mount.Evidence));
        Assert.Equal(9, graft.Parts[0].Holes.Length);
    }

    private static int NumberIn(string way) => int.Parse(way.Split('/')[2], CultureInfo.InvariantCulture);

    private async Task<(int Id, HttpClient Browser)> StockedAsync()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("Box"), TestContext.Current.CancellationToken));
        var browser = host.Browser();
        await browser.SubmitAsync($"/graft/{id}/stock/lines", "Keep", 1, ("text", Stock));
        return (id, browser);
    }
}
