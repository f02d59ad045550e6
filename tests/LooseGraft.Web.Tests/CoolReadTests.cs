using System.Net;

namespace LooseGraft.Web.Tests;

/// <summary>Temperatures that were read, on the page of the air.</summary>
public sealed class CoolReadTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task What_was_read_stands_beside_what_is_worked_out_and_what_that_means()
    {
        var page = await PageAsync(await WeighbridgeAsync());
        Assert.Contains("The air through grille of the supply", page);
        Assert.Contains("hotter than worked out: what is said below explains it", page);
        Assert.Contains("The shell lets through about half the air that is worked out", page);
        Assert.Contains("Reckon with it", page);
        Assert.Contains("tape it down before the power comes on", page);
        Assert.Contains("Nothing is read inside a supply", page);
        var ferry = await PageAsync(await BenchHost.FerryAsync());
        Assert.Contains("Nothing yet. Let it work for half an hour", ferry);
        Assert.DoesNotContain("Reckon with it", ferry);
    }

    [Theory]
    [InlineData("hot=83", "83 °C")]
    [InlineData("hot=83.4 °C", "83 °C")]
    [InlineData("hot=181 F", "83 °C")]
    [InlineData("hot=181.4 °F&after=1.5 h", "90 min")]
    [InlineData("hot=83&readRoom=66 F&readFans=7 V", "room 19 °C, fans at 58 %")]
    [InlineData("hot=83&readFans=stopped", "fans at 0 %")]
    [InlineData("hot=83&readFans=20 %", "fans at 20 %")]
    [InlineData("hot=83&after=5 min", "read too early to count")]
    [InlineData("hot=61&what=/cooling/spaces/tray&note=behind the dial", "behind the dial")]
    [InlineData("hot=49&what=/cooling/ways/tray/vent", "The air through vent by the drive")]
    [InlineData("hot=-40", "40 °C read at peak")]
    [InlineData("hot=200", "200 °C")]
    public async Task A_temperature_is_typed_as_people_say_it(string fields, string seen)
        => Assert.Contains(seen, await ToldAsync(HttpStatusCode.OK, "Read", fields));

    [Theory]
    [InlineData("hot=", "“” is no temperature from -40 to 200 °C")]
    [InlineData("hot=201", "is no temperature")]
    [InlineData("hot=NaN", "is no temperature")]
    [InlineData("hot=1e309", "is no temperature")]
    [InlineData("hot=hot", "is no temperature")]
    [InlineData("hot=83&after=-1", "“-1” is no time")]
    [InlineData("hot=83&after=10001", "is no time")]
    [InlineData("hot=83&after=", "is no time")]
    [InlineData("hot=83&readRoom=61", "“61” is no temperature from -40 to 60 °C")]
    [InlineData("hot=83&readFans=7", "“7” is no speed of fans")]
    [InlineData("hot=83&readFans=13 V", "is no speed of fans")]
    [InlineData("hot=83&readFans=101 %", "is no speed of fans")]
    [InlineData("hot=83&what=/joints/x", "Say what was read.")]
    public async Task What_is_no_reading_is_said_at_its_field_and_nothing_is_kept(string fields, string told)
    {
        var page = await ToldAsync(HttpStatusCode.UnprocessableEntity, "Read", fields);
        Assert.Contains(told, page);
        Assert.Contains("Nothing yet. Let it work", page);
    }

    [Fact]
    public async Task A_note_longer_than_a_file_takes_is_refused()
        => Assert.Contains("A note has at most 4000 characters.", await ToldAsync(HttpStatusCode.UnprocessableEntity, "Read", $"hot=83&note={new string('x', 4001)}"));

    [Fact]
    public async Task What_readings_say_is_reckoned_with_when_it_is_taken_over_and_let_go_of_again()
    {
        var graft = await WeighbridgeAsync();
        var taken = await TakenAsync(graft);
        Assert.DoesNotContain("Reckon with it", taken.Page);
        Assert.Contains("Reckoned with from readings: air 0.52 times.", taken.Page);
        Assert.DoesNotContain("COOL-019", Codes(taken.Graft));
        Assert.Contains("COOL-019", Codes(graft));
        var free = await SentAsync(taken.Graft, "LetGo");
        Assert.Contains("Reckon with it", free.Page);
        Assert.Equal(graft.Cooling, free.Graft.Cooling);
        // Where the readings say nothing else than is reckoned with, nothing is taken over.
        Assert.Equal(taken.Graft.Cooling, (await SentAsync(taken.Graft, "TakeFit")).Graft.Cooling);
    }

    [Fact]
    public async Task A_reading_of_before_a_change_is_kept_and_no_longer_counts_and_a_slip_is_taken_out()
    {
        var past = await SentAsync(await WeighbridgeAsync(), "PutBy", ("reading", "heat"), ("past", "true"));
        Assert.Contains("of before a change: it no longer counts", past.Page);
        Assert.Contains("Count it again", past.Page);
        Assert.True(past.Graft.Cooling.Readings[0].IsPast);
        Assert.False((await SentAsync(past.Graft, "PutBy", ("reading", "heat"), ("past", "false"))).Graft.Cooling.Readings[0].IsPast);
        Assert.Equal(["heat-2"], (await SentAsync(past.Graft, "RemoveRead", ("reading", "heat"))).Graft.Cooling.Readings.Select(reading => reading.Id));
    }

    [Fact]
    public async Task A_school_is_trusted_and_its_word_stands_first()
    {
        var page = await PageAsync(await WeighbridgeAsync());
        Assert.Contains("its word counts, by default", page);
        var printed = await SentAsync(await WeighbridgeAsync(), "Trust", ("school", "Printed"));
        Assert.Contains("</a>, which you trust: <strong>217.8 W of 180 W</strong>", printed.Page);
        Assert.Contains("COOL-022", Codes(printed.Graft));
        var measured = await SentAsync(printed.Graft, "Trust", ("school", "Measured"));
        Assert.Contains("as “What was read”, which you trust, has nothing to go on yet", measured.Page);
        Assert.DoesNotContain("COOL-022", Codes(measured.Graft));
    }

    private static IEnumerable<string> Codes(Graft graft) => Core.Review.Of(graft).Findings.Select(finding => finding.Rule.Code);

    private static async Task<Graft> WeighbridgeAsync()
        => Core.Files.GraftFile.Read(await File.ReadAllBytesAsync(Path.Combine(AppContext.BaseDirectory, "demo", "weighbridge.json"), Cancellation)).Graft!;

    private Task<(string Page, Graft Graft)> TakenAsync(Graft graft) => SentAsync(graft, "TakeFit");

    private async Task<(string Page, Graft Graft)> SentAsync(Graft graft, string handler, params (string, string)[] fields)
    {
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var answer = await host.Browser().SubmitAsync($"/graft/{id}/cool", handler, 1, fields);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return (WebUtility.HtmlDecode(await BenchHost.TextAsync(answer)), await host.GraftAsync(id));
    }

    private async Task<string> ToldAsync(HttpStatusCode expected, string handler, string fields)
    {
        var id = await host.CopyOfFerryAsync();
        var typed = fields.Split('&').Select(field => field.Split('=', 2)).ToDictionary(pair => pair[0], pair => pair[1]);
        foreach (var (field, usual) in new[] { ("what", "/parts/kt31"), ("done", "Peak"), ("after", "30"), ("tool", "Contact"), ("source", "Measured") })
            typed.TryAdd(field, usual);
        var answer = await host.Browser().SubmitAsync($"/graft/{id}/cool", handler, 1, [.. typed.Select(pair => (pair.Key, pair.Value))]);
        Assert.Equal(expected, answer.StatusCode);
        return WebUtility.HtmlDecode(await BenchHost.TextAsync(answer));
    }

    private async Task<string> PageAsync(Graft graft)
    {
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        return WebUtility.HtmlDecode(await host.Browser().GetStringAsync($"/graft/{id}/cool", Cancellation));
    }
}
