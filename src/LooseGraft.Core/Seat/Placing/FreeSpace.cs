using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Standing;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>
/// For one turn of a board the shifts at which nothing of it meets anything: what is left of the plane of shifts when every sum of a convex piece of it, turned
/// about, and a convex piece of something else is taken away (Lozano-Pérez, Spatial planning: a configuration space approach, 1983). Beside it, how many mounts
/// would short it.
/// </summary>
internal sealed class FreeSpace
{
    // Farther than anything is described.
    private const double FarMm = 20_000;
    private const double FitMm = 0.5;

    private readonly ImmutableArray<ShiftBan> _bans;
    private readonly SolderSpace _solder;
    private readonly double _rise;
    private readonly double _lowest;
    private readonly double _highest;
    private readonly ImmutableArray<int> _screws;
    private readonly ImmutableArray<double> _heights;
    private readonly ImmutableArray<double> _otherHeights;

    private FreeSpace(ImmutableArray<ShiftBan> bans, SolderSpace solder, MountPlane plane, BoardSeat seat)
    {
        (_bans, _solder, _rise) = (bans, solder, seat.Rise.Value);
        _screws = [.. plane.Mounts.Index().Where(pair => pair.Item.TakesScrew).Select(pair => pair.Index)];
        _heights = [.. plane.Mounts.Select(mount => mount.Height.Value)];
        var any = _screws.Select(mount => _heights[mount]).Append(_rise).ToArray();
        (_lowest, _highest) = (any.Min(), any.Max());
        _otherHeights = seat.Holes.Any(hole => hole.Method is not (MountMethod.Tie or MountMethod.LeftFree)) ? [_rise] : [];
    }

    /// <summary>The free space of a board that is turned as a seat says; null when the board or the plane is not described.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="seat">The seat; its place does not count.</param>
    public static FreeSpace? Of(Graft graft, BoardSeat seat)
    {
        if (graft.Seating.FindPlane(seat.Plane) is not { } plane) return null;
        // Without mounts it stands as high as was said, and heights are told from there.
        var lone = graft with
        {
            Seating = graft.Seating with
            {
                Planes = [plane with { Mounts = [] }],
                Seats = [seat with { At = default, Holes = [] }],
                Boxes = [.. graft.Seating.Boxes.Where(box => box.On == seat.Part)],
            },
        };
        if (SeatedBoard.Of(lone) is not [var board]) return null;
        var rise = board.Standing.Highest;
        var others = SolidBody.Of(graft).Where(body => body.Plane == plane.Id && body.Owner != seat.Part).ToArray();
        var bans = ImmutableArray.CreateBuilder<ShiftBan>();
        foreach (var mine in SolidBody.Of(lone))
        {
            var things = others.Where(other => !Clash.Belong(mine, other)).SelectMany(other => Thing(mine, other))
                .Concat(plane.Ceilings.Select(ceiling => ((ImmutableArray<PlanPoint>)[.. ceiling.Area.Corners], ceiling.Height.Value, FarMm)))
                .Concat(Outside(plane, mine).Select(piece => (piece, -FarMm, FarMm)));
            foreach (var (piece, low, high) in things)
                bans.AddRange(mine.Pieces.Select(part => new ShiftBan(MinkowskiSum.Difference(piece, part), low, high, mine.From - rise, mine.To - rise)));
        }

        return new FreeSpace(bans.ToImmutable(), new SolderSpace(board, plane.Mounts), plane, seat);
    }

    /// <summary>How many mounts would short the board at a shift; null when it meets something there.</summary>
    /// <param name="shift">The shift.</param>
    /// <param name="met">The mounts that hold it, by their places among those that take a screw.</param>
    public int? Shorts(PlanPoint shift, IReadOnlyCollection<int> met)
    {
        var heights = met.Select(mount => _heights[_screws[mount]]).Concat(_otherHeights).DefaultIfEmpty(_rise).ToArray();
        var (lowest, highest) = (heights.Min(), heights.Max());
        foreach (var ban in _bans)
        {
            if (ban.Bans(shift, lowest, highest)) return null;
        }

        return _solder.Shorts(shift, lowest);
    }

