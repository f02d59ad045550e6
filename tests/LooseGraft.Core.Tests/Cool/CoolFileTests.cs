using LooseGraft.Core.Files;
using static LooseGraft.Core.Tests.Cool.CoolBench;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What the air is told is kept whole, named where it is wrong, and goes with what it is said of.</summary>
public sealed class CoolFileTests
{
    private static readonly Graft Full = Seat.SeatBench.Seated(Seat.SeatBench.Tray() with
    {
        Lid = new(60),
        Openings = [new("vent", "vent", OpeningKind.Air, PlaneWall.Rear, new PlanRectangle(10, 10, 40, 40))],
    }) with
    {
        Loads = [Taking("board", 20)],
        Cooling = new Cooling
        {
            Room = new(new(18), new(22), new(27)),
            Stand = ShellStand.InCupboard,
            ShellLimit = new(new(60), Evidence.Label),
            Spaces = [new("tray", "low part") { Top = ShellTop.Rear }, new("top", "top") { Size = Large, Material = PlaneMaterial.Wood }],
            Vents = [new("tray", "vent", AirCover.Mesh) { FreeShare = 0.4, Filter = AirFilter.Dirty, IsShut = true }],
            Ways = [new("gap", "gap", "tray", "top", new(12.5)) { Cover = AirCover.Slots, FreeShare = 0.5, Filter = AirFilter.Clean, Height = new(30) }],
            Fans =
            [
                new("fan")
                {
                    Way = "gap", Blows = AirDirection.Out, Kind = FanKind.Blower, Size = new(50), Thickness = new(15), Volts = new(7), Run = FanRun.Board,
                    FreeAir = new(3), Blocked = new(80), Curve = [new(new(0), new(80)), new(new(2), new(60)), new(new(3), new(0))],
                    Gap = new(20), IsBehind = true, HasGuard = false,
                },
            ],
            Coolers =
            [
                new("board")
                {
                    Class = CoolerClass.Find("tower-fan"), Resistance = new(new(0.2), new(0.3), new(0.4)), Share = 0.7, TakesRoomAir = true, Spins = false,
                    Evidence = Evidence.Measured, Contact = new(new(1.1), new(1.4), new(1.8)),
                    Hold = CoolerHold.CasePosts, BoardHoles = new(new(75), new(59)), OwnHoles = new(new(98), null),
                },
            ],
            AirFactor = new(new(0.4), new(0.5), new(0.7)),
            School = HeatSchool.Thumb,
            Readings =
            [
                new("heat", DateTimeOffset.UnixEpoch, new(71.5), HeatCase.Typical, new(25))
                {
                    Part = "board", Room = new(19), FanShare = 0.6, Tool = HeatTool.Infrared, IsPast = true,
                },
                new("heat-2", DateTimeOffset.UnixEpoch, new(40), HeatCase.Idle, new(5))
                {
                    Way = "gap", Evidence = Evidence.Diagram, Note = "beside the grille",
                },
                new("heat-3", DateTimeOffset.UnixEpoch, new(41), HeatCase.Peak, new(60)) { Space = "top" },
            ],
            Places = [new("board", "top"), new("fan", null)],
        },
        Parts = [Seat.SeatBench.Board(), new("fan", "fan", PartKind.Fan)],
    };

    [Fact]
    public void What_is_written_is_read_back()
    {
        var read = GraftFile.Read(GraftFile.Write(Full));
        Assert.Empty(read.Errors);
        Assert.Equal(Full.Cooling, read.Graft!.Cooling);
    }

