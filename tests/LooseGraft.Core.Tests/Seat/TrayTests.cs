using LooseGraft.Core.Files;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Cuts;
using LooseGraft.Core.Seat.Holding;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>A tray of 2 mm on standoffs of 8 mm: what is on it counts under the shell's lid and between the shell's walls.</summary>
public sealed class TrayTests
{
    public static TheoryData<string> Names => [.. Cases.Keys];

    // The board's upper side is 8.1 mm above the tray and so 18.1 above the floor; a cooler of 30 mm on it, from 50 to 80, ends at 48.1.
    private static Dictionary<string, (string Code, Graft Fires, Graft Quiet)> Cases { get; } = new()
    {
        ["the shell's lid over what is on the tray"] = ("SEAT-015", OnFloor(lid: 48.09), OnFloor(lid: 48.11)),
        ["a drive of the shell beside what is on the tray"] = (
            "SEAT-013", OnFloor(Box("drive", 79.99, 30, 30, 20, 40, "floor", 20)), OnFloor(Box("drive", 80.01, 30, 30, 20, 40, "floor", 20))),
        ["a drive of the shell under the tray's edge"] = (
            "SEAT-013", OnFloor(Box("drive", 190, 30, 30, 20, 8.01, "floor")), OnFloor(Box("drive", 190, 30, 30, 20, 7.99, "floor"))),
        ["the shell's wall and the tray"] = ("SEAT-023", OnFloor(x: -0.01), OnFloor(x: 0.01)),
        ["mains of the shell near a tray"] = (
            "SEAT-024", OnFloor(Box("inlet", 209.9, 30, 30, 20, 40, "floor") with { IsMains = true }),
            OnFloor(Box("inlet", 210.1, 30, 30, 20, 40, "floor") with { IsMains = true })),
        ["nothing under the tray"] = ("SEAT-022", OnFloor(standoffs: 1), OnFloor(standoffs: 2)),
        ["standoffs of another height"] = ("SEAT-022", OnFloor(standoff: 7.49), OnFloor(standoff: 7.51)),
        ["the shell's opening before a port, to the side"] = ("SEAT-011", Ports(49.49), Ports(49.51)),
        ["the shell's opening before a port, above"] = ("SEAT-011", Ports(50, low: 18.61), Ports(50, low: 18.59)),
        ["the shell's wall before a port"] = ("SEAT-010", Ports(50, PlaneWall.Front), Ports(50)),
        ["a tray's own opening counts before the shell's"] = ("SEAT-011", Ports(50, own: 49.49), Ports(20, own: 49.51)),
        ["the shell's opening without a port"] = ("SEAT-021", Ports(90), Ports(50)),
        ["a card on a tray"] = ("SEAT-032", Card(isHeld: false), Card(isHeld: true)),
        ["a bolt that reaches the floor"] = ("SEAT-029", Bolted("M3 × 18.11"), Bolted("M3 × 18.09")),
    };

    [Theory]
    [MemberData(nameof(Names))]
    public void A_constant_decides_just_where_it_says(string name)
    {
        var (code, fires, quiet) = Cases[name];
        Assert.Contains(Review.Of(fires).Seat.Findings, finding => finding.Rule.Code == code);
        Assert.DoesNotContain(Review.Of(quiet).Seat.Findings, finding => finding.Rule.Code == code);
    }

    [Fact]
    public void What_is_on_one_tray_is_told_once_and_not_again_on_the_plane_below()
    {
        var graft = OnFloor();
        graft = graft with { Seating = graft.Seating with { Boxes = [.. graft.Seating.Boxes, Box("cage", 40, 25, 30, 20, 40, from: 20)] } };
        Assert.Single(Review.Of(graft).Seat.Clashes, clash => clash.Gap < 0);
    }

    [Fact]
    public void A_tray_that_stands_turned_takes_all_that_is_on_it_along()
    {
        var graft = OnFloor(turn: 90);
        var cooler = Assert.Single(SolidBody.Of(graft), body => body is { Id: "cooler", Plane: "floor" });
        // Its corner (50, 30) on the tray goes to (300 − 30, 50) on the floor.
        Assert.Contains(cooler.Footprint, corner => corner.To(new PlanPoint(270, 50)) < 1e-9);
        Assert.Equal((18.1, 48.1), (cooler.From, cooler.To));
    }

    [Theory]
    [InlineData(0)]
    [InlineData(90)]
    [InlineData(180)]
    public void A_board_on_a_turned_tray_is_brought_to_the_opening_of_the_shell(double turn)
    {
        var wall = turn switch { 0 => PlaneWall.Rear, 90 => PlaneWall.Right, _ => PlaneWall.Front };
        var graft = Ports(120, wall, turn: turn);
        var correction = PortWindow.Of(SeatedBoard.Of(graft)[0])!.Correction;
        var moved = graft.At(seat => seat with { At = seat.At + correction });
        Assert.Equal(0, PortWindow.Of(SeatedBoard.Of(moved)[0])!.Offset, 9);
        Assert.DoesNotContain(Review.Of(moved).Seat.Findings, finding => finding.Rule.Code is "SEAT-011" or "SEAT-010");
    }

    [Fact]
    public void A_port_of_a_board_on_a_tray_is_told_which_wall_it_looks_at()
        => Assert.Contains(Review.Of(Ports(50, PlaneWall.Front)).Seat.Findings,
            finding => finding.Message == "No opening lies before the usb of board: the rear wall of floor is 10 mm away.");

