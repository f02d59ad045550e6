using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>For every rule of Seat a graft that fires it and a near one that does not.</summary>
internal static class SeatRuleExamples
{
    private static readonly Opening Window = new("io", "opening", OpeningKind.Ports, PlaneWall.Rear, new PlanRectangle(30, 0, 60, 40));

    public static IEnumerable<KeyValuePair<string, (Graft Fires, Graft Quiet)>> All =>
    [
        new("SEAT-001", (Seated(Tray(Mount("tab", 60, 40, 5, MountKind.Tab))),
            Seated(Tray(Mount("tab", 60, 40, 5, MountKind.Tab) with { State = MountState.Insulated })))),
        new("SEAT-002", (Seated(Tray(Mount("tab", 60, 40, 7) with { IsMetal = false })), Seated(Tray(Mount("tab", 60, 40, 3) with { IsMetal = false })))),
        new("SEAT-003", (Seated(Uneven(5.5)), Seated(Uneven(6.2)))),
        new("SEAT-004", (Moved(), Moved(MountMethod.ThroughBolt))),
        new("SEAT-005", (Moved(MountMethod.DrillAndTap), Moved(MountMethod.DrillAndTap, thickness: 2))),
        new("SEAT-006", (Moved(MountMethod.LeftFree), Moved(MountMethod.PlasticStud))),
        new("SEAT-007", (Seated(Plastic(PlaneMaterial.Steel)), Seated(Plastic(PlaneMaterial.Wood)))),
        new("SEAT-008", (Seated().At(seat => seat with { At = new PlanPoint(-5, 10) }), Seated())),
        new("SEAT-009", (Seated(board: Board() with { Body = null }), Seated())),
        new("SEAT-010", (Looking(null, IoPlate.Made), Looking(Window, IoPlate.Made))),
        new("SEAT-011", (Looking(Window with { Area = new PlanRectangle(65, 0, 60, 40) }, IoPlate.Bent), Looking(Window, IoPlate.Bent))),
        new("SEAT-012", (Looking(Window, null), Looking(Window, IoPlate.LeftOpen))),
        new("SEAT-013", (Seated().With(Box("card", 50, 20, 20, 60, 40, on: "board"), Box("cage", 60, 60, 60, 40, 40)),
            Seated().With(Box("card", 50, 20, 20, 60, 40, on: "board"), Box("cage", 60, 60, 60, 40, 40, from: 60)))),
        new("SEAT-014", (Beside(2), Beside(5))),
        new("SEAT-015", (Seated(Tray() with { Lid = Mm(40) }).With(Box("cooler", 30, 30, 40, 40, 35, on: "board")),
            Seated(Tray() with { Lid = Mm(44) }).With(Box("cooler", 30, 30, 40, 40, 35, on: "board")))),
        new("SEAT-016", (Seated().With(Run(10, 140, 190, 140, 195)), Seated().With(Run(10, 140, 190, 140, 205)))),
        new("SEAT-017", (Seated().With(Run(10, 140, 190, 140, 205)), Seated().With(Run(10, 140, 190, 140, 300)))),
        new("SEAT-018", (Seated().With(Run(10, 140, 190, 140)), Seated().With(Run(10, 140, 190, 140, 300)))),
        new("SEAT-019", (Surveyed("h1 h2 93.0"), Surveyed("h1 h2 90.0"))),
        new("SEAT-021", (Looking(Window with { Area = new PlanRectangle(120, 0, 60, 40) }, IoPlate.LeftOpen), Looking(Window, IoPlate.LeftOpen))),
        new("SEAT-022", (Seated(Tray() with { Mounts = [] }), Seated())),
        new("SEAT-023", (Seated().With(Box("card", 180, 20, 40, 20, 40)), Seated().With(Box("card", 150, 20, 40, 20, 40)))),
        new("SEAT-024", (Seated().With(Box("inlet", 125, 20, 20, 20, 30) with { IsMains = true }),
            Seated().With(Box("inlet", 135, 20, 20, 20, 30) with { IsMains = true }))),
        new("SEAT-026", (SeatBoundaryGrafts.Vented(12, true), SeatBoundaryGrafts.Vented(40, true))),
        new("SEAT-027", (SeatBoundaryGrafts.Slotted(40.6, 1), SeatBoundaryGrafts.Slotted(40.6, 2))),
        new("SEAT-025", (Seated().With(Box("bracket", 60, 40, 20, 20, 3)), Seated().With(Box("bracket", 60, 40, 20, 20, 1)))),
        new("SEAT-028", (HoldingGrafts.Screwed("M3 × 6", mount => mount with { Thread = ScrewThread.Find("6-32") }),
            HoldingGrafts.Screwed("M3 × 6", mount => mount with { Thread = ScrewThread.Find("M3") }))),
        new("SEAT-029", (HoldingGrafts.Screwed("M3 × 3"), HoldingGrafts.Screwed("M3 × 4"))),
        new("SEAT-030", (HoldingGrafts.Drive("2.5", "M3 × 6"), HoldingGrafts.Drive("2.5", "M3 × 4"))),
        new("SEAT-031", (HoldingGrafts.Aerial(PlaneMaterial.Steel), HoldingGrafts.Aerial(PlaneMaterial.Wood))),
        new("SEAT-032", (HoldingGrafts.Card(isHeld: false), HoldingGrafts.Card(isHeld: true))),
        new("SEAT-033", (HoldingGrafts.Known(Evidence.Diagram), HoldingGrafts.Known(Evidence.Measured))),
        new("SEAT-034", (HoldingGrafts.Typed(92), HoldingGrafts.Typed(90))),
        new("SEAT-035", (HoldingGrafts.Plated(8), HoldingGrafts.Plated(10))),
        new("SEAT-020", (Surveyed("h1 h3 70.0"), Surveyed("h1 h2 90.0"))),
    ];

    private static MountPlane Uneven(double height) => Tray() with { Mounts = [Tray().Mounts[0] with { Height = Mm(height) }, .. Tray().Mounts.Skip(1)] };

    private static MountPlane Plastic(PlaneMaterial material)
        => Tray() with { Material = material, Mounts = [.. Tray().Mounts.Select(mount => mount with { IsMetal = false })] };

    // One standoff stands elsewhere, so that the fourth hole of the board meets none.
    private static Graft Moved(MountMethod? method = null, double thickness = 1)
        => Seated(Tray() with { Thickness = Mm(thickness), Mounts = [.. Tray().Mounts.Take(3), Mount("s4", 180, 140)] })
            .At(seat => seat with { Holes = method is { } way ? [new HoleMounting(4, way)] : [] });

    private static Graft Looking(Opening? opening, IoPlate? plate)
        => Seated(Tray() with
        {
            Mounts = [.. Tray().Mounts.Select(mount => mount with { At = new PlanPoint(mount.At.X, mount.At.Y - 10) })],
            Openings = opening is null ? [] : [opening],
        }, Board(Socket("usb", 40, 0, PortFacing.Rear)))
            .At(seat => seat with { At = new PlanPoint(20, 0), Plate = plate });

    private static Graft Beside(double gap)
        => Seated().With(Box("one", 130, 20, 20, 40, 40) with { Clearance = Mm(3) }, Box("other", 150 + gap, 20, 20, 40, 40));

    private static Graft Surveyed(string line)
        => Seated() with { Seating = Seated().Seating with { Surveys = [Survey("board", "h1 left 5.0", "h1 rear 5.0", "h2 left 95.0", "h2 rear 5.0", line)] } };
}
