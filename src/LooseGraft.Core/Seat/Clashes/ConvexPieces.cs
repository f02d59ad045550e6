using System.Collections.Immutable;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;
using NetTopologySuite.Triangulate.Polygon;

namespace LooseGraft.Core.Seat.Clashes;

/// <summary>A footprint cut into convex pieces that cover it exactly.</summary>
internal static class ConvexPieces
{
    private const double AreaMm2 = 1e-6;

    /// <summary>One piece for a convex footprint, triangles for a notched one.</summary>
    /// <returns>Pieces with their corners counter-clockwise.</returns>
    public static ImmutableArray<ImmutableArray<PlanPoint>> Of(ImmutableArray<PlanPoint> footprint)
    {
        var shape = Shapes.Polygon(footprint);
        if (shape.ConvexHull().Area - shape.Area <= AreaMm2) return [Shapes.Corners(shape.ConvexHull())];
        var triangles = ConstrainedDelaunayTriangulator.Triangulate(shape);
        return [.. Enumerable.Range(0, triangles.NumGeometries).Select(triangles.GetGeometryN).OfType<Polygon>().Where(piece => piece.Area > AreaMm2)
            .Select(piece => Shapes.Corners(piece))];
    }
}
