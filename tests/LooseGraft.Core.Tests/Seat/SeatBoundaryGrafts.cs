using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>Grafts that stand just inside or just outside of what a rule allows.</summary>
internal static class SeatBoundaryGrafts
{
    public static Graft Tab(double x, double y, double height, bool isMetal = true)
        => Seated(Tray(Mount("tab", x, y, height, MountKind.Tab) with { IsMetal = isMetal }));

    public static Graft Wide(double across, double off = 0)
        => Seated(Tray() with { Mounts = [Mount("s1", 25 + off, 15) with { Across = Mm(across) }, .. Tray().Mounts.Skip(1)] });

    public static Graft Bare(double height)
        => Seated(Tray(Mount("tab", 60, 50, height) with { IsMetal = false }),
            Board() with { Body = Board().Body! with { Zones = [new BodyZone(BodyZoneKind.BareBoard, "middle", new PlanRectangle(20, 20, 40, 40))] } });

    public static Graft Low(double height) => Seated(Tray() with { Mounts = [Tray().Mounts[0] with { Height = Mm(height) }, .. Tray().Mounts.Skip(1)] });

    // The fourth hole, at 115 and 85 on the tray, meets nothing; the nearest mount stands so far to its right.
    public static Graft Missing(double off) => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(3), Mount("s4", 115 + off, 85)] });

    public static Graft Held(MountMethod method, PlaneMaterial material, double thickness, double? behind = null)
        => Missing(60).At(seat => seat with { Holes = [new HoleMounting(4, method)] }) is var graft
            ? graft with
            {
                Seating = graft.Seating with
                {
                    Planes = [graft.Seating.Planes[0] with { Material = material, Thickness = Mm(thickness), Behind = behind is { } free ? Mm(free) : null }],
                }
            }
            : throw new InvalidOperationException();

    public static Graft Near(double far, bool hot)
        => Held(MountMethod.AdhesivePillar, PlaneMaterial.Steel, 1).With(Box("cooler", 115 + far, 70, 20, 30, 30) with { IsHot = hot });

    public static Graft Heavy(string on)
        => Held(MountMethod.Tie, PlaneMaterial.Steel, 1)
        .With(Box("cooler", 20, 20, 30, 30, 30, on: on, from: on == "tray" ? 60 : 0) with { IsHeavy = true });

    public static Graft Long(double depth) => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(2)] }, Board() with
    {
        Body = new PartBody([.. new PlanRectangle(0, 0, 100, depth).Corners], Evidence.Measured),
        Holes = [.. Board().Holes.Take(2)],
    });

    // Both holes lie at the rear, and a socket in the middle of the board, 45 mm from either along the edge; sqrt(60² − 45²) is 39.69 mm.
    public static Graft Pushed(double away)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(2)] }, Board(Socket("power", 50, 5 + away, PortFacing.Up)) with
        {
            Body = new PartBody([.. new PlanRectangle(0, 0, 100, 50).Corners], Evidence.Measured),
            Holes = [.. Board().Holes.Take(2)],
        });

    public static Graft Free()
        => Seated(Tray() with { Mounts = [] })
        .At(seat => seat with { Holes = [.. Enumerable.Range(1, 4).Select(hole => new HoleMounting(hole, MountMethod.LeftFree))] });

    public static Graft Grounded(MountMethod method)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(3).Select(mount => mount with { IsMetal = false })] })
            .At(seat => seat with { Holes = [new HoleMounting(4, method)] });

    public static Graft Away(double y, IoPlate plate = IoPlate.Bent)
        => Seated(Tray() with
        {
            Openings = plate == IoPlate.Bent && y > 5
                ? []
                : [new Opening("io", "opening", OpeningKind.Ports, PlaneWall.Rear, new PlanRectangle(30, 0, 60, 40))],
        }, Board(Socket("usb", 40, 0, PortFacing.Rear)))
            .At(seat => seat with { At = new PlanPoint(20, y), Plate = plate });

    public static Graft Window(double from, double to, double low, double high, PlaneWall wall = PlaneWall.Rear, OpeningKind kind = OpeningKind.Ports)
        => Seated(Tray() with { Openings = [new Opening("io", "opening", kind, wall, new PlanRectangle(from, low, to - from, high - low))] },
            Board(Socket("usb", 40, 0, PortFacing.Rear)))
            .At(seat => seat with { At = new PlanPoint(20, 0), Plate = IoPlate.Bent });

    // A box from 20 to 60 along the tray, 35 high on the tray, under a ceiling that begins at so much.
    public static Graft Ceiling(double from)
        => Seated(Tray() with { Ceilings = [new Ceiling("brace", new PlanRectangle(from, 100, 50, 50), Mm(20))] }).With(Box("cooler", 20, 110, 40, 30, 35));

    public static Graft Lid(double lid, double clearance = 0)
        => Seated(Tray() with { Lid = Mm(lid) })
            .With(Box("cooler", 20, 110, 40, 30, 35) with { Clearance = Mm(clearance), Tolerance = Mm(clearance > 0 ? 0.5 : 0) });

    public static MountPlane Standing(double height) => Tray() with { Mounts = [.. Tray().Mounts.Select(mount => mount with { Height = Mm(height) })] };

    public static Graft Standoffs(double height, bool isCovered = false, PlaneMaterial material = PlaneMaterial.Steel, bool hole = false)
        => Seated(Standing(height) with
        {
            IsCovered = isCovered,
            Material = material,
            Openings = hole ? [new Opening("way", "way", OpeningKind.Way, PlaneWall.Floor, new PlanRectangle(15, 5, 110, 90))] : [],
        });

    public static Graft Tied() => Free().At(seat => seat with { Holes = [.. seat.Holes.Select(hole => hole with { Method = MountMethod.Tie })] });

    public static Graft Below(double height, bool? isMetal, double tolerance = 0)
        => Seated().With(Box("bracket", 60, 40, 20, 20, height) with { IsMetal = isMetal, Tolerance = Mm(tolerance) });

    public static Graft Zoned(BodyZone zone, params Mount[] mounts) => Seated(Tray(mounts), Board() with { Body = Board().Body! with { Zones = [zone] } });

    public static Graft Backed(double height, bool conducts = true)
        => Zoned(new BodyZone(BodyZoneKind.Below, "back plate", new PlanRectangle(30, 30, 20, 20)) { Height = Mm(height), Conducts = conducts });

    public static Graft Sheeted(double height)
        => Zoned(new BodyZone(BodyZoneKind.Insulated, "sheet", new PlanRectangle(20, 20, 60, 40)), Mount("tab", 60, 50, height, MountKind.Tab));

    // s1 is 1 mm lower than the others. Half way to s3 the board stands 6 mm high, and falls 1 in 70 towards s1 and 1 in 90 to the left: at
    // the rim of the tab, 1.4 mm from its middle, 5.975 mm are left.
    public static Graft Slanted(double height)
        => Seated(Tray() with
        {
            Mounts = [.. Uneven().Mounts, Mount("tab", 25, 50, height, MountKind.Tab) with { Across = Mm(2.8) }],
        });

    public static MountPlane Uneven() => Tray() with { Mounts = [Tray().Mounts[0] with { Height = Mm(5.5) }, .. Tray().Mounts.Skip(1)] };

    // Bolted through bumps that are 6.5 mm high, though 10 mm were meant.
    public static Graft Bumped(double tab)
        => Seated(Tray() with
        {
            Mounts = [.. Tray().Mounts.Select(mount => mount with { Kind = MountKind.Bump }), Mount("tab", 60, 40, tab, MountKind.Tab)],
        }).At(seat => seat with { Rise = Mm(10), Holes = [.. Enumerable.Range(1, 4).Select(hole => new HoleMounting(hole, MountMethod.ThroughBolt))] });

    public static Graft Bumps(bool isThreaded)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Select(mount => mount with { Kind = MountKind.Bump, IsThreaded = isThreaded })] });

    public static Graft First(MountState state) => Seated(Tray() with { Mounts = [Tray().Mounts[0] with { State = state }, .. Tray().Mounts.Skip(1)] });

    public static Graft Washers(int count)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Select((mount, index) => index < count ? mount with { State = MountState.Insulated } : mount)] });

    // A board 150 mm deep with a hole in each corner, three of them bolted; its main socket lies 83 mm from all.
    public static Graft Tall(MountMethod method)
        => Seated(Tray() with { Outline = [.. new PlanRectangle(0, 0, 200, 200).Corners], Mounts = [] }, Board(Socket("main", 50, 75, PortFacing.Up)) with
        {
            Body = new PartBody([.. new PlanRectangle(0, 0, 100, 150).Corners], Evidence.Measured),
            Holes = [.. new PlanRectangle(5, 5, 90, 140).Corners.Select(corner => new MountHole(corner.X, corner.Y, Mm(3.6)))],
        }).At(seat => seat with { Holes = [.. Enumerable.Range(1, 4).Select(hole => new HoleMounting(hole, hole < 4 ? MountMethod.ThroughBolt : method))] });

    // Two bolts at the rear, a stud in front, and a heavy box whose middle lies so far in front of both.
    public static Graft Studded(double away, MountMethod method = MountMethod.PlasticStud)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(2)] }).At(seat => seat with { Holes = [new HoleMounting(4, method)] })
            .With(Box("cooler", 40, 5 + away, 20, 50, 30, on: "board") with { IsHeavy = true });

    // A steel cage so far above the board, and over it unless it stands elsewhere.
    public static Graft Hanging(double gap, double x = 60)
        => Seated().With(Box("cage", x, 40, 20, 20, 40, from: 8.1 + gap) with { IsMetal = true });

    // A card so far through the right wall, in an opening that is so much too small for it.
    public static Graft Wall(double beyond, double clearance = 0, double? opening = null)
        => Seated(Tray() with
        {
            Openings = opening is { } less ? [new Opening("slot", "slot", OpeningKind.Slot, PlaneWall.Right, new PlanRectangle(110 + less, 0, 40, 60))] : [],
        }).With(Box("card", 160 + beyond, 110, 40, 20, 50) with { Clearance = Mm(clearance) });

    public static Graft Corner(double clearance)
        => Seated().With(Box("one", 130, 20, 20, 20, 40) with { Clearance = Mm(clearance) }, Box("other", 153, 44, 20, 20, 40));

    // An inlet so far to the right of the board, which ends at 120, and other things so far to the right of the inlet.
    public static Graft Mains(double board, double? box = null, bool? isMetal = null, double? lead = null, double? cut = null)
    {
        var right = 120 + board + 20;
        var inlet = Box("inlet", 120 + board, 20, 20, 20, 30) with { IsMains = true };
        var graft = Seated(Tray() with
        {
            Openings = cut is { } gap
                ? [new Opening("cut", "cut", OpeningKind.Way, PlaneWall.Floor, new PlanRectangle(right + gap, 20, 10, 10)) { IsToCut = true }]
                : [],
        });
        graft = box is { } apart ? graft.With(inlet, Box("cage", right + apart, 20, 10, 10, 30) with { IsMetal = isMetal }) : graft.With(inlet);
        return lead is { } away ? graft.With(Run(right + away, 30, 190, 140, 400)) : graft;
    }

    public static Graft Drilled(double gap)
        => Held(MountMethod.ThroughBolt, PlaneMaterial.Steel, 1).With(Box("inlet", 115 + gap, 20, 20, 100, 30, from: 30) with { IsMains = true });

    // Straight the lead needs 200 mm; round the zone, which ends so high above the tray, 202 and more.
    public static Graft Zoned(double top, double rise = 6.5)
    {
        var memory = new BodyZone(BodyZoneKind.Tall, "memory", new PlanRectangle(40, 0, 20, 80)) { Height = Mm(top - rise - 1.6) };
        var graft = Zoned(memory);
        return (graft with { Seating = graft.Seating with { Planes = [Standing(rise)] } }).With(Run(10, 50, 190, 50, 201));
    }

    public static Graft Apart(double gap)
        => Seated().With(Box("one", 130, 20, 20, 40, 40) with { Clearance = Mm(3) }, Box("other", 150 + gap, 20, 20, 40, 40) with { Clearance = Mm(2) });

    // The plug of a socket that faces right reaches 20 mm beyond the board, into a cage.
    public static Graft Plugged() => Seated(board: Board(Socket("usb", 100, 40, PortFacing.Right))).With(Box("cage", 125, 30, 40, 40, 40));

    public static Graft PluggedLeft() => Seated(board: Board(Socket("usb", 0, 40, PortFacing.Left))).With(Box("cage", -30, 30, 40, 40, 40));

    // A round hole of 20 mm in the tray, to the left of the standoff at 25, 15 or the bolt at 115, 85; its middle so far from it.
    public static Graft Vented(double off, bool isToCut, double x = 25, double y = 15)
        => Missing(60).At(seat => seat with { Holes = [new HoleMounting(4, MountMethod.ThroughBolt)] }) is var graft
            ? graft with
            {
                Seating = graft.Seating with
                {
                    Planes =
                    [
                        graft.Seating.Planes[0] with
                        {
                            Openings =
                            [
                                new Opening("vent", "vent", OpeningKind.Air, PlaneWall.Floor, new PlanRectangle(x - off - 10, y - 10, 20, 20))
                                {
                                    IsRound = true, IsToCut = isToCut,
                                },
                            ],
                        },
                    ],
                },
            }
            : throw new InvalidOperationException();

    // A card so wide whose bracket is so far from the rear wall, before slots of 14 mm at the usual pitch, moved so far along the wall.
    public static Graft Slotted(double width, int slots, double away = 0, double along = 0)
        => Seated(Tray() with
        {
            Openings = [.. Enumerable.Range(0, slots).Select(slot => new Opening($"s{slot}", $"slot {slot + 1}", OpeningKind.Slot, PlaneWall.Rear,
                new PlanRectangle(133 + along + (slot * 20.32), 0, 14, 110)))],
        }) is var graft ? (graft with { Parts = [.. graft.Parts, new Part("card", "card", PartKind.Card)] })
            .With(Box("card", 130, away, width, 100, 100) with { Part = "card" }) : throw new InvalidOperationException();

    // A port 20 mm wide and 10 mm tall before a round opening of so much.
    public static Graft RoundWindow(double across)
        => Window(60 - (across / 2), 60 + (across / 2), 13.1 - (across / 2), 13.1 + (across / 2)) is var graft
            && graft.Seating.Planes[0] is var tray
            ? graft with { Seating = graft.Seating with { Planes = [tray with { Openings = [tray.Openings[0] with { IsRound = true }] }] } }
            : throw new InvalidOperationException();

    public static Graft Surveyed(params string[] lines)
        => Seated() with
        {
            Seating = Seated().Seating with { Surveys = [Survey("board", ["h1 left 5.0", "h1 rear 5.0", "h2 left 95.0", "h2 rear 5.0", .. lines])] }
        };
}
