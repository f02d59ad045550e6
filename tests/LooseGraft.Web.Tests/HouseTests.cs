using System.Net;
using System.Net.Http.Headers;
using System.Text;
using LooseGraft.Web.Stages;
using LooseGraft.Web.Words;

namespace LooseGraft.Web.Tests;

public sealed class HouseTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Theory]
    [InlineData("/")]
    [InlineData("/words")]
    [InlineData("/health")]
    [InlineData("/lib/bench.css")]
    [InlineData("/nowhere")]
    public async Task Every_answer_carries_a_strict_policy(string address)
    {
        var answer = await host.Browser().GetAsync(address, Cancellation);
        var policy = string.Join("", answer.Headers.GetValues("Content-Security-Policy"));
        Assert.Contains("default-src 'none'", policy);
        Assert.DoesNotContain("unsafe", policy);
        Assert.Equal(["nosniff"], answer.Headers.GetValues("X-Content-Type-Options"));
    }

    public static TheoryData<string, string, int?> Pages
        => [.. new StagePage[]
        {
            new("bench", ""), new("history", "history"),
        }.Concat(StagePages.All.SelectMany(pages => pages.Own)).Select(page => new TheoryDataRow<string, string, int?>(page.Name, page.Address, page.Only))];

    [Theory]
    [MemberData(nameof(Pages))]
    public async Task Every_page_of_every_demo_stands_whole_and_as_a_part(string name, string address, int? only)
    {
        foreach (var graft in await host.StoreAsync(store => store.ShelfAsync(Cancellation)))
        {
            if (only is { } one && graft.Id != one) continue;
            var browser = host.Browser();
            var whole = await browser.GetStringAsync($"/graft/{graft.Id}/{address}", Cancellation);
            Assert.Contains("<!DOCTYPE html>", whole);
            Assert.Contains("class=\"next-cut\"", whole);
            Assert.DoesNotContain(" style=", whole);
            browser.DefaultRequestHeaders.Add("HX-Request", "true");
            var part = await browser.GetStringAsync($"/graft/{graft.Id}/{address}", Cancellation);
            Assert.True(part.Contains("id=\"bench\"", StringComparison.Ordinal) && !part.Contains("<!DOCTYPE", StringComparison.Ordinal), name);
        }
    }

    [Fact]
    public async Task A_lead_is_read_line_by_line_and_taken_away_as_table_text_and_drawing()
    {
        var ferry = await BenchHost.FerryAsync();
        var id = await host.StoreAsync(store => store.AddAsync(ferry, Cancellation));
        var (browser, page) = (host.Browser(), $"/graft/{id}/wire/fan/lead");
        Assert.Contains("not proven yet: no power", await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation)));
        foreach (var (revision, wire) in ferry.Joints.Single(joint => joint.Id == "fan").Wires.Index())
            await BenchHost.SendAsync(
                browser, page, page + "?handler=Test", ("Revision", $"{revision + 1}"), ("one", $"from-{wire.From}"), ("other", $"to-{wire.To}"),
                ("beeped", "true"));
        var touching = await browser.SubmitAsync(page, "Test", 5, ("one", "from-1"), ("other", "from-2"), ("beeped", "true"));
        Assert.Contains("the made lead is wrong", await BenchHost.TextAsync(touching));
        var table = await browser.GetStringAsync(page + ".csv", Cancellation);
        Assert.Contains("from-1,from-2,silent,beep", table);
        Assert.Contains("must stay silent", await browser.GetStringAsync(page + ".txt", Cancellation));
        var drawing = System.Xml.Linq.XDocument.Parse(await browser.GetStringAsync(page + ".svg", Cancellation));
        Assert.Equal("svg", drawing.Root!.Name.LocalName);
        Assert.Equal(HttpStatusCode.NotFound, (await browser.GetAsync($"/graft/{id}/wire/latching-key/lead.csv", Cancellation)).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await browser.GetAsync($"/graft/{id}/wire/nowhere/lead", Cancellation)).StatusCode);
    }

    [Theory]
    [InlineData("light", "supply=12&forward=3.1&current=10", "910 ohm in series with the light")]
    [InlineData("light", "supply=NaN&forward=3.1&current=10", "“NaN” is not a figure")]
    [InlineData("light", "supply=-5&forward=2&current=10", "is negative")]
    [InlineData("divider", "high=5&low=9", "A divider only makes less")]
    [InlineData("nonsense", "", "A light on another voltage")]
    [InlineData("relay", "coil=5&coilOhms=0", "The coil needs a voltage and a resistance above 0")]
    public async Task A_small_circuit_is_worked_out_from_its_address(string circuit, string figures, string words)
        => Assert.Contains(words, await BenchHost.TextAsync(await host.Browser().GetAsync($"/graft/1/wire/circuits?circuit={circuit}&{figures}", Cancellation)));

    [Fact]
    public async Task A_form_without_its_token_changes_nothing_and_says_what_to_do()
    {
        var answer = await host.Browser().PostAsync("/?handler=New", new FormUrlEncodedContent([new("name", "intruder")]), Cancellation);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("load the page again", await BenchHost.TextAsync(answer));
        Assert.DoesNotContain(await host.StoreAsync(store => store.ShelfAsync(Cancellation)), graft => graft.Name == "intruder");
    }

    [Theory]
    [InlineData("/graft/999999")]
    [InlineData("/graft/999999/file")]
    [InlineData("/graft/1/dance")]
    public async Task What_is_not_there_is_said_in_words(string address)
    {
        var answer = await host.Browser().GetAsync(address, Cancellation);
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Contains("There is nothing here", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task A_broken_file_is_refused_with_every_error_and_nothing_is_kept()
    {
        var before = (await host.StoreAsync(store => store.ShelfAsync(Cancellation))).Count;
        var answer = await ImportAsync(
            """{"format":"loose-graft","formatVersion":3,"name":"x","donor":{},"shell":{"name":"s"},"parts":[{"id":"BAD"}]}"""u8.ToArray());
        var text = await BenchHost.TextAsync(answer);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("$.donor.name", text);
        Assert.Contains("$.parts[0].id", text);
        Assert.Equal(before, (await host.StoreAsync(store => store.ShelfAsync(Cancellation))).Count);
    }

    [Fact]
    public async Task What_is_exported_is_imported_and_exported_again_to_the_byte()
    {
        var demo = await File.ReadAllBytesAsync(Path.Combine(AppContext.BaseDirectory, "demo", "lending-desk.json"), Cancellation);
        var answer = await ImportAsync(demo);
        Assert.StartsWith("/graft/", answer.RequestMessage!.RequestUri!.AbsolutePath);
        var exported = await host.Browser().GetAsync(answer.RequestMessage.RequestUri.AbsolutePath + "/file", Cancellation);
        // A graft from elsewhere takes nothing from this bin until its builder says so.
        var desk = Core.Files.GraftFile.Read(demo).Graft!;
        var free = Core.Files.GraftFile.Write(desk.WithBuying(buying => buying with { FromBin = [] }));
        Assert.Equal(free, await exported.Content.ReadAsByteArrayAsync(Cancellation));
        Assert.Equal("the-lending-desk-swap.json", exported.Content.Headers.ContentDisposition!.FileName);
    }

    [Fact]
    public async Task A_graft_is_started_copied_thrown_away_put_back_and_destroyed()
    {
        var browser = host.Browser();
        var answer = await BenchHost.SendAsync(browser, "/", "/?handler=New", ("name", "  A lantern  "), ("copyOf", ""));
        var id = answer.RequestMessage!.RequestUri!.AbsolutePath.Split('/')[2];
        await BenchHost.SendAsync(browser, "/", "/?handler=Copy", ("id", id));
        Assert.Contains(await host.StoreAsync(store => store.ShelfAsync(Cancellation)), graft => graft.Name == "A lantern, a copy");
        await BenchHost.SendAsync(browser, "/", "/?handler=ThrowAway", ("id", id));
        Assert.Equal(HttpStatusCode.NotFound, (await browser.GetAsync($"/graft/{id}", Cancellation)).StatusCode);
        await BenchHost.SendAsync(browser, "/", "/?handler=PutBack", ("id", id));
        Assert.Equal(HttpStatusCode.OK, (await browser.GetAsync($"/graft/{id}", Cancellation)).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await BenchHost.SendAsync(browser, "/", "/?handler=Destroy", ("id", id))).StatusCode);
        await BenchHost.SendAsync(browser, "/", "/?handler=ThrowAway", ("id", id));
        Assert.Equal(HttpStatusCode.OK, (await BenchHost.SendAsync(browser, "/", "/?handler=Destroy", ("id", id))).StatusCode);
        Assert.DoesNotContain(await host.StoreAsync(store => store.CompostAsync(Cancellation)), thrown => thrown.Name == "A lantern");
    }

    [Fact]
    public async Task The_demo_is_put_on_a_new_shelf_once()
    {
        var folder = Directory.CreateTempSubdirectory("loose-graft-");
        for (var start = 0; start < 2; start++)
        {
            await using var bench = BenchHost.On(folder.FullName);
            var shelf = await bench.StoreAsync(store => store.ShelfAsync(Cancellation));
            Assert.Equal("The ferry radiogram", shelf[0].Name);
            Assert.Equal(4, shelf.Count);
        }

        folder.Delete(recursive: true);
    }

    [Fact]
    public async Task Sixty_joints_are_judged_again_after_one_edit()
    {
        var ferry = await BenchHost.FerryAsync();
        var many = ferry with
        {
            Joints = [.. Enumerable.Range(0, 60).Select(index => ferry.Joints[index % ferry.Joints.Length] with { Id = $"joint-{index}" })],
        };
        var id = await host.StoreAsync(store => store.AddAsync(many, Cancellation));
        var page = $"/graft/{id}/wire?joint=joint-3&pin=from-7";
        var answer = await host.Browser().SubmitAsync(page, "Pin", 1, ("signal", "ground"), ("evidence", "Measured"));
        Assert.Equal(60, (await BenchHost.TextAsync(answer)).Split("<a href=\"?joint=joint-").Length - 1);
    }

    [Fact]
    public async Task Every_subject_of_a_finding_leads_to_a_page_that_stands()
    {
        var browser = host.Browser();
        foreach (var snapshot in await host.ShelfAsync(Cancellation))
        {
            foreach (var link in Core.Review.Of(snapshot.Graft).Findings.Select(finding => SubjectLinks.To(snapshot, finding.Subject, finding.Rule.Stage))
                .Distinct())
            {
                var text = await BenchHost.TextAsync(await browser.GetAsync(link, Cancellation));
                Assert.True(link.Split('#') is not [_, var anchor] || text.Contains($"id=\"{anchor}\"", StringComparison.Ordinal), link);
            }
        }
    }

    private async Task<HttpResponseMessage> ImportAsync(byte[] bytes)
    {
        var browser = host.Browser();
        var file = new ByteArrayContent(bytes) { Headers = { ContentType = new MediaTypeHeaderValue("application/json") } };
        var form = new MultipartFormDataContent
        {
            { file, "file", "graft.json" }, { new StringContent(await BenchHost.TokenAsync(browser, "/"), Encoding.UTF8), "__RequestVerificationToken" },
        };
        return await browser.PostAsync("/?handler=Import", form, Cancellation);
    }
}
