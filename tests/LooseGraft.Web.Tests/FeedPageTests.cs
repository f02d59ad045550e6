using System.Net;
using System.Text.RegularExpressions;

namespace LooseGraft.Web.Tests;

/// <summary>The Feed page and its wall: schools, what-if, leads and plugs, readings.</summary>
public sealed partial class FeedPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task The_weighbridge_shows_three_schools_that_disagree_and_one_is_trusted()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var text = WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
        Assert.Contains("They disagree on whether the supply will do.", text);
        await browser.SubmitAsync(page, "Trust", 1, ("school", "Recommended"));
        Assert.Equal(FeedSchool.Recommended, (await host.GraftAsync(id)).TrustedSchool);
        Assert.Contains("300 W are needed", WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation)));
    }

    [Theory]
    [InlineData("lots", "25", "“lots” is not a figure")]
    [InlineData("300", "250", "Headroom is a figure from 0 to 200 %.")]
    [InlineData("-1", "25", "negative")]
    [InlineData("1e309", "25", "the total")]
    public async Task A_total_or_headroom_that_is_none_is_told_and_nothing_is_kept(string total, string headroom, string words)
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var answer = await browser.SubmitAsync(page, "Judge", 1, ("cardTotal", total), ("headroom", headroom));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, await BenchHost.TextAsync(answer));
        Assert.Equal(300, (await host.GraftAsync(id)).CardTotal!.Value.Value);
    }

    [Fact]
    public async Task A_place_shows_its_contacts_and_what_relieves_it_is_done_by_one_act()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var place = page + "?node=%2Fsupplies%2Fsupply%2Fstrings%2Fmain";
        Assert.Contains("4 contacts side by side, where there are 2.", await PlainAsync(browser, place));
        Assert.Contains("3 of main plug ground 7.78 A", await PlainAsync(browser, place));
        var slot = page + "?node=%2Fparts%2Foffice%2Fports%2Fslot";
        var words = "Hold Quarrow Plover low-profile card to 50 W by its settings, instead of 88.8 W";
        Assert.Contains(words + ".", await PlainAsync(browser, slot));
        var stale = await browser.SubmitAsync(slot, "Relieve", 1, ("words", words + "!"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, stale.StatusCode);
        await browser.SubmitAsync(slot, "Relieve", 1, ("words", words));
        Assert.Equal(50, (await host.GraftAsync(id)).Loads.Single(load => load.Part == "card").Cap!.Limit.Value.Value);
        Assert.DoesNotContain("What would relieve it", await PlainAsync(browser, slot));
    }

    [Fact]
    public async Task Another_supply_is_told_with_its_size_its_noise_and_what_its_leads_reach()
    {
        var (_, page, browser) = await host.WeighbridgeAsync();
        var text = await PlainAsync(browser, page);
        Assert.Contains("Office 4S supply the one there is, 9 years old", text);
        Assert.Contains("SFX, 125 × 63.5 × 100 mm deep; fan of 92 mm: quiet until it works hard", text);
    }

    [Fact]
    public async Task What_if_changes_nothing_until_it_is_kept()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var tried = page + "?try=card-75";
        Assert.Contains("Graphics card, slot-fed, 75 W: does not fit", WebUtility.HtmlDecode(await browser.GetStringAsync(tried, Cancellation)));
        var before = (await host.GraftAsync(id)).Parts.Length;
        await browser.SubmitAsync(tried, "KeepTried", 1);
        var after = await host.GraftAsync(id);
        Assert.Equal(before + 1, after.Parts.Length);
        Assert.Contains(after.Loads, load => load.Part == after.Parts[^1].Id && load.Draws.Any(draw => draw.Spike is not null));
        Assert.Equal(HttpStatusCode.OK, (await browser.GetAsync(page + "?try=nothing&at=nowhere", Cancellation)).StatusCode);
    }

    [Theory]
    [InlineData("0.1", "Something that takes 0.1 A of +12 V standby: fits")]
    [InlineData("9", "Something that takes 9 A of +12 V standby: does not fit")]
    [InlineData("lots", "“lots” is not a figure")]
    [InlineData("1e309", "is not a figure")]
    public async Task A_typed_current_is_tried_like_a_part(string amps, string words)
    {
        var (_, page, browser) = await host.WeighbridgeAsync();
        Assert.Contains(words, WebUtility.HtmlDecode(await browser.GetStringAsync($"{page}?amps={amps}&from=%2B12%20V%20standby", Cancellation)));
    }

    [Fact]
    public async Task A_lead_with_plugs_is_added_taken_by_a_part_and_taken_out_again()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        await browser.SubmitAsync(page, "AddLead", 1, ("leadName", "Drive lead"), ("awg", "20"), ("wires", "1"), ("leadMm", "400"),
            ("connector", "drive-power-15"), ("count", "2"));
        var lead = (await host.GraftAsync(id)).Supplies[0].Leads[^1];
        Assert.Equal(("drive-lead", 20, 2), (lead.Id, lead.Awg, lead.Plugs.Length));
        await browser.SubmitAsync(page, "Draw", 2, ("load", "drive"), ("rail", "+12 V"), ("low", "0.5"), ("likely", "0.5"), ("high", "0.5"),
            ("evidence", "Label"), ("place", "plug|supply|drive-lead/plug-1"));
        Assert.Equal(new MeantWay("supply") { Plug = "drive-lead/plug-1" }, (await host.GraftAsync(id)).Loads.First(load => load.Id == "drive").Meant);
        await browser.SubmitAsync(page, "RemoveLead", 3, ("lead", "drive-lead"));
        var left = await host.GraftAsync(id);
        Assert.Null(left.Loads.First(load => load.Id == "drive").Meant!.Plug);
        Assert.DoesNotContain(left.Supplies[0].Leads, each => each.Id == "drive-lead");
        var bad = await browser.SubmitAsync(page, "AddLead", 4, ("leadName", ""), ("awg", "99"), ("wires", "1"), ("connector", "drive-power-15"),
            ("count", "2"));
        Assert.Contains("gauge from 10 to 30 AWG", await BenchHost.TextAsync(bad));
    }

    [Fact]
    public async Task A_supply_that_is_made_to_feed_itself_is_answered_with_words()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        await browser.SubmitAsync(page, "Facts", 1, ("efficiency", "Gold"), ("age", "3"), ("input", "supply|+12 V"));
        Assert.Contains("nothing in this ring is fed", WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation)));
        var bad = await browser.SubmitAsync(page, "Facts", 2, ("age", "1000"));
        Assert.Contains("at most 100 years", await BenchHost.TextAsync(bad));
        Assert.Equal(EfficiencyClass.Gold, (await host.GraftAsync(id)).Supplies[0].Class);
    }

    [Theory]
    [InlineData("", "35", null, "35")]
    [InlineData("2,9", "35 W", null, "35")]
    [InlineData("", "", null, null)]
    [InlineData("0", "35", "0 A is nothing", null)]
    [InlineData("", "-3", "negative", null)]
    [InlineData("", "1e309", "is not a figure", null)]
    public async Task What_a_slot_bears_is_taken_over_or_told_what_is_wrong(string amps, string watts, string? words, string? kept)
    {
        var (id, _, browser) = await host.WeighbridgeAsync();
        var page = $"/graft/{id}/stock/office/slot";
        var answer = await browser.SubmitAsync(page, "Bears", 1, ("amps", amps), ("watts", watts), ("evidence", "Document"));
        Assert.Contains(words ?? "", await BenchHost.TextAsync(answer));
        var limit = (await host.GraftAsync(id)).FindPort(new PortId("office", "slot"))!.Limit;
        Assert.Equal(kept, limit?.Power?.Value.ToString(System.Globalization.CultureInfo.InvariantCulture));
        if (kept is null) return;
        var feed = WebUtility.HtmlDecode(await browser.GetStringAsync($"/graft/{id}/feed", Cancellation));
        Assert.Contains("bears 35 W (maker's document)", feed);
    }

    [Fact]
    public async Task A_board_that_is_not_counted_is_told_on_the_tag_until_its_usual_figures_are_taken()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var loads = (await host.GraftAsync(id)).Loads.Where(load => load.Part == "office")
            .SelectMany(load => load.Draws.Select(draw => (load.Id, draw.Rail))).ToArray();
        foreach (var (index, (load, rail)) in loads.Index())
            await BenchHost.SendAsync(browser, page, page + "?handler=RemoveDraw", ("Revision", $"{index + 1}"), ("load", load), ("rail", rail));
        var text = WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
        Assert.Contains(", Office 4S board not counted", text);
        Assert.Contains("Take its usual figures", text);
        await BenchHost.SendAsync(browser, page, page + "?handler=Usual", ("Revision", $"{loads.Length + 1}"), ("part", "office"), ("sort", "board-microatx"));
        Assert.Contains((await host.GraftAsync(id)).Loads, load => load.Part == "office" && !load.Draws.IsEmpty);
        Assert.DoesNotContain("not counted", WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation)));
    }

    [Fact]
    public async Task A_reading_says_which_of_two_supplies_was_behind_the_meter_and_the_mains_are_said_once()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var wall = page + "/wall";
        await browser.SubmitAsync(wall, "Mains", 1, ("volts", "230"));
        await browser.SubmitAsync(wall, "Add", 2, ("work", "Idle"), ("mean", "40"));
        var graft = await host.GraftAsync(id);
        // With one supply on the wall there is nothing to ask.
        Assert.Equal((230, graft.Supplies[0].Id), (graft.MainsVolts, graft.WallReadings[^1].Supply));
        Assert.DoesNotContain("Behind the meter", await browser.GetStringAsync(wall, Cancellation));
        await browser.SubmitAsync(page, "AddSupply", 3, ("name", "Brick"), ("rails", "+12 V 3"), ("total", "36"));
        Assert.Contains("Behind the meter", await browser.GetStringAsync(wall, Cancellation));
        var brick = (await host.GraftAsync(id)).Supplies[^1].Id;
        await browser.SubmitAsync(wall, "Behind", 4, ("reading", graft.WallReadings[^1].Id), ("supply", brick));
        Assert.Equal(brick, (await host.GraftAsync(id)).WallReadings[^1].Supply);
        await browser.SubmitAsync(wall, "Mains", 5, ("volts", "400"));
        Assert.Null((await host.GraftAsync(id)).MainsVolts);
    }

    [Fact]
    public async Task A_window_of_a_log_is_kept_as_a_reading()
    {
        var (id, _, browser) = await host.WeighbridgeAsync();
        var page = $"/graft/{id}/feed/wall";
        var log = string.Join('\n', Enumerable.Range(0, 60).Select(second => $"2026-11-24 10:00:{second:00};{(second < 30 ? "40,0" : "100,0")}"));
        var looked = await BenchHost.SendAsync(browser, page, page + "?handler=Log", ("log", log), ("from", "30"), ("to", "59"));
        Assert.Contains("mean <strong>100 W</strong>", await BenchHost.TextAsync(looked));
        await browser.SubmitAsync(page, "Keep", 1, ("log", log), ("from", "30"), ("to", "59"), ("work", "Peak"), ("without", "card"), ("note", "by log"));
        var reading = (await host.GraftAsync(id)).WallReadings[^1];
        Assert.Equal((100, 100, "card"), (reading.Mean.Value, reading.Highest!.Value.Value, Assert.Single(reading.Without)));
        await browser.SubmitAsync(page, "Remove", 2, ("reading", reading.Id));
        Assert.DoesNotContain((await host.GraftAsync(id)).WallReadings, kept => kept.Id == reading.Id);
    }

    [Theory]
    [InlineData("", "There is nothing in it.")]
    [InlineData("10:00:00,84\nyesterday,much", "Line 2: “yesterday, much” is no moment and watts")]
    public async Task A_log_that_is_none_is_told(string log, string words)
    {
        var (id, _, browser) = await host.WeighbridgeAsync();
        var answer = await BenchHost.SendAsync(browser, $"/graft/{id}/feed/wall", $"/graft/{id}/feed/wall?handler=Log", ("log", log));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, await BenchHost.TextAsync(answer));
    }

    [Theory]
    [InlineData("+5 V 15 A\n+3.3 V 14 A\n+5 V & +3.3 V 90 W", 90)]
    [InlineData("+5V: 15\n+3.3V: 14\n+5V, +3.3V: 90,5 W", 90.5)]
    public async Task What_rails_give_together_is_typed_as_the_label_brackets_it(string rails, double watts)
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        await browser.SubmitAsync(page, "AddSupply", 1, ("name", "another"), ("rails", rails), ("total", "200"));
        Assert.Equal(watts, Assert.Single((await host.GraftAsync(id)).Supplies[^1].Combined).Limit.Value.Value);
        var bad = await browser.SubmitAsync(page, "AddSupply", 2, ("name", "third"), ("rails", "+5 V 15 A\n+5 V & +12 V 90 W"));
        Assert.Contains("is not a limit that rails share", await BenchHost.TextAsync(bad));
    }

    [Fact]
    public async Task Another_supply_in_its_place_is_told_with_what_it_gains_and_loses()
    {
        var (_, page, browser) = await host.WeighbridgeAsync();
        var text = WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
        Assert.Contains("no +12 V standby, no plug for the", text);
    }

    [Fact]
    public async Task What_is_joined_shows_its_way_and_what_is_not_asks_for_one()
    {
        var page = WebUtility.HtmlDecode(await host.Browser().GetStringAsync("/graft/4/feed", Cancellation));
        Assert.Contains("data-word=\"way\">+12 V, main plug, fan header</span>", page);
        Assert.Contains("aria-label=\"Quarrow low-profile card, is meant to hang on\"", page);
        Assert.DoesNotContain("aria-label=\"Vessick 80 mm fan, is meant to hang on\"", page);
        // Asked by its load, the page shows the supply that feeds it.
        foreach (var (load, row) in new[] { ("lamp", "lamp-draws-p12-V"), ("board", "board-draws-p5d1-V") })
        {
            Assert.Contains($"id=\"at-loads-{row}\"", await host.Browser().GetStringAsync($"/graft/2/feed?load={load}", Cancellation));
        }
    }

    [Fact]
    public async Task Every_limit_goes_out_as_a_table()
    {
        var rows = (await host.Browser().GetStringAsync("/graft/2/feed.csv", Cancellation)).Split("\r\n");
        Assert.Equal("supply,limit,loadCase,low,likely,high,bears,unit,evidence,verdict", rows[0]);
        // A spreadsheet would compute what begins with a sign.
        Assert.Contains(rows, row => row.StartsWith("Small 5.1 V converter,'+5.1 V,peak,", StringComparison.Ordinal));
        Assert.Equal(HttpStatusCode.NotFound, (await host.Browser().GetAsync("/graft/999/feed.csv", Cancellation)).StatusCode);
    }

    // What a reader sees, without the tags.
    private static async Task<string> PlainAsync(HttpClient browser, string page)
        => Spaces().Replace(WebUtility.HtmlDecode(Tags().Replace(await browser.GetStringAsync(page, Cancellation), " ")), " ");

    [GeneratedRegex("<[^>]*>")]
    private static partial Regex Tags();

    [GeneratedRegex("\\s+")]
    private static partial Regex Spaces();
}
