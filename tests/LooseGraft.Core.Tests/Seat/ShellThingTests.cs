using CsCheck;
using LooseGraft.Core.Files;
using LooseGraft.Core.Seat.Describing;
using LooseGraft.Core.Seat.Edits;

namespace LooseGraft.Core.Tests.Seat;

public sealed class ShellThingTests
{
    private static readonly Graft Bare = Graft.Empty("shell") with
    {
        Parts =
        [
            new Part("board", "board", PartKind.Board)
            {
                Body = new PartBody([.. new PlanRectangle(0, 0, 170, 170).Corners], Evidence.Measured),
                Ports = [Bench.Header("ground,+12 V") with { Id = "fan" }],
            },
        ],
        Seating = Seating.Empty with { Planes = [new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 300, 250).Corners])] },
    };

    private static readonly Gen<PlanPoint> AnyPlace = Gen.Select(Gen.Int[0, 300], Gen.Int[0, 250]).Select((x, y) => new PlanPoint(x, y));

    private static readonly string[] Grounds = ["tray", "board"];

    private static readonly Gen<ShellSort> AnySort = Gen.OneOf(Enum.GetValues<ShellSort>());

    public static TheoryData<ShellSort> Sorts => [.. Enum.GetValues<ShellSort>().Where(sort => sort != ShellSort.Port)];

    [Theory]
    [MemberData(nameof(Sorts))]
    public void Whatever_is_put_down_lies_there_under_a_name_of_its_own_and_is_kept_in_a_file(ShellSort sort)
    {
        var (graft, at, to) = (Bare, new PlanPoint(100, 60), new PlanPoint(150, 90));
        foreach (var _ in Enumerable.Range(0, 3)) graft = new PutThing(Of(sort), sort, at, to).Apply(graft);
        var views = Views(graft);
        Assert.Equal(3, views.Select(view => view.Thing).Distinct().Count());
        Assert.All(views, view => Assert.Equal(sort, view.Sort));
        Assert.All(views, view => Assert.True(view.Area.DistanceTo(at) < 0.01));
        Assert.Equal(graft, GraftFile.Read(GraftFile.Write(graft)).Graft);
        Assert.Equal(Bare, new RemoveThings(Of(sort), [.. views.Select(view => view.Thing)]).Apply(graft));
        Assert.Equal(views[0].Thing, ShellThing.Parse(views[0].Thing.ToString()));
    }

    [Theory]
    [InlineData(4, 125, PlaneWall.Left)]
    [InlineData(296, 125, PlaneWall.Right)]
    [InlineData(150, 4, PlaneWall.Rear)]
    [InlineData(150, 246, PlaneWall.Front)]
    [InlineData(150, -20, PlaneWall.Rear)]
    [InlineData(4.1, 125, PlaneWall.Floor)]
    [InlineData(150, 245.9, PlaneWall.Floor)]
    public void An_opening_at_an_edge_is_one_in_the_wall_there(double x, double y, PlaneWall wall)
    {
        var opening = Put(ShellSort.Opening, x, y).Openings[0];
        Assert.Equal(wall, opening.Wall);
        Assert.Equal(wall is PlaneWall.Left or PlaneWall.Right ? (y - 10, 20, 20) : (x - 20, 40, 20),
            (Math.Round(opening.Area.X, 2), opening.Area.Width, opening.Area.Depth));
    }

    [Theory]
    [InlineData(3, 3, 3)]
    [InlineData(2.9, 50, 40)]
    [InlineData(50, 2.9, 40)]
    public void What_is_drawn_is_as_large_as_it_is_drawn_and_what_is_pressed_of_a_usual_size(double across, double deep, double width)
    {
        var graft = new PutThing("tray", ShellSort.Box, new PlanPoint(100, 100), new PlanPoint(100 + across, 100 + deep)).Apply(Bare);
        Assert.Equal(width, Math.Round(graft.Seating.Boxes[0].Area.Width, 6));
    }

    [Fact]
    public void The_next_standoff_is_like_the_last_one_but_nobody_measured_it()
    {
        var first = new Mount("s1", MountKind.Standoff, new PlanPoint(10, 10), new Millimetres(9))
        {
            Evidence = Evidence.Measured,
            State = MountState.Removed,
            IsMetal = false,
            Deep = new Millimetres(8),
            Bore = new Millimetres(2.5),
        };
        var graft = Bare.WithSeating(seating => seating.WithPlane("tray", plane => plane with { Mounts = [first] }));
        graft = new PutThing("tray", ShellSort.Standoff, new PlanPoint(40, 10), new PlanPoint(40, 10)).Apply(graft);
        Assert.Equal(
            new Mount("s2", MountKind.Standoff, new PlanPoint(40, 10), new Millimetres(9)) { IsMetal = false }, graft.Seating.Planes[0].Mounts[1]);
        ShellThing[] things = [new(ShellList.Mount, "s1")];
        var copied = new CopyThings("tray", [.. things], 1, new PlanPoint(0, 30)).Apply(graft).Seating.Planes[0].Mounts;
        Assert.Equal(first, copied[0]);
        Assert.Equal(new Mount("s3", MountKind.Standoff, new PlanPoint(10, 40), new Millimetres(9)) { IsMetal = false }, copied[2]);
        var moved = new MoveThings("tray", [.. things], new PlanPoint(1, 0)).Apply(graft).Seating.Planes[0].Mounts[0];
        Assert.Equal(first with { At = new PlanPoint(11, 10), Evidence = Evidence.Assumed }, moved);
        Assert.Equal("bump1", Put(ShellSort.Bump, 20, 20).Mounts[0].Id);
    }

    [Fact]
    public void A_row_of_copies_goes_on_from_the_last_and_leaves_what_it_stands_for()
    {
        var graft = new PutThing("tray", ShellSort.Standoff, new PlanPoint(10, 20), default).Apply(Bare);
        graft = new CopyThings("tray", [new ShellThing(ShellList.Mount, "s1")], 3, new PlanPoint(45.7, -5)).Apply(graft);
        Assert.Equal([("s1", 10, 20), ("s2", 55.7, 15), ("s3", 101.4, 10), ("s4", 147.1, 5)],
            graft.Seating.Planes[0].Mounts.Select(mount => (mount.Id, mount.At.X, mount.At.Y)));
    }

    [Fact]
    public void A_card_s_box_is_copied_without_its_card_for_there_is_but_one()
    {
        var box = new SeatBox("card1", "card", "tray", new PlanRectangle(0, 0, 20, 90)) { Part = "card" };
        var graft = Bare.WithSeating(seating => seating with { Boxes = [box] });
        var copied = new CopyThings("tray", [new ShellThing(ShellList.Box, "card1")], 1, new PlanPoint(20, 0)).Apply(graft).Seating.Boxes;
        Assert.Equal(("card2", null), (copied[1].Id, copied[1].Part));
    }

    [Fact]
    public void Openings_in_walls_go_along_them_and_leads_stay_at_their_ports()
    {
        var wall = new Opening("io", "io", OpeningKind.Ports, PlaneWall.Left, new PlanRectangle(20, 4, 60, 30));
        var run = new LeadRun("lead1", "lead", "tray", new RunEnd(new PortId("board", "fan"), default, 0), new RunEnd(null, new PlanPoint(10, 10), 0));
        var graft = Bare.WithSeating(seating => seating.WithPlane("tray", plane => plane with { Openings = [wall] }) with { Runs = [run] });
        var things = new[] { new ShellThing(ShellList.Opening, "io"), new ShellThing(ShellList.Lead, "lead1") };
        var moved = new MoveThings("tray", [.. things], new PlanPoint(7, 5)).Apply(graft).Seating;
        Assert.Equal(wall.Area with { X = 25 }, moved.Planes[0].Openings[0].Area);
        Assert.Equal((run.From, new PlanPoint(17, 15)), (moved.Runs[0].From, moved.Runs[0].To.At));
    }

    [Fact]
    public void Things_that_are_moved_and_moved_back_or_turned_four_times_lie_as_before()
        => Gen.Select(AnySort.Array[1, 8], AnyPlace.Array[8], AnyPlace).Hold((sorts, places, by) =>
        {
            var graft = sorts.Index().Aggregate(Bare, (with, each) => new PutThing(Of(each.Item), each.Item, places[each.Index], by, "fan").Apply(with));
            ShellThing[] things = [.. Views(graft).Select(view => view.Thing)];
            foreach (var of in Grounds)
            {
                var there = new MoveThings(of, [.. things], by).Apply(graft);
                Same(graft, new MoveThings(of, [.. things], new PlanPoint(-by.X, -by.Y)).Apply(there));
                Same(graft, Enumerable.Range(0, 4).Aggregate(graft, (with, _) => new TurnThings(of, [.. things], by).Apply(with)));
            }
        }, iter: 200);

    [Theory]
    [InlineData(8, 85, PortFacing.Left)]
    [InlineData(162, 85, PortFacing.Right)]
    [InlineData(85, 0, PortFacing.Rear)]
    [InlineData(85, 170, PortFacing.Front)]
    [InlineData(8.1, 85, PortFacing.Up)]
    public void A_port_near_an_edge_looks_over_it_and_is_turned_with_the_rest(double x, double y, PortFacing faces)
    {
        var graft = new PutThing("board", ShellSort.Port, new PlanPoint(x, y), default, "fan").Apply(Bare);
        Assert.Equal(faces, graft.Parts[0].Ports[0].Place!.Faces);
        ShellThing[] port = [new(ShellList.Port, "fan")];
        var turned = new TurnThings("board", [.. port], new PlanPoint(85, 85)).Apply(graft).Parts[0].Ports[0].Place!;
        Assert.Equal(faces switch
        {
            PortFacing.Rear => PortFacing.Right,
            PortFacing.Right => PortFacing.Front,
            PortFacing.Front => PortFacing.Left,
            PortFacing.Left => PortFacing.Rear,
            _ => PortFacing.Up,
        }, turned.Faces);
        Assert.Equal(graft, new CopyThings("board", [.. port], 2, new PlanPoint(5, 5)).Apply(graft));
        Assert.Null(new RemoveThings("board", [.. port]).Apply(graft).Parts[0].Ports[0].Place);
    }

    [Fact]
    public void What_has_no_ground_to_lie_on_is_not_put_down()
    {
        var shapeless = Bare.WithPart("board", part => part with { Body = null });
        foreach (var edit in new[]
        {
            new PutThing("board", ShellSort.Tall, default, default), new PutThing("board", ShellSort.Port, default, default, "nowhere"),
            new PutThing("board", ShellSort.Standoff, default, default), new PutThing("tray", ShellSort.Hole, default, default),
        })
        {
            Assert.Null(edit.Thing(shapeless));
            Assert.Equal(shapeless, edit.Apply(shapeless));
        }

        Assert.Equal(3.2, new PutThing("board", ShellSort.Hole, new PlanPoint(5, 5), default).Apply(shapeless).Parts[0].Holes[0].Diameter.Value);
    }

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("mount")]
    [InlineData("mount:")]
    [InlineData("board:s1")]
    public void What_names_nothing_is_no_thing(string? text) => Assert.Null(ShellThing.Parse(text));

    private static void Same(Graft one, Graft other)
    {
        foreach (var (before, after) in Views(one).OrderBy(View).Zip(Views(other).OrderBy(View)))
        {
            Assert.Equal(before.Thing, after.Thing);
            Assert.True(before.Area.Middle.To(after.Area.Middle) < 0.05, $"{before} {after}");
        }

        static string View(ShellView view) => view.Thing.ToString();
    }

    private static MountPlane Put(ShellSort sort, double x, double y)
        => new PutThing("tray", sort, new PlanPoint(x, y), new PlanPoint(x, y)).Apply(Bare).Seating.Planes[0];

    private static string Of(ShellSort sort) => sort >= ShellSort.Hole ? "board" : "tray";

    private static ShellView[] Views(Graft graft)
        => [.. ShellView.On(graft.Seating, graft.Seating.Planes[0], _ => null), .. ShellView.On(graft.Parts[0])];
}
