using CsCheck;
using LooseGraft.Core.Files;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Placing;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>A board on its plane: frames, walls, what moves along, and what edits leave behind.</summary>
public sealed class SeatedBoardTests
{
    [Theory]
    [InlineData(0, 5, 7)]
    [InlineData(90, -7, 5)]
    [InlineData(180, -5, -7)]
    [InlineData(270, 7, -5)]
    [InlineData(-90, 7, -5)]
    [InlineData(450, -7, 5)]
    public void Quarter_turns_are_exact_and_counter_clockwise(double degrees, double x, double y)
        => Assert.Equal(new PlanPoint(x, y), new PlanPoint(5, 7).Turned(degrees));

    [Fact]
    public void A_turn_keeps_every_distance_and_turning_back_undoes_it()
        => Gen.Select(Gen.Double[-300, 300], Gen.Double[-300, 300], Gen.Double[-360, 360]).Hold((x, y, degrees) =>
        {
            var (place, origin) = (new PlanPoint(x, y), default(PlanPoint));
            Assert.Equal(place.To(origin), place.Turned(degrees).To(origin), 9);
            Assert.True(place.To(place.Turned(degrees).Turned(-degrees)) < 1e-9);
        });

    [Fact]
    public void Of_a_board_whose_holes_alone_are_known_a_margin_stands_in_for_its_outline()
    {
        var board = SeatedBoard.Of(Seated(board: Board() with { Body = null }))[0];
        Assert.Equal(new PlanRectangle(19, 9, 102, 82), PlanRectangle.Round(board.Outline));
        Assert.Empty(SeatedBoard.Of(Seated(board: Board() with { Body = null, Holes = [] })));
    }

    [Fact]
    public void A_board_stands_on_its_tallest_mount_and_otherwise_as_high_as_was_said()
    {
        Assert.Equal(6.5, SeatedBoard.Of(Seated())[0].Rise.Value);
        Assert.Equal(8.1, SeatedBoard.Of(Seated())[0].Top, 9);
        Assert.Equal(10, SeatedBoard.Of(Seated().At(seat => seat with { At = new PlanPoint(60, 40), Rise = Mm(10) }))[0].Rise.Value);
    }

    [Theory]
    [InlineData(0, PlaneWall.Rear)]
    [InlineData(90, PlaneWall.Right)]
    [InlineData(180, PlaneWall.Front)]
    [InlineData(270, PlaneWall.Left)]
    [InlineData(0.5, PlaneWall.Rear)]
    [InlineData(45, null)]
    public void The_rear_edge_faces_the_wall_that_the_turn_brings_it_to(double degrees, PlaneWall? wall)
        => Assert.Equal(wall, Walls.Facing(new BoardSeat("board", "tray", default, degrees), PortFacing.Rear));

    [Theory]
    [InlineData(PlaneWall.Rear, 0, 12)]
    [InlineData(PlaneWall.Right, 90, 9)]
    [InlineData(PlaneWall.Front, 180, 7)]
    [InlineData(PlaneWall.Left, 270, 6)]
    public void Following_the_correction_brings_the_ports_into_the_opening_on_every_wall(PlaneWall wall, double degrees, double off)
    {
        var along = wall is PlaneWall.Rear or PlaneWall.Front ? 40 : 60;
        var tray = Tray() with { Mounts = [], Openings = [new Opening("io", "opening", OpeningKind.Ports, wall, new PlanRectangle(along, 0, 40, 40))] };
        var graft = Seated(tray, Board(Socket("usb", 50 + off, 0, PortFacing.Rear)))
            .At(seat => seat with { At = new PlanPoint(100, 80), TurnDegrees = degrees });
        var window = PortWindow.Of(SeatedBoard.Of(graft)[0])!;
        Assert.True(window.Offset > 1);
        var moved = PortWindow.Of(SeatedBoard.Of(graft.At(seat => seat with { At = seat.At + window.Correction }))[0])!;
        Assert.Equal(0, moved.Offset, 9);
    }

