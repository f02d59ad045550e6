using System.Net;
using System.Net.Http.Headers;
using System.Text;

namespace LooseGraft.Web.Tests;

/// <summary>The pages of Seat: the plan, the lists, the caliper, drawings that come in.</summary>
public sealed class SeatPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task The_short_under_the_radiograms_board_is_told_and_covering_the_tab_cures_it()
    {
        var (id, page, browser) = await FerryAsync();
        Assert.Contains("The tab t1 stands under Ovrell KT-31 board where no hole is", await TextAsync(browser, page));
        var answer = await browser.SubmitAsync(page, "Mount", 1, ("plane", "tray"), ("mount", "t1"), ("state", "Removed"));
        Assert.DoesNotContain("The tab t1 stands under", await BenchHost.TextAsync(answer));
        Assert.Equal(MountState.Removed, (await host.GraftAsync(id)).Seating.Planes[0].Mounts.Single(mount => mount.Id == "t1").State);
    }

    [Fact]
    public async Task A_board_is_moved_held_taken_off_and_every_step_is_in_the_history()
    {
        var (id, page, browser) = await FerryAsync();
        await browser.SubmitAsync(page, "Seat", 1, ("part", "kt31"), ("plane", "tray"), ("x", "1 5/8 in"), ("y", "12,5"), ("turn", "90"));
        var seat = (await host.GraftAsync(id)).Seating.SeatOf("kt31")!;
        Assert.Equal((41.28, 12.5, 90.0), (seat.At.X, seat.At.Y, seat.TurnDegrees));
        await browser.SubmitAsync(page, "Hole", 2, ("part", "kt31"), ("hole", "3"), ("method", "PlasticStud"));
        await browser.SubmitAsync(page, "Plate", 3, ("part", "kt31"), ("plate", "Made"));
        seat = (await host.GraftAsync(id)).Seating.SeatOf("kt31")!;
        Assert.Equal((MountMethod.PlasticStud, IoPlate.Made), (seat.Holes.Single(hole => hole.Hole == 3).Method, seat.Plate));
        await browser.SubmitAsync(page, "Unseat", 4, ("part", "kt31"));
        var off = (await host.GraftAsync(id)).Seating;
        Assert.Empty(off.Seats);
        Assert.DoesNotContain(off.Boxes, box => box.On == "kt31");
        Assert.Contains("does not sit yet", await TextAsync(browser, page));
        await browser.SubmitAsync(page, "Undo", 5);
        Assert.Equal(seat, (await host.GraftAsync(id)).Seating.SeatOf("kt31") is { } back
            ? seat with { Holes = seat.Holes, At = back.At, Plate = back.Plate }
            : null);
        Assert.Contains("taken off its base", await TextAsync(browser, $"/graft/{id}/history"));
    }

    [Theory]
    [InlineData("NaN", "0", "0", "“NaN” is not a place")]
    [InlineData("1e309", "0", "0", "is not a place")]
    [InlineData("5", "beep", "0", "“beep” is not a place")]
    [InlineData("5", "5", "400", "“400” is not a turn")]
    public async Task A_place_that_is_none_is_told_and_the_board_stays(string x, string y, string turn, string words)
    {
        var (id, page, browser) = await FerryAsync();
        var answer = await browser.SubmitAsync(page, "Seat", 1, ("part", "kt31"), ("plane", "tray"), ("x", x), ("y", y), ("turn", turn));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, await BenchHost.TextAsync(answer));
        Assert.Equal(40, (await host.GraftAsync(id)).Seating.SeatOf("kt31")!.At.X);
    }

    [Fact]
    public async Task An_empty_graft_begins_with_a_plane_and_is_led_on()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("bare"), Cancellation));
        var (page, browser) = ($"/graft/{id}/seat", host.Browser());
        Assert.Contains("Begin with what the board shall sit on", await TextAsync(browser, page));
        foreach (var other in new[] { "/survey", "/lists", "/cuts" })
            Assert.Equal(HttpStatusCode.OK, (await browser.GetAsync(page + other, Cancellation)).StatusCode);
        var bad = await browser.SubmitAsync(page, "AddPlane", 1, ("name", "floor"), ("width", "wide"), ("depth", "-3"), ("material", "Wood"));
        Assert.Contains("“wide” is not a size", await BenchHost.TextAsync(bad));
        await browser.SubmitAsync(page, "AddPlane", 1, ("name", "floor"), ("width", "12 1/2 in"), ("depth", "240"), ("material", "Wood"));
        var plane = Assert.Single((await host.GraftAsync(id)).Seating.Planes);
        Assert.Equal(("floor", 317.5, PlaneMaterial.Wood), (plane.Id, plane.Outline[2].X, plane.Material));
        Assert.Contains("No board is described yet", await TextAsync(browser, page));
        await BenchHost.SendAsync(browser, page, page + "/lists?handler=RemovePlane", ("Revision", "2"), ("plane", "floor"));
        Assert.Empty((await host.GraftAsync(id)).Seating.Planes);
    }

    [Fact]
    public async Task Every_list_that_is_shown_is_read_back_as_it_is()
    {
        var (id, page, browser) = await FerryAsync();
        var before = await host.GraftAsync(id);
        var shown = await TextAsync(browser, page + "/lists");
        string Field(string name, int which = 0) => Regex("name=\"" + name + "\"[^>]*>([^<]*)</textarea>").Matches(shown)[which].Groups[1].Value;
        await BenchHost.SendAsync(
            browser, page, page + "/lists?plane=tray&handler=Plane", ("Revision", "1"), ("name", "chassis tray"), ("material", "Steel"), ("thickness", "1.2"),
            ("behind", "18"), ("lid", "78"),
            ("outline", Field("outline")), ("mounts", Field("mounts")), ("ceilings", Field("ceilings")), ("openings", Field("openings")), ("walls", Field("walls")),
            ("behindAreas", Field("behindAreas")), ("lidMetal", ""));
        await BenchHost.SendAsync(
            browser, page, page + "/lists?board=kt31&handler=Board", ("Revision", "1"), ("evidence", "Measured"), ("thickness", "1.6"), ("tails", "2.5"),
            ("outline", Field("outline", 1)), ("holes", Field("holes")), ("zones", Field("zones")), ("places", Field("places")));
        await BenchHost.SendAsync(browser, page, page + "/lists?handler=Boxes", ("Revision", "1"), ("boxes", Field("boxes")));
        await BenchHost.SendAsync(browser, page, page + "/lists?handler=Runs", ("Revision", "1"), ("runs", Field("runs")));
        var after = await host.GraftAsync(id);
        Assert.Equal(Core.Files.GraftFile.Write(before), Core.Files.GraftFile.Write(after));
    }

    [Theory]
    [InlineData("Plane", "mounts", "s1; pillar; 1; 2; 3", "Line 1, “s1; pillar; 1; 2; 3”: kind “pillar” is none of standoff, stud, bump, tab, brace, boss.")]
    [InlineData("Plane", "mounts", "s1; tab; 1; 2; 3; 6; green", "“green” is none of plastic, metal, threaded, no thread, thread M3, deep 6, bore 2.5, removed, insulated, and from where: measured, document, label, diagram")]
    [InlineData("Plane", "mounts", "s1; tab; 1; 2; 3; 6; thread M9", "“thread M9” is none of plastic")]
    [InlineData("Plane", "behindAreas", "pack; 0; 0; 10; 10; 5; lava", "“lava” is neither battery nor mains")]
    [InlineData("Boxes", "boxes", "c; c; tray; 0; 0; 10; 10; 0; 5; 0; screw M3", "“screw M3” is not a screw such as M3 × 6")]
    [InlineData("Boxes", "boxes", "c; c; tray; 0; 0; 10; 10; 0; 5; 0; slots 9", "“slots 9” is none of metal, insulating")]
    [InlineData("Boxes", "boxes", "c; c; tray; 0; 0; 10; 10; 0; 5; 0; drive 4", "“drive 4” is none of metal")]
    [InlineData("Plane", "mounts", "s1; tab; 1; 2; 3\ns1; tab; 4; 2; 3", "“s1” stands there 2 times")]
    [InlineData("Plane", "ceilings", "brace; 0; 0; 0; 14; 45", "width “0” is not a length above 0")]
    [InlineData("Plane", "openings", "io; rear; ports; roof; 1; 1; 1; 1", "wall “roof” is none of floor, rear, front, left, right")]
    [InlineData("Boxes", "boxes", "cooler; cooler; nowhere; 0; 0; 10; 10; 0; 5; 0", "“nowhere” is neither a base nor a seated board")]
    [InlineData("Boxes", "boxes", "c; c; tray; NaN; 0; 10; 10; 0; 5; 0", "x “NaN” is not a length")]
    [InlineData("Runs", "runs", "r; r; tray; here; 0; kt31/main; 0; 300; 5", "end “here” is neither part/port nor two figures")]
    [InlineData("Runs", "runs", "r; r; tray; 1 1; 0; kt31/none; 0; 300; 5", "There is no port kt31/none")]
    [InlineData("Board", "places", "panel; 1; 1; sideways", "facing “sideways” is none of up, rear, front, left, right")]
    [InlineData("Board", "holes", "5; 8.5; 0", "diameter “0” is not a length above 0")]
    [InlineData("Board", "zones", "a; tall; 0; 0; 5; 5; 3; more", "“more” is not “insulating”")]
    public async Task A_line_that_will_not_do_is_named_and_nothing_is_kept(string handler, string field, string lines, string words)
    {
        var (id, page, browser) = await FerryAsync();
        var before = Core.Files.GraftFile.Write(await host.GraftAsync(id));
        var answer = await BenchHost.SendAsync(
            browser, page, $"{page}/lists?plane=tray&board=kt31&handler={handler}", ("Revision", "1"), ("outline", "0;0\n10;0\n10;10"),
            ("evidence", "Measured"), ("material", "Steel"), (field, lines));
        var text = await BenchHost.TextAsync(answer);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, text);
        Assert.Contains(lines.Split('\n')[0], text);
        Assert.Equal(before, Core.Files.GraftFile.Write(await host.GraftAsync(id)));
    }

    [Fact]
    public async Task Ten_thousand_lines_are_refused_with_words()
    {
        var (_, page, browser) = await FerryAsync();
        var answer = await BenchHost.SendAsync(
            browser, page, page + "/lists?handler=Boxes", ("Revision", "1"),
            ("boxes", string.Concat(Enumerable.Range(0, 10_000).Select(index => $"b{index};b;tray;0;0;1;1;0;1;0\n"))));
        Assert.Contains("There are more than 300 lines.", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task Distances_become_holes_only_once_they_fit()
    {
        var (id, page, browser) = await FerryAsync();
        var survey = page + "/survey?of=kt31";
        var bad = await browser.SubmitAsync(survey, "Spans", 1, ("spans", "h1 left 5\nh1 next door"));
        Assert.Contains("Line 2, “h1 next door”, is not a distance", await BenchHost.TextAsync(bad));
        await browser.SubmitAsync(survey, "Spans", 1, ("spans", "h1 left 5.0\nh1 rear 8.5\nh2 left 151.2"));
        var open = await browser.SubmitAsync(survey, "Take", 2);
        Assert.Contains("The places were not taken over: nothing fixes h2 yet.", await BenchHost.TextAsync(open));
        await browser.SubmitAsync(survey, "Spans", 2, ("spans", "h1 left 5.0\nh1 rear 8.5\nh2 left 151.2\nh2 rear 9.1\nh2 across 3.9"));
        await browser.SubmitAsync(survey, "Take", 3);
        Assert.Equal([(5.0, 8.5, 3.6), (151.2, 9.1, 3.9)],
            (await host.GraftAsync(id)).FindPart("kt31")!.Holes.Select(hole => (hole.X, hole.Y, hole.Diameter.Value)));
        var tray = page + "/survey?of=tray";
        await browser.SubmitAsync(tray, "Spans", 4, ("spans", "s1 left 45.1\ns1 rear 21.4"));
        await browser.SubmitAsync(tray, "Take", 5);
        var mounts = (await host.GraftAsync(id)).Seating.Planes[0].Mounts;
        Assert.Equal((7, new PlanPoint(45.1, 21.4)), (mounts.Length, mounts.Single(mount => mount.Id == "s1").At));
    }

    [Fact]
    public async Task A_drawing_is_brought_in_and_a_bad_one_is_refused_with_words()
    {
        var (id, page, browser) = await FerryAsync();
        var drawing = "<svg width='120mm' height='90mm' viewBox='0 0 120 90'><rect x='10' y='5' width='100' height='80'/><circle cx='15' cy='80' r='1.8'/><circle cx='105' cy='10' r='1.8'/></svg>";
        Assert.Contains("2 holes", await BenchHost.TextAsync(await BringAsync(browser, page, drawing, "kt31")));
        var board = (await host.GraftAsync(id)).FindPart("kt31")!;
        Assert.Equal([(5.0, 5.0), (95.0, 75.0)], board.Holes.Select(hole => (hole.X, hole.Y)));
        Assert.Equal((Evidence.Diagram, new PlanPoint(100, 80)), (board.Body!.Evidence, board.Body.Outline[1] with { Y = 80 }));
        Assert.Contains("plan.svg was not brought in. This is not an SVG: line 1 cannot be read.",
            await BenchHost.TextAsync(await BringAsync(browser, page, "<svg", "kt31", "2")));
        Assert.Contains("larger than 2 MiB", await BenchHost.TextAsync(await BringAsync(browser, page, new string(' ', 2_200_000), "kt31", "2")));
    }

    [Fact]
    public async Task A_stale_move_is_refused_with_both_places_and_can_be_taken_anyway()
    {
        var (id, page, browser) = await FerryAsync();
        (string, string)[] At(string revision, string x) => [("Revision", revision), ("part", "kt31"), ("plane", "tray"), ("x", x), ("y", "12"), ("turn", "0")];
        await BenchHost.SendAsync(browser, page, page + "?handler=Seat", At("1", "42"));
        var stale = await BenchHost.SendAsync(browser, page, page + "?handler=Seat", At("1", "44"));
        var text = await BenchHost.TextAsync(stale);
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);
        Assert.Contains("Ovrell KT-31 board at (44, 12), turned 0°", text);
        Assert.Contains("Ovrell KT-31 board at (42, 12), turned 0°", text);
        await BenchHost.SendAsync(browser, page, page + "?handler=Seat", At("2", "44"));
        Assert.Equal(44, (await host.GraftAsync(id)).Seating.SeatOf("kt31")!.At.X);
    }

    [Theory]
    [InlineData("?plane=nowhere&board=nobody")]
    [InlineData("?cut=1e300&along=depth")]
    [InlineData("?cut=NaN")]
    [InlineData("?angle=lots")]
    [InlineData("?angle=33.3")]
    [InlineData("?tapeFrom=h1&tapeTo=nothing")]
    [InlineData("/survey?of=nothing")]
    [InlineData("/lists?plane=nowhere&board=nobody")]
    [InlineData("/cuts?board=nobody&marks=%00")]
    public async Task An_odd_address_still_shows_a_page(string address)
        => Assert.Equal(HttpStatusCode.OK, (await host.Browser().GetAsync("/graft/4/seat" + address, Cancellation)).StatusCode);

    [Fact]
    public async Task A_standard_pattern_gives_a_plane_standoffs_and_a_board_holes_and_outline()
    {
        var (id, page, browser) = await FerryAsync();
        var lists = page + "/lists";
        await browser.SubmitAsync(lists, "Pattern", 1, ("pattern", "board-mini-itx"), ("into", "tray"), ("left", "38.75"), ("rear", "-1"));
        Assert.Equal(7, (await host.GraftAsync(id)).Seating.Planes[0].Mounts.Length);
        await browser.SubmitAsync(lists, "Pattern", 1, ("pattern", "board-mini-itx"), ("into", "tray"), ("left", "60"), ("rear", "20"));
        var mounts = (await host.GraftAsync(id)).Seating.Planes[0].Mounts;
        Assert.Equal((11, new PlanPoint(66.35, 53.02), Evidence.Document), (mounts.Length, mounts[7].At, mounts[7].Evidence));
        await browser.SubmitAsync(lists, "Pattern", 2, ("pattern", "board-mini-itx"), ("into", "kt31"));
        var board = (await host.GraftAsync(id)).FindPart("kt31")!;
        Assert.Equal((4, 170.18), (board.Holes.Length, board.Body!.Outline[2].X));
        Assert.NotEmpty(board.Body.Zones);
    }

    [Fact]
    public async Task The_weighbridges_card_question_is_answered_by_length_height_and_neighbours()
    {
        var text = await TextAsync(host.Browser(), "/graft/1/seat");
        Assert.Contains("Quarrow Plover card and drive sockets want the same room: 4 mm too much.", text);
        Assert.Contains("move Quarrow Plover card 20.5 mm to the rear, or 6.5 mm up", text);
    }

    private static System.Text.RegularExpressions.Regex Regex(string pattern) => new(pattern, System.Text.RegularExpressions.RegexOptions.Singleline);

    private static async Task<string> TextAsync(HttpClient browser, string page) => WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));

    private static async Task<HttpResponseMessage> BringAsync(HttpClient browser, string page, string drawing, string into, string revision = "1")
    {
        var file = new ByteArrayContent(Encoding.UTF8.GetBytes(drawing)) { Headers = { ContentType = new MediaTypeHeaderValue("image/svg+xml") } };
        var form = new MultipartFormDataContent
        {
            { file, "file", "plan.svg" }, { new StringContent(into), "into" }, { new StringContent(revision), "Revision" },
            { new StringContent(await BenchHost.TokenAsync(browser, page)), "__RequestVerificationToken" },
        };
        return await browser.PostAsync(page + "/lists?handler=Drawing", form, Cancellation);
    }

    private async Task<(int Id, string Page, HttpClient Browser)> FerryAsync()
    {
        var id = await host.CopyOfFerryAsync();
        return (id, $"/graft/{id}/seat", host.Browser());
    }
}
