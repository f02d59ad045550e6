using System.Net;
using LooseGraft.Core.Files;
using LooseGraft.Core.Seat.Describing;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Tests;

/// <summary>The shell described on its plan, through its forms.</summary>
public sealed class ShellFiguresTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public void Figures_that_nobody_touched_say_what_stood_there_for_every_thing_of_every_demo()
    {
        var seen = new HashSet<ShellList>();
        var demos = Directory.EnumerateFiles(Core.Tests.House.Root.Folder("demo"), "*.json");
        foreach (var graft in demos.Select(file => GraftFile.Read(File.ReadAllBytes(file)).Graft!))
        {
            foreach (var plane in graft.Seating.Planes)
            {
                foreach (var view in ShellView.On(graft.Seating, plane, _ => default(PlanPoint)))
                {
                    Same(graft, view, ShellFigures.Of(graft.Seating, plane, view.Thing)!,
                        (errors, cells) => ShellFigures.Read(errors, graft.Seating, plane, view.Thing, cells));
                }
            }

            foreach (var board in graft.Parts)
            {
                foreach (var view in ShellView.On(board))
                    Same(graft, view, ShellFigures.Of(board, view.Thing)!, (errors, cells) => ShellFigures.Read(errors, board, view.Thing, cells));
            }
        }

        Assert.Equal(Enum.GetValues<ShellList>(), seen.Order());

        void Same(
            Graft graft, ShellView view, ShellFigures figures, Func<ModelStateDictionary, string?[], (GraftEdit Edit, ShellThing Thing)?> read)
        {
            var errors = new ModelStateDictionary();
            var made = read(errors, [.. figures.Cells.Select(cell => cell.Value)]);
            Assert.True(errors.IsValid, $"{view}: {string.Join(' ', errors.Values.SelectMany(value => value.Errors).Select(error => error.ErrorMessage))}");
            Assert.Equal(view.Thing, made!.Value.Thing);
            Assert.Equal(graft, made.Value.Edit.Apply(graft));
            seen.Add(view.Thing.List);
        }
    }

    [Fact]
    public async Task A_board_gets_its_size_its_holes_its_zones_and_the_places_of_its_ports()
    {
        var port = new Port("fan", "fan header", ConnectorTypes.Find("fan-4")!, Gender.Male);
        var (browser, id, _) = await ShellAsync(new Part("board", "board", PartKind.Board) { Ports = [port] });
        var page = $"/graft/{id}/seat?hand=board&board=board";
        Assert.DoesNotContain("data-tools", await browser.GetStringAsync(page, Cancellation));
        foreach (var size in new[] { "0", "NaN", "1e309", "wide", "" })
            Assert.Equal(HttpStatusCode.UnprocessableEntity, (await browser.SubmitAsync(page, "BoardSize", 1, ("width", size), ("depth", "170"))).StatusCode);
        await browser.SubmitAsync(page, "BoardSize", 1, ("width", "170"), ("depth", "6 11/16 in"), ("evidence", "Measured"));
        await browser.SubmitAsync(page, "PutDown", 2, ("sort", "Hole"), ("x", "6.35"), ("y", "33.02"));
        await browser.SubmitAsync(page, "PutDown", 3, ("sort", "Tall"), ("x", "20"), ("y", "30"), ("toX", "60"), ("toY", "45"));
        await browser.SubmitAsync(page, "PutDown", 4, ("sort", "Port"), ("x", "100"), ("y", "2"), ("port", "fan"));
        await browser.SubmitAsync(page, "Figures", 5, ("things", "zone:0"), ("cell", "memory"), ("cell", "tall"), ("cell", "20"), ("cell", "30"), ("cell", "40"),
            ("cell", "15"), ("cell", "32"), ("cell", ""));
        await browser.SubmitAsync(page, "Figures", 6, ("things", "port:fan"), ("cell", "fan"), ("cell", "101"), ("cell", "2"), ("cell", "up"), ("cell", "10"),
            ("cell", "8"), ("cell", "20"));
        var board = (await host.GraftAsync(id)).Parts[0];
        Assert.True(board.Body!.Outline[2].To(new PlanPoint(170, 169.863)) < 0.01);
        Assert.Equal((6.35, 33.02, 3.2), (board.Holes[0].X, board.Holes[0].Y, board.Holes[0].Diameter.Value));
        Assert.Equal(("memory", 32, 40), (board.Body.Zones[0].Name, board.Body.Zones[0].Height.Value, board.Body.Zones[0].Area.Width));
        Assert.Equal((101, PortFacing.Up), (board.Ports[0].Place!.At.X, board.Ports[0].Place!.Faces));
        var nothing = await browser.SubmitAsync(page, "PutDown", 7, ("sort", "Port"), ("x", "1"), ("y", "2"), ("port", "nowhere"));
        Assert.Contains("It has nothing to stand on here", await BenchHost.TextAsync(nothing));
        await browser.SubmitAsync(page, "TakeAway", 7, ("things", "port:fan hole:0 zone:0"));
        Assert.Equal("", string.Join(' ', ShellView.On((await host.GraftAsync(id)).Parts[0]).Select(view => view.Name)));
    }

    [Fact]
    public async Task Things_are_put_down_given_their_figures_copied_turned_and_taken_away()
    {
        var (browser, id, page) = await ShellAsync();
        await browser.SubmitAsync(page, "PutDown", 1, ("sort", "Standoff"), ("x", "20"), ("y", "1 in"));
        await browser.SubmitAsync(page, "Figures", 2, ("things", "mount:s1"), ("cell", "post"), ("cell", "stud"), ("cell", "21"), ("cell", "25.4"), ("cell", "8"),
            ("cell", "5"), ("cell", "plastic, thread M3, measured"));
        var post = (await PlaneAsync(id)).Mounts[0];
        Assert.Equal(("post", MountKind.Stud, new PlanPoint(21, 25.4), 8, false, Evidence.Measured),
            (post.Id, post.Kind, post.At, post.Height.Value, post.IsMetal, post.Evidence));
        await browser.SubmitAsync(page, "CopyRow", 3, ("things", "mount:post"), ("count", "2"), ("across", "40"), ("deep", ""));
        Assert.Equal(["post", "post1", "post2"], (await PlaneAsync(id)).Mounts.Select(mount => mount.Id));
        await browser.SubmitAsync(page, "Turn", 4, ("things", "mount:post mount:post2"));
        Assert.Equal(new PlanPoint(61, -14.6), (await PlaneAsync(id)).Mounts[0].At);
        await browser.SubmitAsync(page, "Shift", 5, ("things", "mount:post"), ("across", "-1"), ("deep", "0.5"));
        Assert.Equal(new PlanPoint(60, -14.1), (await PlaneAsync(id)).Mounts[0].At);
        await browser.SubmitAsync(page, "TakeAway", 6, ("things", "mount:post mount:post1 mount:nowhere"));
        Assert.Equal("post2", Assert.Single((await PlaneAsync(id)).Mounts).Id);
    }

    [Theory]
    [InlineData("PutDown", "sort=&x=1&y=1", "Choose first what is put down.")]
    [InlineData("PutDown", "sort=Box&x=NaN&y=1", "“NaN” is not a place.")]
    [InlineData("PutDown", "sort=Box&x=1&y=1e309", "“1e309” is not a place.")]
    [InlineData("CopyRow", "count=51&across=1", "From 1 to 50 copies are put down at once.")]
    [InlineData("CopyRow", "count=many&across=1", "“many” is not a number of copies.")]
    [InlineData("CopyRow", "count=2", "A copy has to lie elsewhere")]
    [InlineData("Shift", "across=far", "“far” is not a place.")]
    [InlineData("Figures", "cell=s1;standoff;wide;1;6;6;", "x “wide” is not a length")]
    [InlineData("Figures", "cell=s2;standoff;1;1;6;6;", "“s2” stands there already; each name once.")]
    [InlineData("Figures", "cell=s1;standoff;1;1;6;6;soft", "“soft” is none of plastic")]
    [InlineData("Figures", "cell=s1", "kind “” is none of standoff")]
    public async Task What_will_not_do_is_said_beside_it_and_nothing_is_changed(string handler, string fields, string words)
    {
        var (browser, id, page) = await ShellAsync();
        await browser.SubmitAsync(page, "PutDown", 1, ("sort", "Standoff"), ("x", "20"), ("y", "20"));
        await browser.SubmitAsync(page, "PutDown", 2, ("sort", "Standoff"), ("x", "60"), ("y", "20"));
        var before = await PlaneAsync(id);
        (string, string)[] typed = [.. fields.Split('&').Select(field => field.Split('=', 2)).SelectMany(pair => pair[0] == "cell"
            ? pair[1].Split(';').Select(cell => ("cell", cell)) : [(pair[0], pair[1])])];
        var answer = await browser.SubmitAsync(page, handler, 3, [("things", "mount:s1"), .. typed]);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, await BenchHost.TextAsync(answer));
        Assert.Equal(before, await PlaneAsync(id));
    }

    [Theory]
    [InlineData("Shift")]
    [InlineData("Turn")]
    [InlineData("TakeAway")]
    [InlineData("Figures")]
    public async Task What_is_not_there_cannot_be_changed(string handler)
    {
        var (browser, _, page) = await ShellAsync();
        foreach (var things in new[] { "", "mount:s1", "ceiling:0", "ceiling:x", "ceiling:-1", "nothing" })
            Assert.Equal(HttpStatusCode.NotFound, (await browser.SubmitAsync(page, handler, 1, ("things", things))).StatusCode);
    }

    [Fact]
    public async Task A_shell_takes_no_more_than_a_file_holds()
    {
        var (browser, id, page) = await ShellAsync();
        await browser.SubmitAsync(page, "PutDown", 1, ("sort", "Opening"), ("x", "50"), ("y", "50"));
        await browser.SubmitAsync(page, "CopyRow", 2, ("things", "opening:opening1"), ("count", "50"), ("across", "1"));
        var answer = await browser.SubmitAsync(page, "CopyRow", 3, ("things", "opening:opening1"), ("count", "50"), ("across", "1"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("64", await BenchHost.TextAsync(answer));
        Assert.Equal(51, (await PlaneAsync(id)).Openings.Length);
    }

    private async Task<MountPlane> PlaneAsync(int id) => (await host.GraftAsync(id)).Seating.Planes[0];

    private async Task<(HttpClient Browser, int Id, string Page)> ShellAsync(params Part[] parts)
    {
        var graft = Graft.Empty("shell") with
        {
            Parts = [.. parts],
            Seating = Seating.Empty with { Planes = [new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 200, 150).Corners])] },
        };
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        return (host.Browser(), id, $"/graft/{id}/seat?hand=shell");
    }
}
