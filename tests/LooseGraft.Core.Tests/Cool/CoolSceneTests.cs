using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CoolRest;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What of Seat, Wire and Feed the air is made of, and what it is told besides.</summary>
public sealed class CoolSceneTests
{
    [Theory]
    [InlineData(null, "box")]
    [InlineData("box", null)]
    public void A_fan_that_blows_in_blows_into_the_shell_whichever_way_its_opening_was_told(string? from, string? to)
    {
        var state = CoolRest.Rest(Heated(50, Way("back", 60), Way("hole", 80, from: from, to: to)).Blown("hole", AirDirection.In));
        Assert.True(state.Ways[1] > 0.001 && state.Ways[0] < -0.001 && state.Fans[0] > 0.001);
        var between = Heated(50, Way("door", 60, from: "box", to: "loft"))
            .Cooled(cooling => cooling with { Spaces = cooling.Spaces.Add(new AirSpace("loft", "loft")) });
        Assert.Equal(("in", "out"), (between.Towards("hole", AirDirection.In), between.Towards("hole", AirDirection.Out)));
        Assert.Equal(("towards loft", "towards box"), (between.Towards("door", AirDirection.In), between.Towards("door", AirDirection.Out)));
    }

    private static readonly MountPlane Base = new("box", "box", [.. new PlanRectangle(0, 0, 400, 300).Corners]) { Lid = new(200) };

    private static Graft Drawn(params Opening[] openings) => Heated(50) with
    {
        Seating = new Seating { Planes = [Base with { Openings = [.. openings] }] },
        Cooling = Heated(50).Cooling with { Spaces = [] },
    };

    private static Opening Hole(string id, OpeningKind kind, PlaneWall wall = PlaneWall.Rear, bool isRound = false)
        => new(id, id, kind, wall, new PlanRectangle(100, 60, 100, 40)) { IsRound = isRound };

    [Fact]
    public void A_plane_with_a_lid_is_a_space_as_large_and_one_without_may_be_open()
    {
        Assert.Equal(Large, Scene(Drawn()).Spaces[0].Size);
        Assert.Equal(30, Rest(Drawn() with { Loads = [Taking("board", 20.5)] }).Spaces[0], 9);
        var open = Drawn() with { Seating = new Seating { Planes = [Base with { Lid = null }] } };
        Assert.Equal((null, null), (Scene(open).Spaces[0].Size, Scene(open).Spaces[0].Wall));
        // A tray is in the space of what it stands on.
        var tray = Base with { Id = "tray", Stand = new PlaneStand("box", default, 0, new(10)), Openings = [Hole("vent", OpeningKind.Air)] };
        var both = Drawn() with { Seating = new Seating { Planes = [Base, tray], Seats = [new BoardSeat("board", "tray", default, 0)] } };
        Assert.Equal(["box"], Scene(both).Spaces.Select(space => space.Id));
        Assert.Empty(Scene(both).Ways);
        Assert.Equal(0, Scene(both).Sources[0].Space);
        Assert.False(Scene(Graft.Empty("test")).HasShell);
    }

    [Fact]
    public void A_side_of_another_material_gives_what_that_gives()
    {
        // Wood left and right, 2 · 0.3 · 0.2 m² at 3 instead of 5 W/m²K: 0.24 W/K less.
        static WallSheet Wood(PlaneWall wall) => new(wall, PlaneMaterial.Wood, new(12));
        var graft = Drawn() with
        {
            Seating = new Seating { Planes = [Base with { Walls = [Wood(PlaneWall.Left), Wood(PlaneWall.Right)] }] },
            Loads = [Taking("board", 18.1)],
        };
        Assert.Equal(20 + (18.1 / (2 - 0.24 + HeatBalance.LeastWall)), Rest(graft).Spaces[0], 9);
        Assert.Equal(20 + (18.1 / (1.2 + HeatBalance.LeastWall)),
            Rest(graft.Cooled(cooling => cooling with { Spaces = [new AirSpace("box", "box") { Material = PlaneMaterial.Wood }] })).Spaces[0], 9);
    }

    [Fact]
    public void Openings_for_air_count_others_when_somebody_says_so_and_shut_ones_never()
    {
        var graft = Drawn(Hole("air", OpeningKind.Air), Hole("ports", OpeningKind.Ports), Hole("slot", OpeningKind.Slot), Hole("way", OpeningKind.Way));
        Assert.Equal(["box/air"], Scene(graft).Ways.Select(way => way.Key));
        var told = graft.Cooled(cooling => cooling with
        {
            Vents = [new("box", "air", AirCover.Open) { IsShut = true }, new("box", "slot", AirCover.Punched) { FreeShare = 0.3, Filter = AirFilter.Clean }],
        });
        var way = Assert.Single(Scene(told).Ways);
        Assert.Equal(("box/slot", AirCover.Punched, AirFilter.Clean, 0.004, 0.08), (way.Key, way.Cover, way.Filter, way.AreaM2, Math.Round(way.HeightM, 9)));
        Assert.Equal(new Unsure(Scene(told).Figures[way.Share].Group, 0.3, 0.3, 0.3), Scene(told).Figures[way.Share]);
        Assert.Equal(Math.PI / 4 * 0.004, Scene(Drawn(Hole("air", OpeningKind.Air, isRound: true))).Ways[0].AreaM2, 9);
    }

