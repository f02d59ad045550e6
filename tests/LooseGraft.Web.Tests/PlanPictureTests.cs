using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Drawing;
using LooseGraft.Web.Drawing;
using LooseGraft.Web.Words;

namespace LooseGraft.Web.Tests;

/// <summary>The plan and the section in pixels, and the words beside them.</summary>
public sealed class PlanPictureTests
{
    private static readonly Graft Seated = Graft.Empty("drawn") with
    {
        Parts = [new Part("board", "board", PartKind.Board)
        {
            Body = new PartBody([.. new PlanRectangle(0, 0, 100, 80).Corners], Evidence.Measured),
            Holes = [new MountHole(5, 5, new Millimetres(3.6)), new MountHole(95, 75, new Millimetres(3.6))],
        }],
        Seating = new Seating
        {
            Planes =
            [
                new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 200, 160).Corners])
                {
                    Lid = new Millimetres(60),
                    Mounts = [Mount("met", 25, 15), Mount("short", 60, 50), Mount("gone", 70, 60) with { State = MountState.Removed },
                        Mount("covered", 80, 40, 2) with { State = MountState.Insulated }, Mount("free", 180, 150),
                        Mount("lifts", 50, 30, 9) with { IsMetal = false }],
                    Openings = [Opening(PlaneWall.Rear), Opening(PlaneWall.Front), Opening(PlaneWall.Left), Opening(PlaneWall.Right)],
                },
            ],
            Seats = [new BoardSeat("board", "tray", new PlanPoint(20, 10), 0)],
            Boxes = [new SeatBox("high", "high", "tray", new PlanRectangle(150, 20, 20, 20)) { From = new Millimetres(30) },
                new SeatBox("low", "low", "tray", new PlanRectangle(150, 20, 20, 20))],
        },
    };

    private static readonly PlanPicture Picture = new(Seated.Seating.Planes[0], SeatStage.Review(Seated));

    [Theory]
    [InlineData(100, 140, 4)]
    [InlineData(100, 280, 2)]
    [InlineData(320, 280, 2)]
    [InlineData(640, 280, 1)]
    public void A_board_is_drawn_as_large_as_it_is_seen_whole(double width, double depth, double scale)
        => Assert.Equal(scale, new BoardPicture(new Part("board", "board", PartKind.Board)
        {
            Body = new PartBody([.. new PlanRectangle(0, 0, width, depth).Corners], Evidence.Measured),
        }).Scale);

    [Fact]
    public void The_plan_is_to_one_scale_with_the_front_up()
    {
        Assert.Equal(3.2, Picture.Scale);
        Assert.Equal(100 * Picture.Scale, Picture.X(150) - Picture.X(50), 9);
        Assert.Equal(100 * Picture.Scale, Picture.Y(20) - Picture.Y(120), 9);
        Assert.True(Picture.Y(160) < Picture.Y(0));
        var (_, top, width, height) = Picture.Rectangle(new PlanRectangle(10, 20, 30, 40));
        Assert.Equal((PlanPicture.N(Picture.Y(60)), "96", "128"), (top, width, height));
    }

    [Theory]
    [InlineData("met", "fine", "met")]
    [InlineData("short", "stop", "shorts the board: take out")]
    [InlineData("gone", "none", "taken out")]
    [InlineData("covered", "note", "covered")]
    [InlineData("free", "none", "free")]
    [InlineData("lifts", "fix", "lifts the board: take out")]
    public void What_becomes_of_a_mount_has_a_shape_and_a_word(string mount, string shape, string word)
        => Assert.Equal((shape, word), Picture.Fate(Picture.Plane.Mounts.Single(each => each.Id == mount)));

    [Theory]
    [InlineData(PlaneWall.Rear, 30, 0, 90, 0)]
    [InlineData(PlaneWall.Front, 30, 160, 90, 160)]
    [InlineData(PlaneWall.Left, 0, 30, 0, 90)]
    [InlineData(PlaneWall.Right, 200, 30, 200, 90)]
    public void An_opening_in_a_wall_is_drawn_along_that_edge(PlaneWall wall, double fromX, double fromY, double toX, double toY)
        => Assert.Equal((new PlanPoint(fromX, fromY), new PlanPoint(toX, toY)), Picture.OnWall(Opening(wall)));

    [Fact]
    public void What_is_higher_is_drawn_over_what_is_lower_and_boards_and_plugs_are_drawn_by_themselves()
        => Assert.Equal(["low", "high"], Picture.Bodies.Select(body => body.Id));

    [Fact]
    public void The_section_keeps_heights_and_widths_to_one_scale()
    {
        var section = new SectionPicture(SectionView.Of(SeatStage.Review(Seated), Seated.Seating.Planes[0], isAcross: true, 30));
        Assert.Equal(section.X(120) - section.X(20), section.Y(-50) - section.Y(50), 9);
        Assert.Contains(section.View.Pieces, piece => piece.Kind == SectionKind.Ceiling);
        Assert.True(section.Width > 200 * section.Scale && section.Height < section.Width);
    }

    [Fact]
    public void Every_choice_of_Seat_has_words_of_its_own()
    {
        AssertDistinct(Enum.GetValues<IoPlate>().Select(plate => plate.Words()));
        AssertDistinct(Enum.GetValues<IoPlate>().Select(plate => plate.Follows()));
        AssertDistinct(Enum.GetValues<Core.Seat.Reach.ReachVerdict>().Select(verdict => verdict.Words()));
        Assert.All(Enum.GetValues<Core.Seat.Reach.ReachVerdict>(), verdict => Assert.Contains(verdict.Shape(), new HashSet<string> { "fine", "check", "fix" }));
    }

    private static void AssertDistinct(IEnumerable<string> words)
    {
        var all = words.ToArray();
        Assert.Equal(all.Length, all.Distinct().Count());
    }

    private static Mount Mount(string id, double x, double y, double height = 6.5) => new(id, MountKind.Standoff, new PlanPoint(x, y), new Millimetres(height));

    private static Opening Opening(PlaneWall wall)
        => new(wall.ToString().ToLowerInvariant(), wall.ToString(), OpeningKind.Air, wall, new PlanRectangle(30, 5, 60, 20));
}
