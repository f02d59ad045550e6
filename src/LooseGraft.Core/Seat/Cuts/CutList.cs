using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Standing;

namespace LooseGraft.Core.Seat.Cuts;

/// <summary>Everything that has to be drilled, cut or taken off, with its datum, size and depth.</summary>
public static class CutList
{
    // What step drills and hole saws of a hobbyist reach (common practice).
    private const double StepDrillMm = 30;
    private const double HoleSawMm = 80;

    // A template, a centre punch and a hand drill together (common practice).
    private const double HandMm = 0.5;

    /// <summary>The list for every plane: holes first, then openings, then what is taken off.</summary>
    public static ImmutableArray<Cut> Of(Graft graft, SeatReview seat)
    {
        var holes = from board in seat.Boards
                    from hole in board.Holes
                    where board.HeldBy(hole)?.DrillMm > 0
                    select Hole(board, hole);
        var openings = from plane in graft.Seating.Planes from opening in plane.Openings where opening.IsToCut select Opening(plane, opening);
        var taken = from board in seat.Boards
                    from under in seat.Beneath[board.Board.Id]
                    where under is { Mount: not null, Verdict: not BeneathVerdict.Clear }
                    select TakeOff(board.Plane, under.Mount!);
        return [.. holes, .. openings, .. taken.DistinctBy(cut => (cut.Plane.Id, cut.Name))];
    }

    private static Cut Hole(SeatedBoard board, HoleMeeting hole)
    {
        var (plane, fact) = (board.Plane, board.HeldBy(hole)!);
        var at = Place(hole.At, plane);
        return new Cut($"{hole.Name} of {board.Board.Name}", fact.Name, plane, at, string.Create(CultureInfo.InvariantCulture, $"ø {fact.DrillMm:0.0#} mm"),
            fact.DrillMm, null, Math.Min(HandMm, board.Slack(hole.Hole)), Depth(plane, RoundHole(hole.At, fact.DrillMm)), fact.Tools,
            plane.IsMetal ? "deburr both sides" : "break the edge", Caution(plane.IsMetal));
    }

    private static Cut Opening(MountPlane plane, Opening opening)
    {
        var (sheet, wall) = (plane.SheetOf(opening.Wall), opening.Wall);
        var corner = plane.Bounds;
        var (along, up) = wall switch
        {
            PlaneWall.Floor => (corner.X, corner.Y),
            PlaneWall.Rear or PlaneWall.Front => (corner.X, 0),
            _ => (corner.Y, 0),
        };
        var area = opening.Area with { X = opening.Area.X - along, Y = opening.Area.Y - up };
        var act = opening.IsRound ? "drill out" : "cut out";
        return new Cut(opening.Name, wall == PlaneWall.Floor ? act : $"{act} of the {wall.ToString().ToLowerInvariant()} wall", plane, area.Middle,
            string.Create(CultureInfo.InvariantCulture, $"{(opening.IsRound ? $"ø {area.Width:0.#}" : $"{area.Width:0.#} × {area.Depth:0.#}")} mm"),
            opening.IsRound ? area.Width : 0, opening.IsRound ? null : area, opening.Tolerance.Value,
                Depth(plane, opening.Area, sheet), Tools(opening, sheet.IsMetal),
            sheet.IsMetal ? "file smooth, then an edge strip where a lead passes" : "sand, seal bare wood", Caution(sheet.IsMetal))
        { Wall = wall };
    }

    private static string Tools(Opening opening, bool isMetal) => (opening.IsRound, opening.Area.Width, isMetal) switch
    {
        (true, <= StepDrillMm, true) => "drill 3 mm, then a step drill; file",
        (true, <= StepDrillMm, false) => "drill 3 mm, then a spade bit or a step drill; file",
        (true, <= HoleSawMm, true) => "hole saw for metal with its own drill, slow, oil; file",
        (true, <= HoleSawMm, false) => "hole saw with its own drill; file",
        (true, _, _) => "holes side by side within the line, nibbler or jigsaw; file to the line",
        (_, _, true) => "drill the corners 5 mm, nibbler or jigsaw for metal, file",
        _ => "drill the corners, jigsaw or keyhole saw, file",
    };

    private static Cut TakeOff(MountPlane plane, Mount mount)
    {
        var act = mount.Kind is MountKind.Standoff or MountKind.Stud ? "take out" : "flatten, or cut off";
        var tools = mount.Kind switch
        {
            MountKind.Standoff => "nut driver",
            MountKind.Stud => "pliers or saw",
            MountKind.Tab => "pliers, file",
            MountKind.Boss => "side cutters or a chisel",
            _ => "hammer and block, file"
        };
        return new Cut(mount.Id, act, plane, Place(mount.At, plane),
            string.Create(CultureInfo.InvariantCulture, $"{mount.Across.Value:0.#} mm across, {mount.Height.Value:0.#} mm tall"), 0, null, 1,
            Depth(plane, RoundHole(mount.At, mount.Across.Value)), tools, plane.IsMetal ? "no burr left standing" : "smooth", Caution(plane.IsMetal));
    }

    private static PlanPoint Place(PlanPoint at, MountPlane plane)
    {
        var corner = plane.Bounds;
        return new PlanPoint(at.X - corner.X, at.Y - corner.Y);
    }

    // What is free behind the plane says nothing of what lies behind its walls.
    private static string Depth(MountPlane plane, PlanRectangle area, WallSheet? wall = null)
    {
        var sheet = wall ?? plane.SheetOf(PlaneWall.Floor);
        if (sheet.Wall != PlaneWall.Floor) return $"through {sheet.Thickness}; look what lies behind first";
        var rooms = plane.BehindAreas.Where(behind => behind.Area.Overlaps(area)).ToArray();
        return rooms.Length > 0
            ? $"through {sheet.Thickness}; behind lies {string.Join(", ", rooms.Select(room => $"{room.Name} after {room.Free}"))}: {(rooms.All(room => room.Kind == BehindKind.Thing) ? "a stop on the drill, and a board between" : "take it out first")}"
            : plane.Behind is { } free ? $"through {sheet.Thickness}, and no more than {free} beyond: something lies behind"
            : plane.Stand is { } stand ? $"through {sheet.Thickness}, and no more than {stand.Height} beyond: there lies what it stands on"
            : $"through {sheet.Thickness}; look what lies behind first";
    }

    private static PlanRectangle RoundHole(PlanPoint at, double across) => new(at.X - (across / 2), at.Y - (across / 2), across, across);

    private static string Caution(bool isMetal) => isMetal
        ? "Eyes covered, work clamped, no gloves at the drill. Every board out of the shell: swarf shorts boards. Tape over what stays, vacuum and wipe before anything comes back."
        : "Eyes covered, work clamped, and a mask for the dust. Every board out of the shell; vacuum before anything comes back.";
}
