using System.Net;
using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Data.Tables;
using LooseGraft.Trial;
using LooseGraft.Web.Pages;

namespace LooseGraft.Web.Tests;

/// <summary>Requests that no page of the application would send, and forms that are large: each is answered in words, and each can be left.</summary>
public sealed class OddRequestTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Theory]
    [InlineData("/bin")]
    [InlineData("/bin?handler=Nothing")]
    [InlineData("/graft/1/feed")]
    [InlineData("/graft/1/stock?handler=Nothing")]
    [InlineData("/graft/1/wire/circuits")]
    [InlineData("/")]
    public async Task A_form_that_does_not_say_what_to_do_changes_nothing_and_is_told_so(string page)
    {
        var browser = host.Browser();
        var answer = await BenchHost.SendAsync(browser, "/", page, ("Revision", "1"));
        Assert.Equal(HttpStatusCode.MethodNotAllowed, answer.StatusCode);
        Assert.Contains("does not say which of the page’s forms".Replace('’', '\''), await BenchHost.TextAsync(answer));
        Assert.Contains("Back to the", await BenchHost.TextAsync(answer));
    }

    [Theory]
    [InlineData("/bin?words=fan&handler=Change", "id=\"bin-count\"")]
    [InlineData("/graft/1/feed?load=board&handler=Save", "data-graft=\"1\"")]
    [InlineData("/graft/1/history?handler=Undo", "id=\"history\"")]
    public async Task The_address_of_a_form_opened_as_a_page_is_that_page(string address, string holds)
        => Assert.Contains(holds, await host.Browser().GetStringAsync(address, Cancellation));

    [Theory]
    [InlineData("/")]
    [InlineData("/bin?edit=1")]
    [InlineData("/donors")]
    [InlineData("/meters")]
    [InlineData("/copies")]
    [InlineData("/graft/4/history")]
    [InlineData("/graft/4/stock")]
    [InlineData("/graft/4/photos/kt31")]
    [InlineData("/graft/4/seat")]
    [InlineData("/graft/4/feed")]
    public async Task Every_form_carries_one_token(string page)
    {
        var forms = (await host.Browser().GetStringAsync(page, Cancellation)).Split("<form ").Skip(1).Select(form => form.Split("</form>")[0])
            .Where(form => form.Contains("method=\"post\"", StringComparison.Ordinal)).ToArray();
        Assert.NotEmpty(forms);
        Assert.All(forms, form => Assert.Equal(1, form.Split("name=\"__RequestVerificationToken\"").Length - 1));
    }

    [Theory]
    [InlineData("PUT")]
    [InlineData("DELETE")]
    public async Task Other_ways_of_asking_are_refused_in_words(string method)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), "/graft/1/feed");
        var answer = await host.Browser().SendAsync(request, Cancellation);
        Assert.True(answer.StatusCode is HttpStatusCode.MethodNotAllowed or HttpStatusCode.BadRequest, $"{answer.StatusCode}");
        Assert.Contains("Back to the", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task What_has_gone_from_a_graft_leads_back_to_the_graft_and_a_graft_that_has_gone_to_the_shelf()
    {
        var gone = await BenchHost.TextAsync(await host.Browser().GetAsync("/graft/1/stock/board/nothing", Cancellation));
        Assert.Contains("href=\"/graft/1\"", gone);
        var all = await BenchHost.TextAsync(await host.Browser().GetAsync("/graft/999999/stock", Cancellation));
        Assert.DoesNotContain("Back to the graft", all);
        Assert.Contains("Back to the shelf", all);
    }

    [Fact]
    public async Task An_edit_of_what_has_gone_meanwhile_is_answered_with_a_way_back()
    {
        var (id, browser) = (await host.CopyOfFerryAsync(), host.Browser());
        var part = (await host.GraftAsync(id)).Parts.First(part => part.Ports.Length > 0);
        var page = $"/graft/{id}/stock/{part.Id}/{part.Ports[0].Id}";
        await browser.SubmitAsync($"/graft/{id}/stock", "RemovePart", 1, ("part", part.Id));
        Assert.Null((await host.GraftAsync(id)).FindPart(part.Id));
        var answer = await BenchHost.SendAsync(browser, "/", $"{page}?handler=Bears", ("Revision", "1"), ("form.Amps", "3"));
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Contains($"href=\"/graft/{id}\"", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task A_port_of_as_many_positions_as_a_file_holds_can_be_described_in_its_grid()
    {
        var port = new Port("port", "port", ConnectorTypes.Find("pin-header")!, Gender.Male) { OwnRows = 2, OwnColumns = GraftFileLimits.Positions / 2 };
        var graft = Graft.Empty("large") with { Parts = [new Part("part", "part", PartKind.Board) { Ports = [port] }] };
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var page = $"/graft/{id}/stock/part/port";
        var html = await host.Browser().GetStringAsync(page, Cancellation);
        Assert.Contains($"name=\"signal-{GraftFileLimits.Positions}\"", html);
        var fields = Enumerable.Range(1, GraftFileLimits.Positions).Select(position => ($"signal-{position}", position % 2 == 0 ? "gnd" : "+5 V")).ToArray();
        var answer = await host.Browser().SubmitAsync(page, "Grid", 1, fields);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.Equal(GraftFileLimits.Positions, (await host.GraftAsync(id)).Parts[0].Ports[0].Pins.Count(pin => pin.Signal.Value != Signal.Unknown));
    }

    [Fact]
    public async Task What_is_said_after_a_change_fits_a_cookie_whatever_was_typed()
    {
        var client = host.CreateClient(new() { AllowAutoRedirect = false });
        foreach (var name in new[] { new string('x', 120), string.Concat(Enumerable.Repeat("🙂", 60)), new string('"', 120), new string('ü', 120) })
        {
            var answer = await BenchHost.SendAsync(
                client, "/bin", "/bin?handler=Add", ("name", name), ("kind", "Fan"), ("condition", "New"), ("currency", "EUR"), ("note", new string('n', 900)));
            Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
            Assert.All(answer.Headers.GetValues("Set-Cookie"), cookie => Assert.InRange(cookie.Length, 1, 1024));
            await client.GetStringAsync("/bin", Cancellation);
        }

        Assert.Equal(("short", null), (Saying.Shortened("short"), Saying.Shortened(null)));
        Assert.Equal(new string('x', 480), Saying.Shortened(new string('x', 480)));
        Assert.Equal(new string('x', 480) + "…", Saying.Shortened(new string('x', 481)));
        Assert.Equal(string.Concat(Enumerable.Repeat("🙂", 40)) + "…", Saying.Shortened(string.Concat(Enumerable.Repeat("🙂", 60))));
    }

    [Fact]
    public async Task What_an_imported_file_holds_beyond_this_version_has_a_page_of_its_own()
    {
        var file = Encoding.UTF8.GetString(GraftFile.Write(Graft.Empty("from elsewhere")));
        var more = string.Concat(Enumerable.Range(0, 60).Select(index => $"\"later{index}\":{index},"));
        var browser = host.Browser();
        using var form = new MultipartFormDataContent
        {
            { new ByteArrayContent(Encoding.UTF8.GetBytes(file.Replace("\"name\"", more + "\"name\"", StringComparison.Ordinal))), "file", "odd.json" },
            { new StringContent(await BenchHost.TokenAsync(browser, "/")), "__RequestVerificationToken" },
        };
        var answer = await browser.PostAsync("/?handler=Import", form, Cancellation);
        Assert.EndsWith("/kept", answer.RequestMessage!.RequestUri!.AbsolutePath);
        var text = await BenchHost.TextAsync(answer);
        Assert.Contains("later49 is not known to this version", text);
        Assert.DoesNotContain("later50", text);
        Assert.Contains("These are the first 50; there may be more.", text);
        Assert.Contains("Nothing: everything", await BenchHost.TextAsync(await browser.GetAsync("/graft/1/kept", Cancellation)));
    }

    [Fact]
    public async Task A_browser_full_of_the_cookies_of_others_is_still_let_in()
    {
        var folder = Directory.CreateTempSubdirectory("loose-graft-");
        await using (var process = new StartedProcess(folder.FullName, StartedProcess.FreePort()))
        {
            using var browser = new HttpClient(new HttpClientHandler { UseCookies = false });
            await process.UntilHealthyAsync(browser);
            using var request = new HttpRequestMessage(HttpMethod.Get, new Uri(process.Address, "/"));
            // As many as a browser keeps for a host, each as long as one may be.
            request.Headers.Add("Cookie", string.Join("; ", Enumerable.Range(0, 180).Select(index => $"c{index}={new string('x', 4000)}")));
            Assert.Equal(HttpStatusCode.OK, (await browser.SendAsync(request, Cancellation)).StatusCode);
        }

        folder.Delete(recursive: true);
    }

    [Theory]
    [InlineData("=1+1", "'=1+1")]
    [InlineData("+12 V", "'+12 V")]
    [InlineData("-a", "'-a")]
    [InlineData("@x", "'@x")]
    [InlineData("\t=x", "'\t=x")]
    [InlineData("-12.5", "-12.5")]
    [InlineData("+3", "+3")]
    [InlineData("a=b", "a=b")]
    [InlineData("", "")]
    public void A_cell_that_a_spreadsheet_would_compute_is_a_text(string cell, string written)
    {
        Assert.Equal($"{written}\r\n", Encoding.UTF8.GetString(CsvSheet.Of([[cell]])));
        Assert.Equal(cell, CsvSheet.Plain(written));
    }

    [Fact]
    public async Task Every_table_that_is_taken_away_is_made_safe()
    {
        var ferry = await BenchHost.FerryAsync();
        const string name = "=HYPERLINK(1)";
        ferry = ferry with
        {
            Supplies = [.. ferry.Supplies.Select(supply => supply with { Leads = [.. supply.Leads.Select(lead => lead with { Name = name })] })],
            Seating = ferry.Seating with { Planes = [.. ferry.Seating.Planes.Select(plane => plane with { Name = name })] },
        };
        var id = await host.StoreAsync(store => store.AddAsync(ferry, Cancellation));
        foreach (var table in new[] { "feed.csv", "seat/cuts.csv", "wire/fan/lead.csv" })
        {
            var text = await host.Browser().GetStringAsync($"/graft/{id}/{table}", Cancellation);
            Assert.DoesNotContain(text.Split('\n', ','), cell => cell.StartsWith('='));
            Assert.DoesNotContain(text.Split('\n', ','), cell => cell.StartsWith('+') && cell.Contains('V'));
        }
    }
}