    [Theory]
    [InlineData("\"to\": \"top\"", "\"to\": \"attic\"", ".cooling.ways[0].to")]
    [InlineData("\"to\": \"top\"", "\"to\": \"tray\"", ".cooling.ways[0].to")]
    [InlineData("\"way\": \"gap\"", "\"way\": \"tray/door\"", ".cooling.fans[0].way")]
    [InlineData("\"opening\": \"vent\"", "\"opening\": \"door\"", ".cooling.vents[0].opening")]
    [InlineData("\"class\": \"tower-fan\"", "\"class\": \"ice\"", ".cooling.coolers[0].class")]
    [InlineData("\"space\": \"top\"", "\"space\": \"attic\"", ".cooling.places[0].space")]
    [InlineData("\"areaCm2\": 12.5", "\"areaCm2\": -1", ".cooling.ways[0].areaCm2")]
    [InlineData("\"areaCm2\": 12.5", "\"areaCm2\": 1e309", ".cooling.ways[0].areaCm2")]
    [InlineData("\"freeShare\": 0.4", "\"freeShare\": 1.01", ".cooling.vents[0].freeShare")]
    [InlineData("\"volts\": 7", "\"volts\": 25", ".cooling.fans[0].volts")]
    [InlineData("[2, 60]", "[3, 60]", ".cooling.fans[0].curve[2]")]
    [InlineData("[0, 80]", "[1, 80]", ".cooling.fans[0].curve")]
    [InlineData("[3, 0]", "[3, 1]", ".cooling.fans[0].curve")]
    [InlineData("\"way\": \"gap\",\n        \"evidence\"", "\"way\": \"hole\",\n        \"evidence\"", ".cooling.readings[1].way")]
    [InlineData("\"alongMm\":59", "\"alongMm\":4.9", ".cooling.coolers[0].boardHoles.alongMm")]
    [InlineData("\"celsius\": 71.5", "\"celsius\": 201", ".cooling.readings[0].celsius")]
    [InlineData("\"fanShare\": 0.6", "\"fanShare\": 1.1", ".cooling.readings[0].fanShare")]
    [InlineData("\"minutes\": 60", "\"minutes\": 60, \"part\": \"board\"", ".cooling.readings[2]")]
    [InlineData("\"id\": \"heat-2\"", "\"id\": \"heat\"", ".cooling.readings[1]")]
    [InlineData("\"low\": 0.4,", "\"low\": 0.6,", ".cooling.airTimes")]
    [InlineData("\"low\": 18", "\"low\": 28", ".cooling.roomCelsius")]
    public void What_will_not_do_is_named_where_it_stands(string right, string wrong, string path)
    {
        var text = System.Text.Encoding.UTF8.GetString(GraftFile.Write(Full));
        Assert.Contains(right, text);
        var read = GraftFile.Read(System.Text.Encoding.UTF8.GetBytes(text.Replace(right, wrong, StringComparison.Ordinal)));
        Assert.Null(read.Graft);
        Assert.Contains(read.Errors, error => error.Path.Contains(path, StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_told_of_a_thing_goes_with_it()
    {
        Assert.Equal(["heat-2", "heat-3"], Full.WithoutPart("board").Cooling.Readings.Select(reading => reading.Id));
        var bare = Full.WithSeating(seating => seating.WithPlane("tray", plane => plane with { Openings = [] }));
        Assert.Empty(bare.Cooling.Vents);
        Assert.Equal(Full.Cooling with { Vents = [] }, bare.Cooling);
        var gone = Full.WithSeating(seating => seating.WithoutPlane("tray"));
        // The typed space of its name stands by itself from now on.
        Assert.Equal(["tray", "top"], gone.Cooling.Spaces.Select(space => space.Id));
        Assert.Single(gone.Cooling.Ways);
        var without = Full.WithoutPart("board").WithoutPart("fan");
        Assert.Equal((0, 0, 0), (without.Cooling.Fans.Length, without.Cooling.Coolers.Length, without.Cooling.Places.Length));
        var untyped = (Full with { Cooling = Full.Cooling with { Spaces = [Full.Cooling.Spaces[1]] } }).WithSeating(seating => seating.WithoutPlane("tray"));
        Assert.Equal((0, 0), (untyped.Cooling.Ways.Length, untyped.Cooling.Fans.Length));
        Assert.All(new[] { bare, gone, without, untyped }, graft => Assert.Empty(GraftFile.Read(GraftFile.Write(graft)).Errors));
    }
}
