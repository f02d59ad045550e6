using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Standing;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>
/// What of a board's underside is solder: its outline less what is covered or bare, and less the ring round each hole. Rings and mounts are circles here,
/// and polygons to the review: the circles are on the safe side by as much as those may be, so that the review finds free what is free here.
/// </summary>
internal sealed class BareSolder
{
    // More than crossings are off, so that what only touches is free.
    internal const double Rim = 1e-6;
    private static readonly double RingMm = Underside.FreeRingMm / Shapes.Roundness;

    private readonly Geometry _whole;
    private readonly ImmutableArray<PlanPoint> _holes;
    private readonly ImmutableArray<ShiftCurve> _edges;

    /// <summary>Takes it from a board.</summary>
    public BareSolder(SeatedBoard board)
    {
        _whole = board.Underside.Solder;
        _holes = [.. board.Holes.Select(hole => hole.At)];
        Sides = [.. Rings(_whole).SelectMany(ring => ring.Zip(ring.Skip(1)))
            .Select(pair => (From: new PlanPoint(pair.First.X, pair.First.Y), To: new PlanPoint(pair.Second.X, pair.Second.Y)))
            .Where(side => side.From.To(side.To) >= Rim)];
        var rings = _holes.Select(hole => new ShiftCurve(hole, default, RingMm)).ToArray();
        var straight = Sides.Select(side => new ShiftCurve(side.From, side.To, 0)).ToArray();
        _edges = [.. straight, .. rings];
        Corners =
        [
            .. Sides.Select(side => side.From)
                .Concat(from side in straight from ring in rings from place in ring.Crossings(side) select place)
                .Concat(rings.SelectMany((one, index) => rings.Skip(index + 1).SelectMany(one.Crossings)))
                .Where(IsSolder),
        ];
    }

    /// <summary>Its straight sides, the solder to the left.</summary>
    public ImmutableArray<(PlanPoint From, PlanPoint To)> Sides { get; }

    /// <summary>Where two of its sides meet, straight or round.</summary>
    public ImmutableArray<PlanPoint> Corners { get; }

    /// <summary>The holes round which it is free.</summary>
    public ImmutableArray<PlanPoint> Holes => _holes;

    /// <summary>Whether a disc lies under any of it; what only touches does not.</summary>
    public bool IsOver(PlanPoint at, double half)
    {
        var (bounds, round) = (_whole.EnvelopeInternal, half * Shapes.Roundness);
        if (at.X < bounds.MinX - round || at.X > bounds.MaxX + round || at.Y < bounds.MinY - round || at.Y > bounds.MaxY + round) return false;
        var isNear = false;
        foreach (var hole in _holes)
        {
            var far = hole.To(at);
            if (far + half <= Underside.FreeRingMm + Rim) return false;
            isNear |= far < Underside.FreeRingMm + half;
        }

        if (_whole.Distance(Shapes.Point(at)) >= round - Rim) return false;
        return !isNear || IsSolder(at) || Nearest(at).Any(place => place.To(at) < round - Rim && IsSolder(place));
    }

    // The nearest of it is a corner, or the nearest place on a side or on a ring.
    private IEnumerable<PlanPoint> Nearest(PlanPoint at) => Corners.Concat(_edges.Select(edge => edge.Nearest(at)));

    private bool IsSolder(PlanPoint place)
        => _holes.All(hole => hole.To(place) >= RingMm - Rim) && _whole.Distance(Shapes.Point(place)) <= Rim;

    private static IEnumerable<Coordinate[]> Rings(Geometry shape)
    {
        for (var index = 0; index < shape.NumGeometries; index++)
        {
            if (shape.GetGeometryN(index) is not Polygon polygon) continue;
            // Outer rings counter-clockwise and inner ones clockwise, so that the inside is always to the left.
            var normal = (Polygon)polygon.Reverse().Normalized().Reverse();
            yield return normal.ExteriorRing.Coordinates;
            foreach (var hole in normal.InteriorRings) yield return hole.Coordinates;
        }
    }
}
