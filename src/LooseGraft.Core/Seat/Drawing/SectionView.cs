using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Clashes;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Drawing;

/// <summary>A cut through everything on a plane, seen from the side.</summary>
/// <param name="Pieces">What it shows, from the back to the front of the drawing.</param>
/// <param name="IsAcross">Whether the cut runs along x, at a fixed y; otherwise along y, at a fixed x.</param>
/// <param name="At">The fixed coordinate in millimetres.</param>
public sealed record SectionView(ImmutableArray<SectionPiece> Pieces, bool IsAcross, double At)
{
    /// <summary>Cuts.</summary>
    public static SectionView Of(SeatReview seat, MountPlane plane, bool isAcross, double at)
    {
        var pieces = ImmutableArray.CreateBuilder<SectionPiece>();
        var room = plane.Bounds;
        var (from, to) = isAcross ? (room.X, room.X + room.Width) : (room.Y, room.Y + room.Depth);
        Add(SectionKind.Plane, plane.Name, plane.Outline, -plane.Thickness.Value, 0, plane.IsBareMetal);
        var top = seat.Bodies.Where(body => body.Plane == plane.Id).Select(body => body.To).DefaultIfEmpty(30).Max() + 10;
        if (plane.Lid is { } lid) pieces.Add(new SectionPiece(SectionKind.Ceiling, "lid", from, to, lid.Value, Math.Max(top, lid.Value + 3)));
        foreach (var ceiling in plane.Ceilings)
            Add(SectionKind.Ceiling, ceiling.Name, ceiling.Area.Corners, ceiling.Height.Value, Math.Max(top, (plane.Lid?.Value ?? ceiling.Height.Value) + 3));
        foreach (var mount in plane.Mounts.Where(mount => mount.State != MountState.Removed))
        {
            var half = mount.Across.Value / 2;
            var round = new PlanRectangle(mount.At.X - half, mount.At.Y - half, 2 * half, 2 * half);
            Add(SectionKind.Mount, mount.Id, round.Corners, 0, mount.Height.Value, mount.CanShort);
        }

        foreach (var body in seat.Bodies.Where(body => body.Plane == plane.Id))
            Add(Kind(body), body.Name, body.Footprint, body.From, body.To, body.IsMetal);
        return new SectionView(pieces.ToImmutable(), isAcross, at);

        static SectionKind Kind(SolidBody body)
            => body.Kind switch { BodyKind.Plug => SectionKind.Plug, BodyKind.Board => SectionKind.Board, _ => SectionKind.Box };

        void Add(SectionKind kind, string name, IReadOnlyList<PlanPoint> footprint, double low, double high, bool isBareMetal = false)
        {
            var shape = Shapes.Polygon(footprint);
            var line = shape.Factory.CreateLineString(
                isAcross ? [new Coordinate(from - 1000, at), new Coordinate(to + 1000, at)] : [new Coordinate(at, from - 1000), new Coordinate(at, to + 1000)]);
            var shared = shape.Intersection(line);
            // A notched thing is cut more than once.
            foreach (var cut in Enumerable.Range(0, shared.NumGeometries).Select(index => shared.GetGeometryN(index).EnvelopeInternal))
            {
                var (start, end) = isAcross ? (cut.MinX, cut.MaxX) : (cut.MinY, cut.MaxY);
                if (end - start > 0.01) pieces.Add(new SectionPiece(kind, name, start, end, low, high, isBareMetal));
            }
        }
    }
}
