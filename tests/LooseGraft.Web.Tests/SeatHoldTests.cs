using System.Net;
using System.Text.Json;
using System.Text.RegularExpressions;

namespace LooseGraft.Web.Tests;

/// <summary>The forms of Seat for what holds: screws, grounds, plates, trays, what lies behind, and one thing or the other.</summary>
public sealed class SeatHoldTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_screw_and_a_ground_are_said_on_the_page_and_a_screw_that_is_none_is_told()
    {
        var (id, page, browser) = await FerryAsync();
        Assert.Contains("M3 × 10 is too short: M3 wants 11.7 mm there to hold", await TextAsync(browser, page));
        await browser.SubmitAsync(page, "Screw", 1, ("part", "kt31"), ("hole", "2"), ("screw", "m3x12"));
        Assert.DoesNotContain("is too short", await TextAsync(browser, page));
        await browser.SubmitAsync(page, "Screw", 2, ("part", "kt31"), ("screw", "6-32 × 6"));
        await browser.SubmitAsync(page, "Ground", 3, ("part", "kt31"), ("ground", "Lead"));
        var seat = (await host.GraftAsync(id)).Seating.SeatOf("kt31")!;
        Assert.Equal(("M3 × 12", "6-32 × 6", BoardGround.Lead), (seat.Holes[0].Screw?.ToString(), seat.Screw?.ToString(), seat.Ground));
        var bad = await browser.SubmitAsync(page, "Screw", 4, ("part", "kt31"), ("screw", "a big one"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.StatusCode);
        Assert.Contains("“a big one” is not a screw such as M3 × 6", await BenchHost.TextAsync(bad));
        await browser.SubmitAsync(page, "Screw", 4, ("part", "kt31"), ("screw", ""));
        Assert.Null((await host.GraftAsync(id)).Seating.SeatOf("kt31")!.Screw);
    }

    [Fact]
    public async Task A_plate_in_the_hand_is_held_against_the_ports_and_a_size_that_is_none_is_told()
    {
        var (id, page, browser) = await FerryAsync();
        await browser.SubmitAsync(page, "Plate", 1, ("part", "kt31"), ("plate", "Kept"));
        var bad = await browser.SubmitAsync(page, "PlateSheet", 2, ("part", "kt31"), ("plateWidth", "wide"), ("plateHeight", "44"), ("cuts", "1; 2; 3; 4\n1; 2; beep; 4"));
        var told = await BenchHost.TextAsync(bad);
        Assert.Contains("“wide” is not a size", told);
        Assert.Contains("Line 2, “1; 2; beep; 4”: width “beep” is not a length", told);
        Assert.Contains("1; 2; beep; 4</textarea>", told);
        await browser.SubmitAsync(page, "PlateSheet", 2, ("part", "kt31"), ("plateWidth", "80"), ("plateHeight", "44"), ("cuts", "1; 2; 3; 4"));
        Assert.Contains("lies behind the plate", await TextAsync(browser, page));
        Assert.Equal([new PlanRectangle(1, 2, 3, 4)], (await host.GraftAsync(id)).Seating.SeatOf("kt31")!.PlateSheet!.Cuts);
        await browser.SubmitAsync(page, "PlateSheet", 3, ("part", "kt31"), ("plateWidth", ""), ("plateHeight", ""), ("cuts", ""));
        Assert.Null((await host.GraftAsync(id)).Seating.SeatOf("kt31")!.PlateSheet);
    }

    [Fact]
    public async Task A_tray_is_stood_on_the_floor_by_the_lists_and_what_will_not_do_is_said()
    {
        var (id, page, browser) = await FerryAsync();
        await browser.SubmitAsync(page, "AddPlane", 1, ("name", "floor"), ("width", "400"), ("depth", "300"), ("material", "Wood"));
        Task<HttpResponseMessage> Stand(int revision, string height, string turn) => BenchHost.SendAsync(
            browser, page, page + "/lists?plane=tray&handler=Plane", ("Revision", $"{revision}"), ("outline", "0;0\n330;0\n330;240"), ("material", "Steel"), ("thickness", "1.2"),
            ("standsOn", "floor"), ("standX", "10"), ("standY", "20"), ("standTurn", turn), ("standHeight", height));
        var bad = await BenchHost.TextAsync(await Stand(2, "", "a bit"));
        Assert.Contains("How tall are the standoffs below the tray?", bad);
        Assert.Contains("“a bit” is not a turn", bad);
        Assert.Null((await host.GraftAsync(id)).Seating.FindPlane("tray")!.Stand);
        var stood = await BenchHost.TextAsync(await Stand(2, "8", ""));
        Assert.Contains("value=\"floor\" selected", stood);
        Assert.Equal(new PlaneStand("floor", new PlanPoint(10, 20), 0, new Core.Quantities.Millimetres(8)),
            (await host.GraftAsync(id)).Seating.FindPlane("tray")!.Stand);
        Assert.Contains("no standoff of that height is written down under it", await TextAsync(browser, page));
    }

    [Fact]
    public async Task Two_coolers_are_judged_side_by_side_and_one_is_taken()
    {
        var (id, page, browser) = await FerryAsync();
        var (tall, low) = ("tower; tall tower; kt31; 48; 54; 84; 84; 0; 80; 3; metal; hot", "flat; flat cooler; kt31; 50; 56; 70; 70; 0; 30; 3; metal; hot");
        var asked = $"{page}/candidates?of=cooler&boxes={Uri.EscapeDataString(tall + "\n" + low)}";
        var text = await TextAsync(browser, asked);
        Assert.Contains("tall tower stands 88.1 mm above chassis tray, and under the lid only 78 mm is free: 10.1 mm too tall", text);
        Assert.Contains("It brings nothing new against it.", text);
        Assert.Contains("Take flat cooler", text);
        Assert.Equal(60, (await host.GraftAsync(id)).Seating.Boxes.Single(box => box.Id == "cooler").Height.Value);
        await BenchHost.SendAsync(browser, page, page + "/candidates?handler=Take", ("Revision", "1"),
            ("box", low.Replace("flat;", "cooler;", StringComparison.Ordinal)));
        Assert.Equal(("flat cooler", 30.0), (await host.GraftAsync(id)).Seating.Boxes.Single(box => box.Id == "cooler") is var taken
            ? (taken.Name, taken.Height.Value) : default);
        Assert.Contains("“nowhere” is neither a base nor a seated board", await TextAsync(browser, $"{page}/candidates?boxes={Uri.EscapeDataString("c; c; nowhere; 0; 0; 10; 10; 0; 5")}"));
        Assert.Contains("There are more than 4", await TextAsync(browser, $"{page}/candidates?boxes={Uri.EscapeDataString(string.Join('\n', Enumerable.Repeat(low, 5)))}"));
    }

    [Theory]
    [InlineData("Plane", "mounts", "b1; boss; 1; 2; 12; 6; deep 10; bore 2.5\nb2; boss; 9; 2; 12; 6; metal; thread M3; measured\ns1; standoff; 1; 9; 6.5; 6; plastic; thread 6-32; removed; document")]
    [InlineData("Plane", "behindAreas", "magnet; 1; 2; 30; 40; 11\npack; 1; 2; 30; 40; 0; battery\nsupply; 1; 2; 30; 40; 8.5; mains")]
    [InlineData("Board", "zones", "aerial; aerial; 1; 2; 5; 6; 2")]
    [InlineData("Boxes", "boxes", "c; c; tray; 0; 0; 10; 10; 0; 5; 0; part card; slots 2; held\nd; d; tray; 0; 0; 70; 100; 0; 7; 0; drive 2.5; bay 3.5; frame; screw M3 × 4")]
    public async Task What_holds_and_what_lies_behind_is_typed_in_words_and_shown_as_typed(string handler, string field, string lines)
    {
        var (_, page, browser) = await FerryAsync();
        var answer = await BenchHost.SendAsync(browser, page, $"{page}/lists?plane=tray&board=kt31&handler={handler}", ("Revision", "1"),
            ("outline", "0;0\n190;0\n190;190"), ("evidence", "Measured"), ("material", "Steel"), (field, lines));
        Assert.Contains(lines, (await BenchHost.TextAsync(answer)).ReplaceLineEndings("\n"));
    }

    [Fact]
    public async Task A_line_that_nobody_touched_keeps_what_it_does_not_show()
    {
        var ferry = await BenchHost.FerryAsync();
        var later = new UnknownMembers([new("torque", JsonSerializer.SerializeToElement(0.6))]);
        var id = await host.StoreAsync(store => store.AddAsync(ferry.WithSeating(seating => seating.WithPlane("tray", plane => plane with
        {
            Mounts = [.. plane.Mounts.Select(mount => mount.Id == "s4" ? mount : mount with { Evidence = Evidence.Label, Unknown = later })],
        })), Cancellation));
        var (page, browser) = ($"/graft/{id}/seat/lists", host.Browser());
        var before = (await host.GraftAsync(id)).Seating.FindPlane("tray")!.Mounts;
        var lines = Regex.Match(await TextAsync(browser, page), "name=\"mounts\"[^>]*>([^<]*)</textarea>").Groups[1].Value;
        await BenchHost.SendAsync(browser, page, page + "?plane=tray&handler=Plane", ("Revision", "1"), ("outline", "0;0\n330;0\n330;240"), ("material", "Steel"),
            ("mounts", lines.Replace("s4; standoff; 290", "s4; standoff; 291", StringComparison.Ordinal)));
        var after = (await host.GraftAsync(id)).Seating.FindPlane("tray")!.Mounts;
        Assert.Equal(before.Select(mount => mount.Id == "s4" ? mount with { At = mount.At with { X = 291 } } : mount), after);
    }

    private static async Task<string> TextAsync(HttpClient browser, string page) => WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));

    private async Task<(int Id, string Page, HttpClient Browser)> FerryAsync()
    {
        var id = await host.CopyOfFerryAsync();
        return (id, $"/graft/{id}/seat", host.Browser());
    }
}