    [Fact]
    public void What_stands_on_a_board_moves_and_turns_with_it()
    {
        var graft = Seated().With(Box("cooler", 10, 20, 30, 40, 50, on: "board"));
        SolidBody Cooler(Graft of) => SolidBody.Of(of).Single(body => body.Id == "cooler");
        Assert.Equal(new PlanRectangle(30, 30, 30, 40), Cooler(graft).Bounds);
        Assert.Equal((8.1, 58.1), (Math.Round(Cooler(graft).From, 6), Math.Round(Cooler(graft).To, 6)));
        Assert.Equal(new PlanRectangle(-40, 20, 40, 30), Cooler(graft.At(seat => seat with { At = new PlanPoint(20, 10), TurnDegrees = 90 })).Bounds);
    }

    [Fact]
    public void A_plug_takes_its_room_on_the_side_it_comes_from_and_a_slot_without_room_takes_none()
    {
        var graft = Seated(board: Board(
            Socket("up", 50, 40, PortFacing.Up), Socket("left", 0, 40, PortFacing.Left),
            Socket("none", 70, 40, PortFacing.Up) with { Place = new PortPlace(new PlanPoint(70, 40), PortFacing.Up) { PlugRoom = Mm(0) } }));
        var plugs = SolidBody.Of(graft).Where(body => body.IsPlug).ToDictionary(body => body.Name);
        Assert.Equal(["plug in left", "plug in up"], plugs.Keys.Order());
        Assert.Equal((18.1, 38.1), (Math.Round(plugs["plug in up"].From, 6), Math.Round(plugs["plug in up"].To, 6)));
        Assert.Equal(new PlanRectangle(0, 40, 20, 20), plugs["plug in left"].Bounds);
    }

    // A bump of 10 mm without a thread beside the fourth hole, at 115 and 85 of the tray.
    [Theory]
    [InlineData(4.99, true)]
    [InlineData(5.01, false)]
    public void What_stands_under_a_hole_without_a_thread_carries_the_board_there(double beside, bool isUnder)
    {
        var bump = Mount("b1", 115 + beside, 85, kind: MountKind.Bump) with { IsThreaded = false, Across = Mm(10) };
        var tray = Tray() with { Mounts = [.. Tray().Mounts.Take(3), bump] };
        Assert.Equal(isUnder ? "b1" : null, SeatedBoard.Of(Seated(tray))[0].Holes[3].Under?.Id);
    }

    // A port of 30 mm before an opening of 20: what is left over is shared by both sides.
    [Theory]
    [InlineData(50, 5)]
    [InlineData(45, 0)]
    [InlineData(40, -5)]
    public void A_port_wider_than_its_opening_is_brought_before_its_middle(double opening, double shift)
    {
        var tray = Tray() with { Openings = [new Opening("io", "io", OpeningKind.Ports, PlaneWall.Rear, new PlanRectangle(opening, 0, 20, 40))] };
        var board = SeatedBoard.Of(Seated(tray, Board(Socket("usb", 35, 0, PortFacing.Rear, 30))))[0];
        Assert.Equal((shift, 10.0), (PortWindow.Of(board)!.Shift, PortWindow.Of(board)!.EdgeGap));
    }

    // A port 20 mm wide and 10 tall at 50 and 40 of the board, whose plug needs 20 mm; the board lies 20 and 10 from the corner and ends at 8.1 mm.
    [Theory]
    [InlineData(PortFacing.Up, 60, 47, 20, 6, 18.1, 38.1)]
    [InlineData(PortFacing.Rear, 60, 30, 20, 20, 8.1, 18.1)]
    [InlineData(PortFacing.Front, 60, 50, 20, 20, 8.1, 18.1)]
    [InlineData(PortFacing.Left, 50, 40, 20, 20, 8.1, 18.1)]
    [InlineData(PortFacing.Right, 70, 40, 20, 20, 8.1, 18.1)]
    public void The_room_of_a_plug_lies_before_its_port(PortFacing faces, double x, double y, double width, double depth, double from, double to)
    {
        var plug = Assert.Single(SolidBody.Of(Seated(board: Board(Socket("port", 50, 40, faces)))), body => body.IsPlug);
        Assert.Equal((new PlanRectangle(x, y, width, depth), from, to), (plug.Bounds, Math.Round(plug.From, 6), Math.Round(plug.To, 6)));
    }