    /// <summary>Whether no shift of a disc is free, whatever holds the board.</summary>
    public bool Buries(PlanPoint middle, double radius)
    {
        foreach (var ban in _bans)
        {
            if (ban.Buries(middle, radius, _lowest, _highest)) return true;
        }

        return false;
    }

    /// <summary>Every line within a disc of shifts at which anything begins to touch or to short.</summary>
    public List<ShiftCurve> Near(PlanPoint middle, double radius)
    {
        var curves = new List<ShiftCurve>();
        foreach (var ban in _bans) ban.Add(curves, middle, radius);
        _solder.Add(curves, middle, radius);
        return curves;
    }

    private static IEnumerable<(ImmutableArray<PlanPoint> Piece, double Low, double High)> Thing(SolidBody mine, SolidBody other)
    {
        // Bare metal that lies under a board is kept farther off than what only wants the same room.
        var below = mine.Kind == BodyKind.Board && other.IsMetal ? Beneath.FlexMm + other.Box!.Tolerance.Value : 0;
        return other.Pieces.Select(piece => (piece, other.From, other.To + below));
    }

    // What lies beyond a plane for a board, and beyond its walls for what stands on one; a plug has its own rules there.
    private static IEnumerable<ImmutableArray<PlanPoint>> Outside(MountPlane plane, SolidBody mine) => mine.Kind switch
    {
        BodyKind.Board => BeyondOutline(plane),
        BodyKind.Plug => [],
        _ => Walls.All.SelectMany(wall => BeyondWall(plane, wall, mine)),
    };

    private static IEnumerable<ImmutableArray<PlanPoint>> BeyondOutline(MountPlane plane)
    {
        var shape = Shapes.Polygon(plane.Outline);
        var hull = shape.ConvexHull();
        var corners = Shapes.Corners(hull);
        for (var index = 0; index < corners.Length; index++)
        {
            var (from, to) = (corners[index], corners[(index + 1) % corners.Length]);
            var length = Math.Max(1e-9, from.To(to));
            var (along, outward) = (new PlanPoint((to.X - from.X) / length * FarMm, (to.Y - from.Y) / length * FarMm), new PlanPoint(
                (to.Y - from.Y) / length * FarMm, (from.X - to.X) / length * FarMm));
            yield return [from - along, from - along + outward, to + along + outward, to + along];
        }

        var notches = hull.Difference(shape);
        for (var index = 0; index < notches.NumGeometries; index++)
        {
            if (notches.GetGeometryN(index) is not Polygon { Area: > 1e-6 } notch) continue;
            foreach (var piece in ConvexPieces.Of(Shapes.Corners(notch))) yield return piece;
        }
    }

    // The outside of a wall, save where an opening lets this thing through, as high as it usually stands.
    private static IEnumerable<ImmutableArray<PlanPoint>> BeyondWall(MountPlane plane, PlaneWall wall, SolidBody mine)
    {
        var room = plane.Bounds;
        var gaps = plane.Openings.Where(opening => opening.Wall == wall).Select(opening => opening.Inner)
            .Where(area => area.Y <= mine.From + FitMm && area.Y + area.Depth >= mine.To - FitMm)
            .Select(area => (From: area.X - FitMm, To: area.X + area.Width + FitMm)).OrderBy(gap => gap.From).ToArray();
        var from = -FarMm;
        foreach (var gap in gaps.Append((From: FarMm, To: FarMm)))
        {
            if (gap.From > from) yield return [.. Strip(room, wall, from, gap.From).Corners];
            from = Math.Max(from, gap.To);
        }
    }

    private static PlanRectangle Strip(PlanRectangle room, PlaneWall wall, double from, double to) => wall switch
    {
        PlaneWall.Rear => new PlanRectangle(from, room.Y - FarMm, to - from, FarMm),
        PlaneWall.Front => new PlanRectangle(from, room.Y + room.Depth, to - from, FarMm),
        PlaneWall.Left => new PlanRectangle(room.X - FarMm, from, FarMm, to - from),
        _ => new PlanRectangle(room.X + room.Width, from, FarMm, to - from),
    };
}
