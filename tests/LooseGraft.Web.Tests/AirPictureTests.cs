using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Seat;
using LooseGraft.Web.Drawing;

namespace LooseGraft.Web.Tests;

/// <summary>The air of a shell as it is drawn.</summary>
public sealed class AirPictureTests
{
    private static readonly Graft Shell = Graft.Empty("drawn") with
    {
        Parts = [new Part("board", "board", PartKind.Board), new Part("drive", "drive", PartKind.Drive)],
        Loads = [Taking("board", 40), Taking("drive", 4)],
        Seating = new Seating
        {
            Planes = [new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 300, 200).Corners])
            {
                Lid = new(100),
                Openings = [Hole("low", PlaneWall.Rear), Hole("side", PlaneWall.Left), Hole("below", PlaneWall.Floor)],
            }],
            Boxes = [new SeatBox("d", "drive", "tray", new PlanRectangle(100, 50, 100, 60)) { Part = "drive", Height = new(26) }],
        },
        Cooling = new Cooling { Ways = [new AirWay("gap", "gap", "tray", null, new(30)) { Height = new(80) }] },
    };

    private static Opening Hole(string id, PlaneWall wall) => new(id, id, OpeningKind.Air, wall, new PlanRectangle(50, 20, 40, 40));

    private static Load Taking(string part, double watts)
    {
        var amps = Spread<Amps>.Exactly(new(watts / 12));
        return new Load(part, part) { Draws = [new Draw("+12 V", amps, amps, amps, Evidence.Measured)] };
    }

    private static (AirPicture Picture, CoolScene Scene) Drawn(Graft graft, bool isFromSide)
    {
        var cool = Core.Review.Of(graft).Cool;
        return (new AirPicture(cool.Scene, cool.At(HeatCase.Peak), isFromSide), cool.Scene);
    }

    private static AirArrow Arrow(bool isFromSide, string way, Graft? graft = null)
    {
        var (picture, scene) = Drawn(graft ?? Shell, isFromSide);
        return picture.Arrows.Single(arrow => scene.Ways[arrow.Way].Key == way);
    }

    [Fact]
    public void From_above_the_rear_is_below_and_from_the_side_the_lid_is_at_the_top()
    {
        var box = Assert.Single(Drawn(Shell, false).Picture.Boxes);
        Assert.Equal(1.5, box.Width / box.Height, 6);
        Assert.Equal(3, Drawn(Shell, true).Picture.Boxes.Single().Width / Drawn(Shell, true).Picture.Boxes.Single().Height, 6);
        // Both to one scale.
        Assert.Equal(box.Width, Drawn(Shell, true).Picture.Boxes.Single().Width, 6);
        Assert.Equal(box.Y + box.Height, Arrow(false, "tray/low").At.Y, 6);
        Assert.Equal(box.X, Arrow(false, "tray/side").At.X, 6);
        Assert.True(Arrow(false, "tray/below").IsFacing && Arrow(true, "tray/low").IsFacing && !Arrow(true, "tray/below").IsFacing);
    }

    [Fact]
    public void What_is_moved_down_past_the_lowest_space_is_still_in_the_picture()
    {
        string[] ids = [.. Enumerable.Range(0, 8).Select(at => $"drive-{at}")];
        var many = Shell with
        {
            Parts = [.. Shell.Parts, .. ids.Select(id => new Part(id, id, PartKind.Drive))],
            Loads = [.. Shell.Loads, .. ids.Select(id => Taking(id, 4))],
            Seating = Shell.Seating with { Boxes = [.. Shell.Seating.Boxes, .. ids.Select(id => Shell.Seating.Boxes[0] with { Id = id, Part = id })] },
        };
        var picture = Drawn(many, true).Picture;
        var spots = picture.Spots(many, Core.Review.Of(many).Seat);
        Assert.True(spots.Max(spot => spot.Y) > picture.Height);
        Assert.All(spots, spot => Assert.True(spot.Y + (AirSpot.Tall / 2) < picture.HeightWith(spots)));
        Assert.Equal(picture.Height, picture.HeightWith([]));
    }

    [Fact]
    public void An_upright_space_stands_upright_from_the_side()
    {
        var upright = Shell with { Cooling = Shell.Cooling with { Spaces = [new AirSpace("tray", "tower") { Top = ShellTop.Rear }] } };
        var box = Drawn(upright, true).Picture.Boxes.Single();
        Assert.Equal(0.5, box.Width / box.Height, 6);
        // What is in its rear is at the top, what is in its base at the left.
        Assert.Equal(box.Y, Arrow(true, "tray/low", upright).At.Y, 6);
        Assert.Equal(box.X, Arrow(true, "tray/below", upright).At.X, 6);
    }

    [Theory]
    [InlineData(PlaneWall.Left, ShellTop.Lid)]
    [InlineData(PlaneWall.Right, ShellTop.Lid)]
    [InlineData(PlaneWall.Front, ShellTop.Rear)]
    [InlineData(PlaneWall.Rear, ShellTop.Front)]
    [InlineData(PlaneWall.Front, ShellTop.Left)]
    [InlineData(PlaneWall.Rear, ShellTop.Right)]
    [InlineData(PlaneWall.Floor, ShellTop.Rear)]
    public void A_way_of_which_the_wall_and_the_height_are_known_is_drawn_there(PlaneWall wall, ShellTop top)
    {
        var graft = Shell with
        {
            Cooling = new Cooling
            {
                Spaces = [new AirSpace("tray", "tray") { Top = top }],
                Ways = [new AirWay("gap", "gap", null, "tray", new(30)) { Wall = wall, Height = new(60) }],
            },
        };
        var (side, above) = (Drawn(graft, true).Picture, Drawn(graft, false).Picture);
        var (box, seen) = (side.Boxes.Single(), side.Arrows.Single(arrow => Drawn(graft, true).Scene.Ways[arrow.Way].Key == "gap"));
        Assert.True(seen.IsPlaced);
        // As high as it is, unless its wall is what is up or what it stands on.
        var isFlat = (wall, top) is (PlaneWall.Front, ShellTop.Rear) or (PlaneWall.Rear, ShellTop.Front);
        Assert.Equal(isFlat ? 0 : 60, (box.Y + box.Height - seen.At.Y) / side.Scale, 6);
        var plan = above.Boxes.Single();
        var edge = Arrow(false, "gap", graft).At;
        Assert.True(wall switch
        {
            PlaneWall.Left => edge.X == plan.X,
            PlaneWall.Right => edge.X == plan.X + plan.Width,
            PlaneWall.Front => edge.Y == plan.Y,
            PlaneWall.Rear => Math.Abs(edge.Y - plan.Y - plan.Height) < 1e-6,
            _ => edge.X > plan.X && edge.X < plan.X + plan.Width,
        });
    }

    [Theory]
    [InlineData(ShellTop.Lid)]
    [InlineData(ShellTop.Rear)]
    [InlineData(ShellTop.Front)]
    [InlineData(ShellTop.Left)]
    [InlineData(ShellTop.Right)]
    public void A_ring_tells_whether_air_comes_towards_the_eye_by_what_is_to_the_right_and_what_is_up(ShellTop top)
    {
        foreach (var isFromSide in new[] { false, true })
        {
            var space = new CoolSpace("s", "s", new SpaceSize(new(300), new(200), new(100)), null) { Base = new(0, 0, 300, 200), Top = top };
            var view = new AirView(space, isFromSide);
            // Towards the eye is right × up, where x is to the right, y to the front and z off the base.
            var (zero, steps) = (view.At(0, 0, 0), new[] { view.At(1, 0, 0), view.At(0, 1, 0), view.At(0, 0, 1) });
            var (right, up) = (steps.Select(step => step.X - zero.X).ToArray(), steps.Select(step => zero.Y - step.Y).ToArray());
            double[] eye = [(right[1] * up[2]) - (right[2] * up[1]), (right[2] * up[0]) - (right[0] * up[2]), (right[0] * up[1]) - (right[1] * up[0])];
            foreach (var (wall, axis, inward) in Walls.Where(wall => view.Outward(wall.Wall) == (0, 0)))
            {
                foreach (var (from, to) in new (string?, string?)[] { (null, "tray"), ("tray", null) })
                {
                    var graft = Blown(wall, top, from, to);
                    var ring = Arrow(isFromSide, "gap", graft);
                    var along = (from is null ? inward : -inward) * eye[axis];
                    Assert.True(ring.IsFacing && ring.Broad > 0);
                    Assert.Equal((top, wall, along > 0), (top, wall, ring.IsTowards));
                }
            }
        }
    }

    // Each wall with the axis it lies across, and which way along it air that goes in moves.
    private static readonly (PlaneWall Wall, int Axis, double Inward)[] Walls =
    [
        (PlaneWall.Left, 0, 1), (PlaneWall.Right, 0, -1), (PlaneWall.Rear, 1, 1), (PlaneWall.Front, 1, -1), (PlaneWall.Floor, 2, 1),
    ];

    // A fan drives air along the gap, and another opening lets it back.
    private static Graft Blown(PlaneWall wall, ShellTop top, string? from, string? to) => Shell with
    {
        Parts = [.. Shell.Parts, new Part("fan", "fan", PartKind.Fan)],
        Cooling = new Cooling
        {
            Spaces = [new AirSpace("tray", "tray") { Top = top }],
            Ways = [new AirWay("gap", "gap", from, to, new(80)) { Wall = wall, Height = new(60) }],
            Fans = [new FanPlace("fan") { Way = "gap", Size = new(80), Blows = from is null ? AirDirection.In : AirDirection.Out }],
        },
    };

    [Theory]
    [InlineData(ShellTop.Lid, PlaneWall.Rear)]
    [InlineData(ShellTop.Rear, PlaneWall.Right)]
    public void The_picture_says_from_which_wall_it_is_seen(ShellTop top, PlaneWall near)
    {
        var graft = Shell with { Cooling = Shell.Cooling with { Spaces = [new AirSpace("tray", "tray") { Top = top }] } };
        Assert.Equal(near, Drawn(graft, true).Picture.Near);
        Assert.Null(Drawn(graft, false).Picture.Near);
    }

    [Fact]
    public void Air_that_goes_in_comes_from_outside_and_is_broad_by_how_much_it_is()
    {
        var (picture, scene) = Drawn(Shell, true);
        var state = Core.Review.Of(Shell).Cool.At(HeatCase.Peak).State;
        foreach (var arrow in picture.Arrows.Where(arrow => !arrow.IsFacing))
        {
            var box = picture.Boxes.Single();
            var way = scene.Ways[arrow.Way];
            var isIn = (way.From < 0) == state.Ways[arrow.Way] > 0;
            var isFromOutside = arrow.From.X < box.X || arrow.From.X > box.X + box.Width || arrow.From.Y < box.Y || arrow.From.Y > box.Y + box.Height;
            Assert.Equal(isIn, isFromOutside);
        }

        var most = picture.Arrows.MaxBy(arrow => Math.Abs(state.Ways[arrow.Way]))!;
        Assert.Equal(most.Broad, picture.Arrows.Max(arrow => arrow.Broad));
        // Warm air leaves high up.
        Assert.False(scene.Ways.First(way => way.Key == "gap").At is not null);
        Assert.Equal(80, (picture.Boxes.Single().Y + picture.Boxes.Single().Height - Arrow(true, "gap").At.Y) / picture.Scale, 6);
    }

    [Fact]
    public void What_stands_somewhere_is_named_there_and_nothing_is_written_over_another()
    {
        var (picture, scene) = Drawn(Shell, false);
        var spots = picture.Spots(Shell, SeatStage.Review(Shell));
        var drive = spots.Single(spot => scene.Spots[spot.Spot].Part == "drive");
        Assert.True(drive.IsPlaced);
        Assert.False(spots.Single(spot => scene.Spots[spot.Spot].Part == "board").IsPlaced);
        foreach (var (one, other) in spots.SelectMany(one => spots.Where(other => other != one), (one, other) => (one, other)))
            Assert.True(Math.Abs(one.X - other.X) >= 94 || Math.Abs(one.Y - other.Y) >= AirSpot.Tall);
    }

    [Fact]
    public void Spaces_stand_beside_each_other_three_in_a_row_with_air_between_them()
    {
        AirSpace Space(int at) => new($"s{at}", $"s{at}") { Size = new SpaceSize(new(100), new(100), new(100)) };
        var graft = Shell with
        {
            Seating = Seating.Empty,
            Cooling = new Cooling
            {
                Spaces = [.. Enumerable.Range(0, 5).Select(Space)],
                Ways = [new AirWay("a", "a", "s0", "s1", new(9)), new AirWay("b", "b", "s1", "s4", new(9))],
            },
        };
        var (picture, _) = Drawn(graft, false);
        Assert.Equal(2, picture.Boxes.Select(box => box.Y).Distinct().Count());
        Assert.Equal(3, picture.Boxes.Count(box => box.Y == picture.Boxes.First().Y));
        Assert.All(picture.Boxes, box => Assert.True(box.X + box.Width < picture.Width && box.Y + box.Height < picture.Height));
        // No air goes where nothing leads to the room: it stands.
        Assert.All(picture.Arrows, arrow => Assert.Equal(0, arrow.Broad));
    }

    [Fact]
    public void A_space_that_nobody_measured_is_drawn_broken()
    {
        var bare = Shell with { Seating = Seating.Empty, Cooling = new Cooling { Spaces = [new AirSpace("s", "s")] } };
        Assert.False(Drawn(bare, false).Picture.Boxes.Single().IsSized);
    }

    [Theory]
    [InlineData(4.99, "cool")]
    [InlineData(5, "mild")]
    [InlineData(11.99, "mild")]
    [InlineData(12, "warm")]
    [InlineData(19.99, "warm")]
    [InlineData(20, "hot")]
    public void The_warmer_the_air_the_denser_its_dots(double kelvins, string warmth) => Assert.Equal(warmth, AirPicture.Warmth(kelvins));

    [Theory]
    [InlineData(0, "a")]
    [InlineData(25, "z")]
    [InlineData(26, "aa")]
    [InlineData(119, "dp")]
    public void Each_way_has_a_letter(int way, string key) => Assert.Equal(key, AirArrow.Key(way));
}
