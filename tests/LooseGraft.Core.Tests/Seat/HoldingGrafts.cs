using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>Grafts for what holds a board, a drive or a card, and what lies behind. The board is 1.6 mm thick on standoffs of 6.5 mm on sheet of 1 mm: a
/// screw comes out behind beyond 9.1 mm.</summary>
internal static class HoldingGrafts
{
    /// <summary>A screw at all four standoffs.</summary>
    public static Graft Screwed(string screw, Func<Mount, Mount>? change = null, Func<MountPlane, MountPlane>? plane = null, double hole = 3.6)
    {
        var tray = Tray() with { Mounts = [.. Tray().Mounts.Select(mount => change?.Invoke(mount) ?? mount)] };
        return Seated(plane?.Invoke(tray) ?? tray, Board() with { Holes = [.. Board().Holes.Select(each => each with { Diameter = Mm(hole) })] })
            .At(seat => seat with { Screw = Of(screw) });
    }

    /// <summary>Self-tapping screws of 3 mm in bosses 12 mm tall, with a bore 10 mm deep.</summary>
    public static Graft Bossed(string screw, double bore = 2.5) => Screwed(screw, mount => mount with
    {
        Kind = MountKind.Boss,
        IsMetal = false,
        Height = Mm(12),
        Deep = Mm(10),
        Bore = Mm(bore),
    });

    /// <summary>The fourth hole, at 115 and 85 on the tray, is held some other way, with a screw perhaps.</summary>
    public static Graft Held(MountMethod method, string? screw = null, double thickness = 1, Func<MountPlane, MountPlane>? plane = null)
    {
        var tray = Tray() with { Thickness = Mm(thickness), Mounts = [.. Tray().Mounts.Take(3)] };
        return Seated(plane?.Invoke(tray) ?? tray)
            .At(seat => seat with { Holes = [new HoleMounting(4, method) { Screw = screw is null ? null : Of(screw) }] });
    }

    /// <summary>Something behind the tray that begins so far to the right of a place.</summary>
    public static Func<MountPlane, MountPlane> Behind(double x, double y, double right, double free, BehindKind kind = BehindKind.Thing)
        => tray => tray with { BehindAreas = [new BehindArea("pack", new PlanRectangle(x + right, y - 20, 40, 40), Mm(free), kind)] };

    public static Graft Cut(double right, double free) => Seated(Behind(60, 60, right, free, BehindKind.Mains)(Tray()) with
    {
        Openings = [new Opening("way", "way", OpeningKind.Way, PlaneWall.Floor, new PlanRectangle(40, 55, 20, 10)) { IsToCut = true }],
    });

    public static Graft Loose(Func<BoardSeat, BoardSeat> change)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Select(mount => mount with { State = MountState.Insulated })] }).At(change);

    /// <summary>The first standoff stands so far beside its hole of 3.6 mm.</summary>
    public static Graft Beside(double off, string? screw, string? thread)
        => Seated(Tray() with
        {
            Mounts = [Mount("s1", 25 + off, 15) with { Thread = thread is null ? null : ScrewThread.Find(thread) }, .. Tray().Mounts.Skip(1)],
        }).At(seat => seat with { Screw = screw is null ? null : Of(screw) });

    /// <summary>A lid so high above a tray on which memory reaches up to 28.1 mm.</summary>
    public static Graft Lidded(double lid, bool? isMetal = null)
        => Seated(Tray() with { Lid = Mm(lid), IsLidMetal = isMetal },
            Zoned(new BodyZone(BodyZoneKind.Tall, "memory", new PlanRectangle(40, 20, 20, 40)) { Height = Mm(20) }));

    public static Graft Aerial(PlaneMaterial material, double rise = 6, double? lid = null, double? box = null)
    {
        var tray = Tray() with
        {
            Material = material,
            Lid = lid is { } free ? Mm(free) : null,
            IsLidMetal = true,
            Mounts = [.. Tray().Mounts.Select(mount => mount with { Height = Mm(rise) })]
        };
        var graft = Seated(tray, Zoned(new BodyZone(BodyZoneKind.Aerial, "aerial", new PlanRectangle(80, 30, 20, 20)) { Height = Mm(2) }));
        return box is { } gap ? graft.With(Box("cage", 120 + gap, 20, 30, 60, 40) with { IsMetal = true }) : graft;
    }

    public static Graft Drive(string form, string? screw, string? bay = null, bool hasFrame = false, double length = 150, double width = 110)
        => Seated().With(Box("drive", 130, 0, 10, width, length) with
        {
            Drive = DriveForm.Find(form),
            Screw = screw is null ? null : Of(screw),
            Bay = bay is null ? null : DriveForm.Find(bay),
            HasFrame = hasFrame,
        });

    public static Graft Card(bool isHeld, string on = "tray")
        => WithCard(Seated(), Box("card", 130, 60, 20, 60, 60, on) with { Part = "card", IsHeld = isHeld });

    /// <summary>A card two slots wide by its box, before so many slots, with a bracket of so many.</summary>
    public static Graft Bracket(int slots, int bracket)
        => SeatBoundaryGrafts.Slotted(40.6, slots) is var graft
            ? graft with { Seating = graft.Seating with { Boxes = [graft.Seating.Boxes[0] with { Slots = bracket }] } } : throw new InvalidOperationException();

    /// <summary>Mounts and an outline known from somewhere; the third standoff so far beside its hole.</summary>
    public static Graft Known(Evidence mounts, Evidence outline = Evidence.Measured, double third = 0)
        => Seated(Tray() with
        {
            Mounts = [.. Tray().Mounts.Select(mount => Mount(mount.Id, mount.At.X + (mount.Id == "s3" ? third : 0), mount.At.Y) with { Evidence = mounts })],
        }, Board() with { Body = Board().Body! with { Evidence = outline } });

    /// <summary>Three holes of the board as a caliper has them, the second so far from the left edge; typed it is 95 mm from there, 90 from the
    /// first.</summary>
    public static Graft Typed(double apart) => WithSurvey("board", "h1 left 5.0", "h1 rear 5.0", $"h2 left {5 + apart:0.0}", "h2 rear 5.0", "h3 left 5.0", "h3 rear 75.0");

    /// <summary>A port 20 mm wide and 10 mm tall, from 8.1 mm above the tray, in the middle of an opening of 60 by 40 mm; its plate has one cut-out, so wide to
    /// either side of the middle and of the height given.</summary>
    public static Graft Plated(double half, double from = 8, double to = 19, double width = 60, double height = 40, IoPlate plate = IoPlate.Kept)
        => Seated(Tray() with { Openings = [new Opening("io", "opening", OpeningKind.Ports, PlaneWall.Rear, new PlanRectangle(30, 0, 60, 40))] },
            Board(Socket("usb", 40, 0, PortFacing.Rear)))
            .At(seat => seat with
            {
                At = new PlanPoint(20, 0),
                Plate = plate,
                PlateSheet = new PlateSheet(Mm(width), Mm(height), [new PlanRectangle(30 - half, from, 2 * half, to - from)]),
            });

    public static Graft WithSurvey(string of, params string[] lines) => Seated() with { Seating = Seated().Seating with { Surveys = [Survey(of, lines)] } };

    private static Screw Of(string screw) => Screw.Parse(screw) ?? throw new ArgumentException(screw);

    private static Part Zoned(BodyZone zone) => Board() with { Body = Board().Body! with { Zones = [zone] } };

    private static Graft WithCard(Graft graft, SeatBox box) => (graft with { Parts = [.. graft.Parts, new Part("card", "card", PartKind.Card)] }).With(box);
}
