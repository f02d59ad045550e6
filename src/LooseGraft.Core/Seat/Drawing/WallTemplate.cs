using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Cuts;

namespace LooseGraft.Core.Seat.Drawing;

/// <summary>Draws what is stuck on a wall from outside: its openings as they are, and those to cut.</summary>
public static class WallTemplate
{
    // Where nobody measured the lid: so much above the highest opening.
    private const double RimMm = 10;

    /// <summary>The walls of a plane in which something is to be cut.</summary>
    public static ImmutableArray<PlaneWall> WallsToCut(MountPlane plane)
        => [.. Walls.All.Where(wall => plane.Openings.Any(opening => opening.IsToCut && opening.Wall == wall))];

    /// <summary>The template of a wall; null when no opening is to be cut in it.</summary>
    public static PlanSheet? Of(Graft graft, SeatReview seat, MountPlane plane, PlaneWall wall)
    {
        if (!WallsToCut(plane).Contains(wall)) return null;
        var (room, isAlong) = (plane.Bounds, wall is PlaneWall.Rear or PlaneWall.Front);
        var (from, length) = isAlong ? (room.X, room.Width) : (room.Y, room.Depth);
        // From outside, the rear and the right wall are seen the other way round.
        var isTurned = wall is PlaneWall.Rear or PlaneWall.Right;
        PlanRectangle Seen(PlanRectangle area) => isTurned ? area with { X = length - area.X - area.Width } : area;
        var mine = plane.Openings.Where(opening => opening.Wall == wall).ToArray();
        var pen = new SheetPen(null);
        var height = plane.Lid?.Value ?? mine.Max(opening => opening.Area.Y + opening.Area.Depth) + RimMm;
        pen.Path(SheetLayer.Outline, new PlanRectangle(0, 0, length, height).Corners);
        foreach (var opening in mine.Where(opening => !opening.IsToCut))
        {
            var area = Seen(opening.Area with { X = opening.Area.X - from });
            if (opening.IsRound) pen.Circle(SheetLayer.Outline, area.Middle, area.Width / 2);
            else pen.Path(SheetLayer.Outline, area.Corners);
            pen.Words(new PlanPoint(area.X + 1, area.Y + 1), opening.Name);
        }

        foreach (var cut in CutList.Of(graft, seat).Where(cut => cut.Plane.Id == plane.Id && cut.Wall == wall))
        {
            var at = isTurned ? new PlanPoint(length - cut.At.X, cut.At.Y) : cut.At;
            if (cut.Area is { } area) pen.Path(SheetLayer.Cut, Seen(area).Corners);
            else pen.Circle(SheetLayer.Cut, at, cut.DrillMm / 2);
            pen.Cross(SheetLayer.Cut, at);
            pen.Words(at + new PlanPoint(SheetPen.CrossMm, 1), $"{cut.Name}: {cut.Size}");
        }

        pen.Path(SheetLayer.Datum, [new(-3, 0), new(20, 0)], false);
        pen.Path(SheetLayer.Datum, [new(0, -3), new(0, 20)], false);
        pen.Words(new PlanPoint(1.5, -SheetPen.WordsMm - 1.5), $"the level of {plane.Name}; rise: up");
        return pen.Sheet($"{wall.ToString().ToLowerInvariant()} wall round {plane.Name}, seen from outside");
    }
}