    // On the tray the fan would stand clear of its cage, turned about its corner; a drive of the shell is in its way either way, or only beside it.
    [Theory]
    [InlineData(120, false)]
    [InlineData(160.1, true)]
    public void A_turn_on_a_tray_is_not_proposed_while_something_of_the_shell_is_in_its_way(double drive, bool isProposed)
    {
        var graft = OnFloor(Box("drive", drive, 100, 20, 100, 90, "floor"));
        SeatBox[] more = [Box("fan", 120, 100, 60, 40, 40), Box("cage", 160, 90, 30, 60, 40)];
        graft = graft with { Seating = graft.Seating with { Boxes = [.. graft.Seating.Boxes, .. more] } };
        var remedies = Review.Of(graft).Seat.Findings.Where(finding => finding.Rule.Code == "SEAT-013").SelectMany(finding => finding.Remedies).ToArray();
        Assert.Equal(isProposed, remedies.Any(each => each.StartsWith("turn fan by a quarter", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_drill_through_a_tray_is_told_what_lies_under_it()
    {
        var review = Review.Of(Bolted("M3 × 18"));
        Assert.Equal("through 2 mm, and no more than 8 mm beyond: there lies what it stands on", Assert.Single(CutList.Of(review.Graft, review.Seat)).Depth);
    }

    [Fact]
    public void What_stands_under_a_tray_is_told_of_the_thing_that_can_be_moved()
    {
        var finding = Assert.Single(Review.Of(OnFloor(Box("drive", 190, 30, 30, 20, 9, "floor"))).Seat.Findings, finding => finding.Rule.Code == "SEAT-013");
        Assert.Contains("tray and drive want the same room: 1 mm too much", finding.Message);
        Assert.Contains(finding.Remedies, remedy => remedy.Contains("1.0 mm", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("nowhere")]
    [InlineData("tray")]
    public void A_tray_stands_on_another_plane_that_is_there(string below)
    {
        var graft = OnFloor();
        var read = GraftFile.Read(GraftFile.Write(graft with
        {
            Seating = graft.Seating.WithPlane("tray", tray => tray with { Stand = tray.Stand! with { Plane = below } }),
        }));
        Assert.Contains(read.Errors, error => error.Path.EndsWith("stand.plane", StringComparison.Ordinal));
        Assert.Equal(GraftFile.Write(graft), GraftFile.Write(GraftFile.Read(GraftFile.Write(graft)).Graft!));
    }

    [Fact]
    public void Taking_out_the_plane_below_leaves_the_tray_standing_on_nothing()
        => Assert.Null(OnFloor().Seating.WithoutPlane("floor").FindPlane("tray")!.Stand);

    [Fact]
    public void Behind_a_tray_is_what_it_stands_on()
        => Assert.Equal(18.1, ScrewFit.Of(Bolt(), Bolt().Holes[3])!.Most!.Value, 6);

    private static Core.Seat.SeatedBoard Bolt() => Core.Seat.SeatedBoard.Of(Bolted("M3 × 16"))[0];

    private static Graft OnFloor(SeatBox? box = null, double? lid = null, double x = 0, int standoffs = 4, double standoff = 8, double turn = 0)
    {
        var seated = Seated(Tray() with
        {
            Thickness = Mm(2),
            Stand = new PlaneStand("floor", turn switch { 0 => new PlanPoint(x, 0), 90 => new PlanPoint(300, 0), _ => new PlanPoint(300, 200) }, turn, Mm(8)),
        }).With(Box("cooler", 30, 20, 30, 30, 30, on: "board"));
        var floor = new MountPlane("floor", "floor", [.. new PlanRectangle(0, 0, 400, 300).Corners])
        {
            Lid = lid is { } free ? Mm(free) : null,
            Mounts = [.. Enumerable.Range(0, standoffs).Select(index => Mount($"f{index}", 20 + (index * 40), 150, standoff))],
        };
        return seated with
        {
            Seating = seated.Seating with
            {
                Planes = [.. seated.Seating.Planes, floor],
                Boxes = box is null
                ? seated.Seating.Boxes : seated.Seating.Boxes.Add(box)
            },
        };
    }

    /// <summary>A port of 20 by 10 mm that looks to the rear from 50 to 70 of the tray, from 18.1 above the floor, before an opening of 20 by 11 mm that begins
    /// so far along the wall of the floor, or along the rear one of the tray.</summary>
    private static Graft Ports(double along, PlaneWall wall = PlaneWall.Rear, double low = 18, double? own = null, double turn = 0)
    {
        Opening Before(PlaneWall side, double from, double up) => new("io", "opening", OpeningKind.Ports, side, new PlanRectangle(from, up, 20, 11));
        var graft = OnFloor(turn: turn).WithPart("board", board => board with { Ports = [Socket("usb", 40, 0, PortFacing.Rear)] });
        return graft with
        {
            Seating = graft.Seating.WithPlane("floor", floor => floor with { Openings = [Before(wall, along, low)] })
                .WithPlane("tray", tray => tray with { Openings = own is { } from ? [Before(PlaneWall.Rear, from, 8)] : [] }),
        };
    }

    private static Graft Card(bool isHeld)
    {
        var graft = OnFloor(Box("card", 130, 60, 20, 60, 60) with { Part = "card", IsHeld = isHeld });
        return graft with { Parts = [.. graft.Parts, new Part("card", "card", PartKind.Card)] };
    }

    private static Graft Bolted(string bolt)
    {
        var graft = OnFloor();
        return (graft with
        {
            Seating = graft.Seating.WithPlane("tray", tray => tray with { Mounts = [.. tray.Mounts.Take(3)] }),
        }).At(seat => seat with { Holes = [new HoleMounting(4, MountMethod.ThroughBolt) { Screw = Screw.Parse(bolt) }] });
    }
}
