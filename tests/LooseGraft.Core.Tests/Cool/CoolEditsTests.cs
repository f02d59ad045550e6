using LooseGraft.Core.Cool.Edits;
using static LooseGraft.Core.Tests.Cool.CoolBench;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What a builder tells the air.</summary>
public sealed class CoolEditsTests
{
    private static readonly Graft Shell = Heated(50, Way("slots", 20)) with
    {
        Seating = new Seating
        {
            Planes = [new MountPlane("tray", "tray", [.. new PlanRectangle(0, 0, 300, 200).Corners])
            {
                Openings = [new Opening("rear", "rear grille", OpeningKind.Air, PlaneWall.Rear, new PlanRectangle(10, 10, 80, 80))],
            }],
        },
    };

    [Fact]
    public void What_covers_an_opening_is_said_said_anew_and_taken_back()
    {
        var mesh = new CoverOpening("tray", "rear", AirCover.Mesh, 0.5, AirFilter.Clean, false);
        var said = mesh.Apply(Shell);
        Assert.Equal(new Vent("tray", "rear", AirCover.Mesh) { FreeShare = 0.5, Filter = AirFilter.Clean }, Assert.Single(said.Cooling.Vents));
        Assert.Equal("rear grille: mesh, 50 % free, clean filter", mesh.Words(Shell));
        Assert.Equal(("as Seat says", "mesh, 50 % free, clean filter"), (mesh.Standing(Shell), mesh.Standing(said)));
        var shut = new CoverOpening("tray", "rear", null, null, AirFilter.None, true).Apply(said);
        Assert.True(Assert.Single(shut.Cooling.Vents).IsShut);
        Assert.Empty(new CoverOpening("tray", "rear", null, null, AirFilter.None, false).Apply(shut).Cooling.Vents);
    }

    [Fact]
    public void A_way_gets_an_id_of_its_own_and_keeps_it_when_it_is_said_anew()
    {
        var twice = new PutAirWay(new AirWay("", "slots", null, "box", new(5))).Apply(Shell);
        Assert.Equal(["slots", "slots-2"], twice.Cooling.Ways.Select(way => way.Id));
        var wider = new PutAirWay(twice.Cooling.Ways[1] with { Area = new(9) }).Apply(twice);
        Assert.Equal([20, 9], wider.Cooling.Ways.Select(way => way.Area.Value));
        // To nowhere, from nowhere, and from the room to the room leads none.
        Assert.Equal(Shell, new PutAirWay(new AirWay("", "x", null, "attic", new(5))).Apply(Shell));
        Assert.Equal(Shell, new PutAirWay(new AirWay("", "x", "attic", "box", new(5))).Apply(Shell));
        Assert.Equal(Shell, new PutAirWay(new AirWay("", "x", null, null, new(5))).Apply(Shell));
        Assert.Equal(Shell, new PutAirWay(new AirWay("gone", "x", null, "box", new(5))).Apply(Shell));
    }

    [Fact]
    public void A_way_or_space_takes_with_it_what_hangs_on_it()
    {
        var blown = Shell.Blown("slots");
        Assert.Empty(new RemoveAirWay("slots").Apply(blown).Cooling.Fans);
        var (gone, kept) = (new RemoveSpace("box").Apply(blown), new RemoveSpace("tray").Apply(blown));
        Assert.Equal((0, 0, 0), (gone.Cooling.Spaces.Length, gone.Cooling.Ways.Length, gone.Cooling.Fans.Length));
        Assert.Equal(blown, kept);
    }

    [Fact]
    public void A_space_over_a_plane_is_called_and_sized_as_was_said_until_that_is_taken_back()
    {
        var edit = new DescribeSpace("tray", "upper deck", new SpaceSize(new(300), new(200), new(60)), PlaneMaterial.Wood, ShellTop.Rear);
        var said = edit.Apply(Shell);
        Assert.Equal(["upper deck", "box"], said.AirSpaces().Select(space => space.Name));
        Assert.Equal("tray: 300 × 200 × 60 mm, wood, rear side up, now called upper deck", edit.Words(Shell));
        Assert.Equal(["tray", "box"], new RemoveSpace("tray").Apply(said).AirSpaces().Select(space => space.Name));
        var more = new AddSpace("box", new SpaceSize(new(1), new(1), new(1)), null).Apply(Shell);
        Assert.Equal(["tray", "box", "box-2"], more.AirSpaces().Select(space => space.Id));
    }

    [Fact]
    public void A_fan_is_placed_where_there_is_a_way_and_forgotten()
    {
        var graft = Shell.And("fan", PartKind.Fan);
        var placed = new PlaceFan(new FanPlace("fan") { Way = "tray/rear", Blows = AirDirection.Out, Volts = new(7) });
        Assert.Equal("fan blows out through rear grille, on 7 V", placed.Words(graft));
        var said = placed.Apply(graft);
        Assert.Equal(placed.Fan, Assert.Single(said.Cooling.Fans));
        Assert.Equal(graft, new PlaceFan(new FanPlace("fan") { Way = "tray/front" }).Apply(graft));
        Assert.Empty(new UnplaceFan("fan").Apply(said).Cooling.Fans);
        Assert.Equal(6, new RunFans(0.5).Apply(said).Cooling.Fans[0].Volts!.Value.Value);
        Assert.Equal("no fan is placed", new RunFans(0.5).Standing(Shell));
    }

    [Fact]
    public void Where_a_part_heats_the_air_is_said_and_taken_back()
    {
        var outside = new PlaceHeat("board", new HeatPlace("board", null)).Apply(Shell);
        Assert.Null(Assert.Single(outside.Cooling.Places).Space);
        Assert.Equal("box", Assert.Single(new PlaceHeat("board", new HeatPlace("board", "box")).Apply(outside).Cooling.Places).Space);
        Assert.Equal(outside, new PlaceHeat("board", new HeatPlace("board", "attic")).Apply(outside));
        Assert.Empty(new PlaceHeat("board", null).Apply(outside).Cooling.Places);
    }
}
