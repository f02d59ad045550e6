using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat;

/// <summary>Plan shapes as polygons of the geometry library.</summary>
internal static class Shapes
{
    private static readonly GeometryFactory Factory = new();

    /// <summary>A polygon of corners in order. One whose sides cross each other is taken as the area they enclose.</summary>
    public static Geometry Polygon(IReadOnlyList<PlanPoint> corners)
    {
        var ring = new Coordinate[corners.Count + 1];
        for (var index = 0; index < corners.Count; index++) ring[index] = new Coordinate(corners[index].X, corners[index].Y);
        ring[^1] = ring[0].Copy();
        var polygon = Factory.CreatePolygon(ring);
        return polygon.IsValid ? polygon : polygon.Buffer(0);
    }

    /// <summary>A place as a point.</summary>
    public static Geometry Point(PlanPoint place) => Factory.CreatePoint(new Coordinate(place.X, place.Y));
}
