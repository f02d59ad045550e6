using System.Collections.Immutable;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat;

/// <summary>Plan shapes as polygons of the geometry library.</summary>
internal static class Shapes
{
    private const int Segments = 128;
    private const int Decimals = 9;

    /// <summary>How much farther the corners of a polygon round a circle are from its middle than its sides: 1 / cos(π / 128) = 1.0003.</summary>
    public static readonly double Roundness = 1 / Math.Cos(Math.PI / Segments);

    // The newer overlay does not give up where corners all but coincide, as they do where boards and bumps are laid side by side.
    private static readonly GeometryFactory Factory = new NetTopologySuite.NtsGeometryServices(
        NetTopologySuite.Geometries.Implementation.CoordinateArraySequenceFactory.Instance, new PrecisionModel(), 0, GeometryOverlay.NG,
        new CoordinateEqualityComparer()).CreateGeometryFactory();

    private static readonly ImmutableArray<PlanPoint> Circle
        = [.. Enumerable.Range(0, Segments).Select(corner => Math.SinCos(2 * Math.PI * corner / Segments)).Select(way => new PlanPoint(way.Cos, way.Sin))];

    /// <summary>A polygon of corners in order. One whose sides cross each other is taken as the area they enclose.</summary>
    public static Geometry Polygon(IReadOnlyList<PlanPoint> corners)
    {
        var polygon = Ring(corners, default, 1);
        return polygon.IsValid ? polygon : polygon.Buffer(0);
    }

    /// <summary>A polygon inside a circle, at most 0.03 % of its radius short of it.</summary>
    public static Geometry Disc(PlanPoint middle, double radius) => Ring(Circle, middle, radius);

    /// <summary>A polygon round a circle, at most 0.03 % of its radius beyond it.</summary>
    public static Geometry DiscRound(PlanPoint middle, double radius) => Disc(middle, radius * Roundness);

    /// <summary>What an opening takes out.</summary>
    public static Geometry Of(Opening opening)
        => opening.IsRound ? Disc(opening.Area.Middle, opening.Area.Width / 2) : Polygon(opening.Area.Corners);

    /// <summary>Several as one; nothing of none.</summary>
    public static Geometry Union(IEnumerable<Geometry> shapes) => NetTopologySuite.Operation.Union.UnaryUnionOp.Union(shapes.ToArray(), Factory);

    /// <summary>The hull of some places: a polygon, a line or a point.</summary>
    public static Geometry Hull(IEnumerable<PlanPoint> places)
        => Factory.CreateMultiPointFromCoords([.. places.Select(At)]).ConvexHull();

    /// <summary>The outer corners of a shape, counter-clockwise; of several pieces those of the hull.</summary>
    public static ImmutableArray<PlanPoint> Corners(Geometry shape)
    {
        var ring = (shape as Polygon ?? shape.ConvexHull() as Polygon)?.ExteriorRing.Coordinates ?? [];
        var corners = ring.Take(ring.Length - 1).Select(corner => new PlanPoint(corner.X, corner.Y));
        return ring.Length > 3 && !NetTopologySuite.Algorithm.Orientation.IsCCW(ring) ? [.. corners.Reverse()] : [.. corners];
    }

    /// <summary>A place as a point.</summary>
    public static Geometry Point(PlanPoint place) => Factory.CreatePoint(At(place));

    private static Polygon Ring(IReadOnlyList<PlanPoint> corners, PlanPoint origin, double scale)
    {
        var ring = new Coordinate[corners.Count + 1];
        for (var index = 0; index < corners.Count; index++)
            ring[index] = At(new PlanPoint(origin.X + (scale * corners[index].X), origin.Y + (scale * corners[index].Y)));
        ring[^1] = ring[0].Copy();
        return Factory.CreatePolygon(ring);
    }

    // Finer than any rounding here is told from; a corner 10⁻⁴⁰ mm off a line makes the overlay give up.
    private static Coordinate At(PlanPoint place) => new(Math.Round(place.X, Decimals), Math.Round(place.Y, Decimals));
}
