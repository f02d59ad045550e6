using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>Every constant of Seat's rules, just inside and just outside. The board is 100 × 80 mm and stands 6.5 mm above a tray of 1 mm steel; its tails
/// reach 2.5 mm down, so 4 mm lie under them.</summary>
public sealed class SeatBoundaryTests
{
    public static TheoryData<string> Names => [.. Cases.Keys];

    // Name: the rule, a graft that just fires it, one that just does not.
    private static Dictionary<string, (string Code, Graft Fires, Graft Quiet)> Cases { get; } = new()
    {
        ["metal under solder wants 2 mm of air"] = ("SEAT-001", Tab(60, 50, 2.01), Tab(60, 50, 1.99)),
        ["metal half under the edge"] = ("SEAT-001", Tab(122.99, 50, 5), Tab(123.01, 50, 5)),
        ["the ring round a hole is free of solder, with the mount's own half width"] = ("SEAT-001", Tab(27.01, 15, 5), Tab(26.99, 15, 5)),
        ["plastic that reaches the solder lifts the board"] = ("SEAT-002", Tab(60, 50, 4.01, isMetal: false), Tab(60, 50, 3.99, isMetal: false)),
        ["plastic under bare board lifts it only when it stands higher"] = ("SEAT-002", Bare(6.51), Bare(6.49)),
        ["mounts half a millimetre apart"] = ("SEAT-003", Low(5.99), Low(6.01)),
        ["threads in thin metal"] = (
            "SEAT-005", Held(MountMethod.DrillAndTap, PlaneMaterial.Steel, 1.49), Held(MountMethod.DrillAndTap, PlaneMaterial.Steel, 1.51)),
        ["threads in wood"] = ("SEAT-005", Held(MountMethod.DrillAndTap, PlaneMaterial.Wood, 12), Held(MountMethod.ThroughBolt, PlaneMaterial.Wood, 12)),
        ["an insert in thin wood"] = ("SEAT-005", Held(MountMethod.Insert, PlaneMaterial.Wood, 4.99), Held(MountMethod.Insert, PlaneMaterial.Wood, 5.01)),
        ["an insert in metal"] = ("SEAT-005", Held(MountMethod.Insert, PlaneMaterial.Steel, 6), Held(MountMethod.Insert, PlaneMaterial.Wood, 6)),
        ["room behind for a nut"] = (
            "SEAT-005", Held(MountMethod.ThroughBolt, PlaneMaterial.Steel, 2, behind: 2.99),
            Held(MountMethod.ThroughBolt, PlaneMaterial.Steel, 2, behind: 3.01)),
        ["glue near something hot"] = ("SEAT-005", Near(29.99, hot: true), Near(30.01, hot: true)),
        ["glue near something that is not hot"] = ("SEAT-005", Near(1, hot: true), Near(1, hot: false)),
        ["a stud under something heavy that hangs on the board"] = ("SEAT-005", Heavy("board"), Heavy("tray")),
        ["a corner 60 mm from the nearest support"] = ("SEAT-006", Long(64.9), Long(64.7)),
        ["a socket that is pushed from above, 60 mm from the nearest support"] = ("SEAT-006", Pushed(39.8), Pushed(39.6)),
        ["a method that grounds"] = ("SEAT-007", Grounded(MountMethod.PlasticStud), Grounded(MountMethod.ThroughBolt)),
        ["a square millimetre beyond the plane"] = (
            "SEAT-008", Seated().At(seat => seat with { At = new PlanPoint(-0.013, 10) }), Seated().At(seat => seat with { At = new PlanPoint(-0.012, 10) })),
        ["a plug's room before the wall"] = ("SEAT-010", Away(19.99), Away(20.01)),
        ["an opening that begins too late"] = ("SEAT-010", Window(50.51, 79, 0, 40), Window(50.49, 79, 0, 40)),
        ["an opening that ends too early"] = ("SEAT-010", Window(30, 69.49, 0, 40), Window(30, 69.51, 0, 40)),
        ["an opening too high"] = ("SEAT-010", Window(30, 90, 8.61, 40), Window(30, 90, 8.59, 40)),
        ["an opening too low"] = ("SEAT-010", Window(30, 90, 0, 17.59), Window(30, 90, 0, 17.61)),
        ["an opening in another wall"] = ("SEAT-010", Window(30, 90, 0, 40, PlaneWall.Left), Window(30, 90, 0, 40)),
        ["a port just beside an opening to its right"] = ("SEAT-021", Window(70, 90, 0, 40), Window(69.99, 90, 0, 40)),
        ["a port just beside an opening to its left"] = ("SEAT-021", Window(30, 50, 0, 40), Window(30, 50.01, 0, 40)),
        ["an opening for air wants no port"] = ("SEAT-021", Window(70, 90, 0, 40), Window(70, 90, 0, 40, kind: OpeningKind.Air)),
        ["a plate bridges three millimetres"] = ("SEAT-011", Away(3.01, IoPlate.Kept), Away(2.99, IoPlate.Kept)),
        ["a bent plate bridges more"] = ("SEAT-011", Away(5, IoPlate.Made), Away(5, IoPlate.Bent)),
        ["a ceiling that only touches"] = ("SEAT-015", Ceiling(59.99), Ceiling(60.01)),
        ["under a ceiling as high as the box"] = ("SEAT-015", Lid(34.99), Lid(35.01)),
        ["a lead that is just too short"] = ("SEAT-016", Seated().With(Run(10, 140, 190, 140, 199.99)), Seated().With(Run(10, 140, 190, 140, 200.01))),
        ["a lead whose length may be off"] = (
            "SEAT-016", Seated().With(Run(10, 140, 190, 140, 205) with { LengthError = Mm(5.01) }),
            Seated().With(Run(10, 140, 190, 140, 205) with { LengthError = Mm(4.99) })),
        ["a lead that just reaches"] = ("SEAT-017", Seated().With(Run(10, 140, 190, 140, 219.99)), Seated().With(Run(10, 140, 190, 140, 220.01))),
        ["clearances add up"] = ("SEAT-014", Apart(4.99), Apart(5.01)),
        ["boxes that touch do not clash"] = ("SEAT-013", Apart(-0.01), Apart(0.01)),
    };

