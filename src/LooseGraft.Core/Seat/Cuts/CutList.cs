using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Standing;

namespace LooseGraft.Core.Seat.Cuts;

/// <summary>Everything that has to be drilled, cut or taken off, with its datum, size and depth.</summary>
public static class CutList
{
    // A template, a centre punch and a hand drill together (common practice).
    private const double HandMm = 0.5;

    /// <summary>The list for every plane: holes first, then openings, then what is taken off.</summary>
    public static ImmutableArray<Cut> Of(Graft graft, SeatReview seat)
    {
        var holes = from board in seat.Boards
                    from hole in board.Holes
                    where hole.Mount is null && hole.Method is not null && MountMethodFact.Of(hole.Method.Value).DrillMm > 0
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
        var (plane, fact) = (board.Plane, MountMethodFact.Of(hole.Method!.Value));
        var at = Place(hole.At, plane);
        return new Cut($"{hole.Name} of {board.Board.Name}", fact.Name, plane, at, string.Create(CultureInfo.InvariantCulture, $"ø {fact.DrillMm:0.0#} mm"),
            fact.DrillMm, null, Math.Min(HandMm, SeatedBoard.Slack(hole.Hole)), Depth(plane), fact.Tools,
            plane.IsMetal ? "deburr both sides" : "break the edge", Caution(plane));
    }

    private static Cut Opening(MountPlane plane, Opening opening)
    {
        var size = string.Create(CultureInfo.InvariantCulture, $"{opening.Area.Width:0.#} × {opening.Area.Depth:0.#} mm");
        var corner = PlanRectangle.Round(plane.Outline);
        var area = opening.Wall == PlaneWall.Floor ? opening.Area with { X = opening.Area.X - corner.X, Y = opening.Area.Y - corner.Y } : opening.Area;
        return new Cut(opening.Name, opening.Wall == PlaneWall.Floor ? "cut out" : $"cut out of the {opening.Wall.ToString().ToLowerInvariant()} wall", plane,
            area.Middle, size, 0, area, opening.Tolerance.Value, Depth(plane),
            plane.IsMetal ? "drill the corners 5 mm, nibbler or jigsaw for metal, file" : "drill the corners, jigsaw or keyhole saw, file",
            plane.IsMetal ? "file smooth, then an edge strip where a lead passes" : "sand, seal bare wood", Caution(plane));
    }

    private static Cut TakeOff(MountPlane plane, Mount mount)
    {
        var act = mount.Kind is MountKind.Standoff or MountKind.Stud ? "take out" : "flatten, or cut off";
        var tools = mount.Kind switch
        {
            MountKind.Standoff => "nut driver",
            MountKind.Stud => "pliers or saw",
            MountKind.Tab => "pliers, file",
            _ => "hammer and block, file"
        };
        return new Cut(mount.Id, act, plane, Place(mount.At, plane),
            string.Create(CultureInfo.InvariantCulture, $"{mount.Across.Value:0.#} mm across, {mount.Height.Value:0.#} mm tall"), 0, null, 1,
            Depth(plane), tools, plane.IsMetal ? "no burr left standing" : "smooth", Caution(plane));
    }

    private static PlanPoint Place(PlanPoint at, MountPlane plane)
    {
        var corner = PlanRectangle.Round(plane.Outline);
        return new PlanPoint(at.X - corner.X, at.Y - corner.Y);
    }

    private static string Depth(MountPlane plane)
        => plane.Behind is { } behind
        ? $"through {plane.Thickness}, and no more than {behind} beyond: something lies behind"
        : $"through {plane.Thickness}; look what lies behind first";

    private static string Caution(MountPlane plane) => plane.IsMetal
        ? "Eyes covered, work clamped, no gloves at the drill. Every board out of the shell: swarf shorts boards. Tape over what stays, vacuum and wipe before anything comes back."
        : "Eyes covered, work clamped, and a mask for the dust. Every board out of the shell; vacuum before anything comes back.";
}