    [Fact]
    public void Taking_a_part_out_takes_out_what_names_it_and_leaves_the_rest()
    {
        var graft = Full();
        var without = graft.WithoutPart("board");
        Assert.Empty(without.Seating.Seats);
        Assert.Equal(["cage"], without.Seating.Boxes.Select(box => box.Id));
        Assert.Null(without.Seating.Boxes[0].Part);
        Assert.Empty(without.Seating.Runs);
        Assert.Equal(["tray"], without.Seating.Surveys.Select(survey => survey.Of));
        Assert.Empty(GraftFile.Read(GraftFile.Write(without)).Errors);
    }

    [Fact]
    public void Taking_a_port_out_takes_out_the_leads_that_end_there()
    {
        var without = Full().WithoutPort(new PortId("board", "usb"));
        Assert.Empty(without.Seating.Runs);
        Assert.Single(without.Seating.Seats);
        Assert.Empty(GraftFile.Read(GraftFile.Write(without)).Errors);
    }

    [Fact]
    public void Taking_a_plane_out_takes_out_everything_on_it()
    {
        var graft = Full();
        var without = graft with { Seating = graft.Seating.WithoutPlane("tray") };
        Assert.Equal(["board"], without.Seating.Surveys.Select(survey => survey.Of));
        Assert.Empty(without.Seating.Seats);
        Assert.Empty(without.Seating.Boxes);
        Assert.Empty(without.Seating.Runs);
        Assert.Empty(GraftFile.Read(GraftFile.Write(without)).Errors);
    }

    [Fact]
    public void A_review_after_an_edit_elsewhere_takes_the_seating_over()
    {
        var graft = Full();
        var before = Review.Of(graft);
        Assert.Same(before.Seat, Review.Of(graft with { Name = "other" }, before).Seat);
        Assert.NotSame(before.Seat, Review.Of(graft.At(seat => seat with { TurnDegrees = 90 }), before).Seat);
    }

    [Fact]
    public void One_way_beats_another_only_when_it_is_nowhere_worse()
    {
        var way = new BoardPlacement(new BoardSeat("board", "tray", default, 0), 4, 0, 1, 3, false, 0, 0);
        Assert.True(way.Beats(way with { Met = 3 }));
        Assert.True(way.Beats(way with { IsBlind = true }));
        Assert.False(way.Beats(way));
        Assert.False(way.Beats(way with { Met = 3, ToRemove = 0 }));
        Assert.False((way with { Clashes = 1 }).IsSound);
        Assert.Equal([way, way with { Met = 3, ToRemove = 0 }], BoardPlacement.Pareto([way with { Met = 2 }, way with { Met = 3, ToRemove = 0 }, way, way]));
    }

    private static Graft Full()
    {
        var graft = Seated(board: Board(Socket("usb", 30, 0, PortFacing.Rear)))
            .With(Box("cooler", 10, 20, 30, 40, 50, on: "board"), Box("cage", 150, 20, 30, 40, 50) with { Part = "board" });
        return graft with
        {
            Seating = graft.Seating with
            {
                Runs = [Run(1, 1, 2, 2) with { To = new RunEnd(new PortId("board", "usb"), default, 0) }],
                Surveys = [Survey("board", "h1 left 5"), Survey("tray", "s1 left 5")],
            },
        };
    }
}