    [Theory]
    [MemberData(nameof(Names))]
    public void A_constant_decides_just_where_it_says(string name)
    {
        var (code, fires, quiet) = Cases[name];
        Assert.Contains(Review.Of(fires).Seat.Findings, finding => finding.Rule.Code == code);
        Assert.DoesNotContain(Review.Of(quiet).Seat.Findings, finding => finding.Rule.Code == code);
    }

    public static TheoryData<string> Said => [.. Words.Keys];

    // What a finding says: the part of its sentence that holds a figure or a choice, and its remedy's.
    private static Dictionary<string, (Graft Graft, string Code, string Says, string Remedy)> Words { get; } = new()
    {
        ["reaches into"] = (Tab(60, 50, 5), "SEAT-001", "it reaches 1 mm into solder", "flatten tab or cut it off"),
        ["leaves to"] = (Tab(60, 50, 3), "SEAT-001", "it leaves 1 mm to solder", "flatten tab"),
        ["just meets"] = (Tab(60, 50, 4), "SEAT-001", "it leaves 0 mm to solder", "flatten tab"),
        ["lifts"] = (Tab(60, 50, 4.5, isMetal: false), "SEAT-002", "reaches 0.5 mm into solder", "take tab out or flatten it"),
        ["uneven"] = (Low(5.5), "SEAT-003", "s1 is 1 mm lower", "put a washer"),
        ["nearest mount"] = (Missing(14.9), "SEAT-004", "; the nearest mount is 14.9 mm off", "choose what holds it"),
        ["no mount near"] = (Missing(15.1), "SEAT-004", "meets no mount, and nothing is decided", "choose what holds it"),
        ["nothing holds it"] = (Free(), "SEAT-006", "The whole of board is 100 mm from the nearest support", "fit a support"),
        ["beyond"] = (Seated().At(seat => seat with { At = new PlanPoint(-5, 10) }), "SEAT-008", "reaches up to 5 mm beyond tray", "move or turn it"),
        ["wall"] = (Away(12), "SEAT-010", "the rear wall is 12 mm away", "cut an opening"),
        ["clash"] = (Apart(-4), "SEAT-013", "want the same room: 4 mm too much", "move other"),
        ["too close"] = (Apart(2), "SEAT-014", "comes within 2 mm of other; clearance and tolerance ask for 5 mm", "move other"),
        ["a plug in the way"] = (Plugged(), "SEAT-013", "want the same room", "use a right-angle plug or lead"),
        ["what can move is told to"] = (Plugged(), "SEAT-013", "want the same room", "move cage 15.0 mm to the right"),
        ["what can move is told to, whichever came first"] = (PluggedLeft(), "SEAT-013", "want the same room: 10 mm too much", "move cage 10.0 mm to the left"),
        ["under the lid"] = (Lid(30), "SEAT-015", "stands 35 mm above tray, and under the lid only 30 mm is free: 5 mm too tall", "choose a lower one"),
        ["short"] = (Seated().With(Run(10, 140, 190, 140, 195)), "SEAT-016", "is short by 5 mm: the way takes 200 mm", "turn or move the part"),
        ["tight"] = (Seated().With(Run(10, 140, 190, 140, 205)), "SEAT-017", "reaches with only 5 mm to spare", "check it by hand"),
        ["a bad reading"] = (
            Surveyed("h3 left 5.0", "h3 rear 75.0", "h4 left 95.0", "h4 rear 75.0", "h3 h4 90.0", "h1 h3 70.0", "h2 h4 70.0", "h1 h4 114.0", "h2 h3 114.0",
            "h1 h2 93.0"), "SEAT-019", "they say about 90.0 mm", "measure h1 to h2 again"),
        ["a loose point"] = (Surveyed("h1 h3 70.0"), "SEAT-020", "do not fix h3 yet", "measure"),
        ["a mirrored point"] = (
            Seated() with
            {
                Seating = Seated().Seating with
                {
                    Surveys = [Survey("board", "h1 left 50.0", "h1 rear 50.0", "h2 left 90.0", "h2 rear 50.0", "h1 h3 30.0", "h2 h3 50.0")],
                }
            }, "SEAT-020", "h3 fits on the other side as well", "measure"),
    };