    [Theory]
    [InlineData(PlaneWall.Rear, ShellTop.Lid, 80)]
    [InlineData(PlaneWall.Floor, ShellTop.Lid, 0)]
    [InlineData(PlaneWall.Rear, ShellTop.Rear, 300)]
    [InlineData(PlaneWall.Rear, ShellTop.Front, 0)]
    [InlineData(PlaneWall.Left, ShellTop.Left, 400)]
    [InlineData(PlaneWall.Left, ShellTop.Right, 0)]
    [InlineData(PlaneWall.Front, ShellTop.Left, 250)]
    [InlineData(PlaneWall.Right, ShellTop.Front, 150)]
    public void How_high_an_opening_lies_follows_from_which_side_is_up(PlaneWall wall, ShellTop top, double millimetres)
    {
        var graft = Drawn(Hole("air", OpeningKind.Air, wall)).Cooled(cooling => cooling with { Spaces = [new AirSpace("box", "box") { Top = top }] });
        Assert.Equal(millimetres, Scene(graft).Ways[0].HeightM * 1000, 6);
    }

    [Fact]
    public void A_fan_is_as_large_as_its_box_and_runs_on_what_feeds_it()
    {
        var graft = Drawn(Hole("air", OpeningKind.Air)).And("fan", PartKind.Fan, 2).And("psu", PartKind.Supply);
        graft = graft with
        {
            Supplies = [new Supply("psu", "psu") { Rails = [new Rail(Bench.Signal("+5 V"), Bench.Limit(3))] }],
            Loads = [graft.Loads[0], graft.Loads[1] with { Draws = [Bench.Draw("+5 V", 0.1)], Meant = new MeantWay("psu") }],
            Cooling = graft.Cooling with { Fans = [new FanPlace("fan") { Way = "box/air" }] },
            Seating = graft.Seating with
            {
                Boxes = [new SeatBox("fan-box", "fan", "box", new PlanRectangle(10, 10, 25, 80)) { Height = new(80), Part = "fan" }],
            },
        };
        var fan = Assert.Single(Scene(graft).Fans);
        Assert.Equal((80, 80, 5, null), (fan.SizeMm, fan.Class.SizeMm, fan.Volts, fan.Board));
        Assert.Equal(5.0 / 12, fan.VoltsShare, 9);
        Assert.Equal(6, Scene(graft.Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Volts = new(6) }] })).Fans[0].Volts);
        Assert.Equal("board", Scene(graft.Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Run = FanRun.Board }] })).Fans[0].Board);
        // Without a box and without a word nobody knows how large it is; in a shut opening it moves nothing.
        Assert.Empty(Scene(graft with { Seating = graft.Seating with { Boxes = [] } }).Fans);
        Assert.Empty(Scene(graft.Cooled(cooling => cooling with { Vents = [new("box", "air", AirCover.Open) { IsShut = true }] })).Fans);
    }

    [Fact]
    public void A_fan_runs_by_the_board_whose_control_line_reaches_it_unless_somebody_knows_better()
    {
        var demo = EditSamples.Demos.First(each => each.Graft.Name.Contains("radiogram", StringComparison.Ordinal)).Graft;
        Assert.Equal("kt31", Scene(demo).Fans[0].Board);
        Assert.Null(Scene(Run(demo, FanRun.Full)).Fans[0].Board);
        // Its control wire, the first of the header, is left off.
        var joint = demo.Joints.First(each => each.Id == "fan");
        var without = joint with { Wires = joint.Wires.RemoveAll(wire => wire.From == 1) };
        var three = demo with { Joints = demo.Joints.RemoveAll(each => each == joint).Add(without) };
        Assert.Equal((null, "kt31"), (Scene(three).Fans[0].Board, Scene(Run(three, FanRun.Board)).Fans[0].Board));

        static Graft Run(Graft graft, FanRun run) => graft.Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Run = run }] });
    }

    [Theory]
    [InlineData(3.9, 0)]
    [InlineData(4, 1.0 / 3)]
    [InlineData(12, 1)]
    public void Below_four_volts_a_fan_stands_still(double volts, double share)
    {
        var graft = CoolRuleExamples.Through().Blown("high", volts: volts);
        Assert.Equal(share, Scene(graft).Fans[0].VoltsShare, 9);
        Assert.Equal(share, Rest(graft).Speeds[0], 9);
    }

    [Theory]
    [InlineData(15.9, 0.65)]
    [InlineData(16, 1)]
    [InlineData(25, 1)]
    public void A_slim_fan_moves_less(double thick, double share)
    {
        var usual = Scene(CoolRuleExamples.Through().Blown("high"));
        var slim = Scene(CoolRuleExamples.Through().Blown("high").Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Thickness = new(thick) }] }));
        Assert.Equal(share * usual.Figures[usual.Fans[0].FreeAir].Likely, slim.Figures[slim.Fans[0].FreeAir].Likely, 9);
    }

    [Fact]
    public void What_is_printed_of_a_fan_takes_the_place_of_what_its_like_do()
    {
        var scene = Scene(CoolRuleExamples.Through().Blown("high").Cooled(cooling => cooling with
        {
            Fans = [cooling.Fans[0] with { FreeAir = new(20), Blocked = new(15), Gap = new(15) }],
        }));
        // A quarter of half its width before a wall: 0.8 · √¼ of its flow.
        Assert.Equal((0.008, 15), (Math.Round(scene.Figures[scene.Fans[0].FreeAir].High, 9), scene.Figures[scene.Fans[0].Blocked].Low));
    }

    [Fact]
    public void A_typed_curve_takes_the_place_of_the_straight_line()
    {
        double Flow(params FanPoint[] curve) => -Rest(Heated(50, Way("in", 40), Way("out", 300)).Blown("out").Cooled(cooling => cooling with
        {
            Fans = [cooling.Fans[0] with { FreeAir = new(20), Blocked = new(20), Curve = [.. curve] }],
        })).Ways[1];
        FanPoint Point(double flow, double pressure) => new(new(flow), new(pressure));
        Assert.Equal(Flow(), Flow(Point(0, 20), Point(20, 0)), 9);
        Assert.True(Flow(Point(0, 20), Point(10, 18), Point(20, 0)) > 1.1 * Flow());
        Assert.True(Flow(Point(0, 20), Point(10, 4), Point(20, 0)) < 0.9 * Flow());
    }

    [Fact]
    public void Two_fans_of_one_way_stand_beside_each_other_or_one_behind_the_other()
    {
        Graft Two(bool isBehind, double inlet) => Heated(50, Way("in", inlet), Way("out", 300)).Blown("out").Blown("out", id: "other")
            .Cooled(cooling => cooling with { Fans = [cooling.Fans[0], cooling.Fans[1] with { IsBehind = isBehind }] });
        double Flow(Graft graft) => Rest(graft).Ways[0];
        var one = Flow(Heated(50, Way("in", 20), Way("out", 300)).Blown("out"));
        // Through a wide inlet two beside each other move more, through a narrow one two behind each other.
        Assert.True(Flow(Two(false, 2000)) > 1.3 * Flow(Two(true, 2000)));
        Assert.True(Flow(Two(true, 20)) > 1.2 * one && Flow(Two(true, 20)) > Flow(Two(false, 20)));
        var state = Rest(Two(true, 20));
        Assert.Equal(state.Fans[0], state.Fans[1]);
        Assert.Equal(-state.Ways[1], state.Fans[0], 9);
        Assert.Equal(-Rest(Two(false, 20)).Ways[1], Rest(Two(false, 20)).Fans.Sum(), 9);
    }

    [Fact]
    public void A_fan_before_an_opening_smaller_than_itself_blows_through_that()
    {
        double Flow(double area) => Rest(Heated(50, Way("in", 500), Way("out", area)).Blown("out")).Ways[0];
        // A fan of 120 mm covers 113 cm².
        Assert.True(Flow(114) > 1.2 * Flow(112));
        Assert.Equal(Flow(114), Flow(400), 9);
    }

    [Fact]
    public void A_fan_that_only_stirs_cools_what_has_none_of_its_own()
    {
        var still = Heated(30).Cooled(cooling => cooling with { Coolers = [cooling.Coolers[0] with { Class = CoolerClass.Find("tower-passive") }] });
        var stirred = still.And("fan", PartKind.Fan).Cooled(cooling => cooling with { Fans = [new FanPlace("fan") { Size = new(120) }] });
        Assert.True(Rest(stirred).Spots[0] < Rest(still).Spots[0] - 5);
        Assert.Equal((0, 14.2), (Rest(stirred).Fans[0], Math.Round(Rest(stirred).Through[0], 1)));
    }

    [Fact]
    public void A_duct_brings_a_cooler_air_from_the_room()
    {
        var graft = Heated(100);
        var ducted = graft.Cooled(cooling => cooling with { Coolers = [cooling.Coolers[0] with { TakesRoomAir = true }] });
        Assert.True(Rest(graft).Spots[0] - Rest(ducted).Spots[0] > 40);
        Assert.Equal(Rest(graft).Spaces[0], Rest(ducted).Spaces[0]);
    }

    [Theory]
    [InlineData(19.9, "small-heat-sink")]
    [InlineData(20, "box-cooler")]
    public void A_processor_of_which_nobody_said_what_cools_it_has_what_is_usual(double watts, string cooler)
        => Assert.Equal(cooler, Scene(Heated(watts).Cooled(cooling => cooling with { Coolers = [] })).Spots[0].Cooler!.Id);

    [Fact]
    public void A_drive_counts_as_spinning_until_somebody_says_what_it_is()
    {
        HotSpot Drive(bool? spins) => Scene(Heated(50).And("drive", PartKind.Drive, 5).Cooled(cooling => cooling with
        {
            Coolers = [new CoolerPlace("drive") { Spins = spins }],
        })).Spots.Single(spot => spot.Part == "drive");
        Assert.Equal((HotKind.SpinningDrive, true), (Drive(null).Kind, Drive(null).IsStrict));
        Assert.Equal((HotKind.SpinningDrive, false), (Drive(true).Kind, Drive(true).IsStrict));
        Assert.Equal((HotKind.SolidState, false), (Drive(false).Kind, Drive(false).IsStrict));
    }

    [Theory]
    // An opening of 100 × 40 mm: 40 cm², and 280 mm round it.
    [InlineData(ShellTop.Lid, null, 22.4)]
    [InlineData(ShellTop.Lid, 14.0, 39.2)]
    [InlineData(ShellTop.Lid, 14.3, 40)]
    [InlineData(ShellTop.Lid, 0.0, 0.01)]
    [InlineData(ShellTop.Rear, 0.0, 40)]
    public void Air_comes_to_an_opening_below_only_through_the_gap_that_the_feet_leave(ShellTop top, double? feet, double area)
    {
        var graft = Drawn(Hole("air", OpeningKind.Air, PlaneWall.Floor)).Cooled(cooling => cooling with
        {
            Spaces = [new AirSpace("box", "box") { Top = top }],
            Feet = feet is { } high ? new(high) : null,
        });
        Assert.Equal(area, Scene(graft).Ways[0].AreaM2 * 1e4, 9);
        var round = graft with { Seating = new Seating { Planes = [Base with { Openings = [Hole("air", OpeningKind.Air, PlaneWall.Floor, isRound: true)] }] } };
        if (feet is null) Assert.Equal(Math.PI * 100 * 8 / 100, Scene(round).Ways[0].AreaM2 * 1e4, 9);
    }

    [Theory]
    [InlineData(null, 5.0, 0.4167)]
    [InlineData(5.0, 5.0, 1)]
    [InlineData(null, 3.99, 0)]
    [InlineData(null, 4.0, 0.3333)]
    [InlineData(24.0, 7.99, 0)]
    [InlineData(24.0, 8.0, 0.3333)]
    [InlineData(5.0, null, 1)]
    public void A_fan_turns_by_what_it_gets_of_the_volts_that_it_is_made_for(double? rated, double? volts, double share)
    {
        var graft = Heated(50, Way("out", 100)).Blown("out").Cooled(cooling => cooling with
        {
            Fans = [cooling.Fans[0] with { Rated = rated is { } made ? new(made) : null, Volts = volts is { } gets ? new(gets) : null }],
        });
        Assert.Equal(share, Scene(graft).Fans[0].VoltsShare, 4);
        Assert.Equal(share == 0, Scene(graft).Fans[0].NeverTurns);
    }

    [Fact]
    public void The_box_of_a_supply_is_not_the_size_of_its_fan()
    {
        Graft Boxed(PartKind kind) => Drawn(Hole("air", OpeningKind.Air)).And("thing", kind, 5).Cooled(cooling => cooling with
        {
            Fans = [new FanPlace("thing") { Way = "box/air" }],
        }) with
        {
            Seating = new Seating
            {
                Planes = [Base with { Openings = [Hole("air", OpeningKind.Air)] }],
                Boxes = [new SeatBox("b", "b", "box", new(0, 0, 80, 25)) { Part = "thing", Height = new(80) }],
            },
        };
        Assert.Equal(80, Assert.Single(Scene(Boxed(PartKind.Fan)).Fans).SizeMm);
        Assert.Empty(Scene(Boxed(PartKind.Supply)).Fans);
        Assert.Contains(Core.Review.Of(Boxed(PartKind.Supply)).At(Stage.Cool), finding => finding.Message == "The fan of thing: nobody said how large it is, so it counts as moving nothing.");
    }
}
