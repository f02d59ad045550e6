using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on boxes and tall things beside the walls round a plane, and under its lid.</summary>
internal static class WallFindings
{
    private const string Lid = "the lid";
    private const double FitMm = 0.5;
    private const double RoundingMm = 1e-6;

    public static IEnumerable<Finding> Of(Graft graft, ImmutableArray<SolidBody> bodies)
        => from body in bodies
           let plane = graft.Seating.FindPlane(body.Plane)
           where plane is not null
           from finding in new[] { Above(plane, body), Beside(plane, body) }
           where finding is not null
           select finding;

    private static Finding? Above(MountPlane plane, SolidBody body)
    {
        if (Ceiling(plane, body) is not var (name, free)) return null;
        // Sheet above a board gives way to a hand, and the board to a plug.
        var needed = Math.Max(body.Clearance, plane.HasMetalLid && body.Kind is BodyKind.Board or BodyKind.Zone ? Standing.Beneath.FlexMm : 0);
        var (gap, subject) = (free - body.To, body.Subject);
        return gap < 0
            ? Finding.Of(SeatRules.UnderLid, subject, new UnderLid(body.Id, new Millimetres(body.To), new Millimetres(free), name == Lid),
                $"{body.Name} stands {Mm(body.To)} above {plane.Name}, and under {name} only {Mm(free)} is free: {Mm(-gap)} too tall.", Evidence.Assumed,
                body.IsPlug ? "use a right-angle plug" : "choose a lower one, or move it", $"measure the room under {name} again")
            : gap < needed - RoundingMm ? TooClose(subject, body, name, gap, needed, $"measure the room under {name} again") : null;
    }

    private static Finding? Beside(MountPlane plane, SolidBody body)
    {
        // A board's own edge and its plugs have rules of their own; a tray has no walls.
        if (body.Kind is BodyKind.Board or BodyKind.Plug || plane.Stand is not null) return null;
        var walls = Walls.All.Where(each => !HasOpening(plane, each, body))
            .Select(each => (Wall: each, Gap: Walls.Distance(body.Footprint, plane, each))).ToArray();
        if (walls.Length == 0) return null;
        var (near, gap) = walls.MinBy(pair => pair.Gap);
        var wall = $"the {near.ToString().ToLowerInvariant()} wall";
        if (gap < -RoundingMm)
            return Finding.Of(SeatRules.ThroughWall, body.Subject, new ThroughWall(body.Id, plane.Id, new Millimetres(-gap)),
                $"{body.Name} reaches {Mm(-gap)} through {wall} of {plane.Name}.", Evidence.Assumed,
                "move or turn it", "choose a smaller part", "write the opening down that it reaches through, there or to be cut");
        // What touches a wall is fixed to it, a card by its bracket, a supply by its screws; what wants no air may stand near.
        return body.Box?.Clearance.Value > 0 && gap > FitMm && gap < body.Clearance - RoundingMm
            ? TooClose(body.Subject, body, wall, gap, body.Clearance, "move it") : null;
    }

    private static Finding TooClose(Subject subject, SolidBody body, string other, double gap, double needed, string remedy)
        => Finding.Of(SeatRules.TooClose, subject, new TooClose(body.Id, other, new Millimetres(gap), new Millimetres(needed)),
            $"{body.Name} comes within {Mm(gap)} of {other}; clearance and tolerance ask for {Mm(needed)}.", Evidence.Assumed, "choose a smaller one", remedy);

    // Whatever it is for: what stands in an opening reaches through it.
    private static bool HasOpening(MountPlane plane, PlaneWall wall, SolidBody body)
    {
        var (from, to) = wall is PlaneWall.Rear or PlaneWall.Front
            ? (body.Bounds.X, body.Bounds.X + body.Bounds.Width)
            : (body.Bounds.Y, body.Bounds.Y + body.Bounds.Depth);
        return plane.Openings.Any(opening => opening.Wall == wall && opening.Inner is var area && area.X <= from + FitMm && area.X + area.Width >= to - FitMm
            && area.Y <= body.From + FitMm && area.Y + area.Depth >= body.To - FitMm);
    }

    /// <summary>The lowest thing above a body.</summary>
    private static (string Name, double Free)? Ceiling(MountPlane plane, SolidBody body)
    {
        var shape = body.Shape;
        var lows = plane.Ceilings.Where(ceiling => Shapes.Polygon(ceiling.Area.Corners).Intersection(shape).Area > 1e-6)
            .Select(ceiling => (ceiling.Name, Free: ceiling.Height.Value));
        var all = plane.Lid is { } lid && !plane.Ceilings.Any(ceiling => Shapes.Polygon(ceiling.Area.Corners).Covers(shape))
            ? lows.Append((Lid, lid.Value))
            : lows;
        return all.OrderBy(low => low.Item2).Select(low => ((string, double)?)low).FirstOrDefault();
    }
}