    [Theory]
    [MemberData(nameof(Said))]
    public void A_finding_says_its_figure_and_what_to_do(string name)
    {
        var (graft, code, says, remedy) = Words[name];
        Assert.Contains(Review.Of(graft).Seat.Findings, finding => finding.Rule.Code == code && finding.Message.Contains(says, StringComparison.Ordinal)
            && finding.Remedies.Any(each => each.Contains(remedy, StringComparison.Ordinal)));
    }

    private static Graft Tab(double x, double y, double height, bool isMetal = true)
        => Seated(Tray(Mount("tab", x, y, height, MountKind.Tab) with { IsMetal = isMetal }));

    private static Graft Bare(double height)
        => Seated(Tray(Mount("tab", 60, 50, height) with { IsMetal = false }),
            Board() with { Body = Board().Body! with { Zones = [new BodyZone(BodyZoneKind.BareBoard, "middle", new PlanRectangle(20, 20, 40, 40))] } });

    private static Graft Low(double height) => Seated(Tray() with { Mounts = [Tray().Mounts[0] with { Height = Mm(height) }, .. Tray().Mounts.Skip(1)] });

    // The fourth hole, at 115 and 85 on the tray, meets nothing; the nearest mount stands so far to its right.
    private static Graft Missing(double off) => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(3), Mount("s4", 115 + off, 85)] });

    private static Graft Held(MountMethod method, PlaneMaterial material, double thickness, double? behind = null)
        => Missing(60).At(seat => seat with { Holes = [new HoleMounting(4, method)] }) is var graft
            ? graft with
            {
                Seating = graft.Seating with
                {
                    Planes = [graft.Seating.Planes[0] with { Material = material, Thickness = Mm(thickness), Behind = behind is { } free ? Mm(free) : null }],
                }
            }
            : throw new InvalidOperationException();

    private static Graft Near(double far, bool hot)
        => Held(MountMethod.AdhesivePillar, PlaneMaterial.Steel, 1).With(Box("cooler", 115 + far, 70, 20, 30, 30) with { IsHot = hot });

    private static Graft Heavy(string on)
        => Held(MountMethod.PlasticStud, PlaneMaterial.Steel, 1)
        .With(Box("cooler", 20, 20, 30, 30, 30, on: on, from: on == "tray" ? 60 : 0) with { IsHeavy = true });

    private static Graft Long(double depth) => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(2)] }, Board() with
    {
        Body = new PartBody([.. new PlanRectangle(0, 0, 100, depth).Corners], Evidence.Measured),
        Holes = [.. Board().Holes.Take(2)],
    });

    // Both holes lie at the rear, and a socket in the middle of the board, 45 mm from either along the edge; sqrt(60² − 45²) is 39.69 mm.
    private static Graft Pushed(double away)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(2)] }, Board(Socket("power", 50, 5 + away, PortFacing.Up)) with
        {
            Body = new PartBody([.. new PlanRectangle(0, 0, 100, 50).Corners], Evidence.Measured),
            Holes = [.. Board().Holes.Take(2)],
        });

    private static Graft Free()
        => Seated(Tray() with { Mounts = [] })
        .At(seat => seat with { Holes = [.. Enumerable.Range(1, 4).Select(hole => new HoleMounting(hole, MountMethod.LeftFree))] });

    private static Graft Grounded(MountMethod method)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(3).Select(mount => mount with { IsMetal = false })] })
            .At(seat => seat with { Holes = [new HoleMounting(4, method)] });

    private static Graft Away(double y, IoPlate plate = IoPlate.Bent)
        => Seated(Tray() with
        {
            Openings = plate == IoPlate.Bent && y > 5
                ? []
                : [new Opening("io", "opening", OpeningKind.Ports, PlaneWall.Rear, new PlanRectangle(30, 0, 60, 40))],
        }, Board(Socket("usb", 40, 0, PortFacing.Rear)))
            .At(seat => seat with { At = new PlanPoint(20, y), Plate = plate });

    private static Graft Window(double from, double to, double low, double high, PlaneWall wall = PlaneWall.Rear, OpeningKind kind = OpeningKind.Ports)
        => Seated(Tray() with { Openings = [new Opening("io", "opening", kind, wall, new PlanRectangle(from, low, to - from, high - low))] },
            Board(Socket("usb", 40, 0, PortFacing.Rear)))
            .At(seat => seat with { At = new PlanPoint(20, 0), Plate = IoPlate.Bent });

    // A box from 20 to 60 along the tray, 35 high on the tray, under a ceiling that begins at so much.
    private static Graft Ceiling(double from)
        => Seated(Tray() with { Ceilings = [new Ceiling("brace", new PlanRectangle(from, 100, 50, 50), Mm(20))] }).With(Box("cooler", 20, 110, 40, 30, 35));

    private static Graft Lid(double lid) => Seated(Tray() with { Lid = Mm(lid) }).With(Box("cooler", 20, 110, 40, 30, 35));

    private static Graft Apart(double gap)
        => Seated().With(Box("one", 130, 20, 20, 40, 40) with { Clearance = Mm(3) }, Box("other", 150 + gap, 20, 20, 40, 40) with { Clearance = Mm(2) });

    // The plug of a socket that faces right reaches 20 mm beyond the board, into a cage.
    private static Graft Plugged() => Seated(board: Board(Socket("usb", 100, 40, PortFacing.Right))).With(Box("cage", 125, 30, 40, 40, 40));

    private static Graft PluggedLeft() => Seated(board: Board(Socket("usb", 0, 40, PortFacing.Left))).With(Box("cage", -30, 30, 40, 40, 40));

    private static Graft Surveyed(params string[] lines)
        => Seated() with
        {
            Seating = Seated().Seating with { Surveys = [Survey("board", ["h1 left 5.0", "h1 rear 5.0", "h2 left 95.0", "h2 rear 5.0", .. lines])] }
        };
}
