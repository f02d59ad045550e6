using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Standing;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>For one turn of a board the shifts at which mounts lie under its bare solder.</summary>
internal sealed class SolderSpace
{
    // More than crossings are off, so that what only touches is free.
    private const double Rim = 1e-6;

    private readonly ImmutableArray<(int Index, Mount Mount)> _mounts;
    private readonly ImmutableArray<PlanPoint> _holes;
    private readonly ImmutableArray<(PlanPoint From, PlanPoint To)> _sides;
    private readonly Geometry _solder;
    private readonly double _tails;

    /// <summary>Prepares it.</summary>
    /// <param name="board">The board, turned, its origin at that of the plane.</param>
    /// <param name="mounts">The mounts of the plane.</param>
    public SolderSpace(SeatedBoard board, IEnumerable<Mount> mounts)
    {
        _tails = board.Underside.Tails;
        _mounts = [.. mounts.Index().Where(pair => pair.Item.CanShort)];
        _holes = [.. board.Holes.Select(hole => hole.At)];
        _solder = board.Underside.Solder;
        _sides = [.. Rings(_solder).SelectMany(ring => ring.Zip(ring.Skip(1)))
            .Select(pair => (new PlanPoint(pair.First.X, pair.First.Y), new PlanPoint(pair.Second.X, pair.Second.Y)))];
    }

    /// <summary>How many mounts would short a board.</summary>
    /// <param name="shift">The shift.</param>
    /// <param name="lowest">How high it stands at the least, in millimetres.</param>
    /// <param name="isMet">Whether a mount, by its place in the list, holds it there.</param>
    public int Shorts(PlanPoint shift, double lowest, Func<int, bool> isMet)
        => _mounts.Count(pair => lowest - _tails - pair.Mount.Height.Value < Beneath.FlexMm - Rim && !isMet(pair.Index)
            && IsUnderSolder(pair.Mount, pair.Mount.At - shift));

    /// <summary>Adds the lines within a disc of shifts at which a mount begins to lie under solder.</summary>
    public void Add(List<ShiftCurve> curves, PlanPoint middle, double radius)
    {
        foreach (var (_, mount) in _mounts)
        {
            var (at, half) = (mount.At, mount.Across.Value / 2);
            foreach (var (from, to) in _sides)
            {
                var (side, length) = (to - from, to.To(from));
                if (length < Rim) continue;
                // The solder lies to the left of its sides.
                var outward = new PlanPoint(side.Y / length * half, -side.X / length * half);
                AddNear(new ShiftCurve(at - from - outward, at - to - outward, 0));
                AddNear(new ShiftCurve(at - from, default, half));
            }

            foreach (var hole in _holes) AddNear(new ShiftCurve(at - hole, default, Underside.FreeRingMm - half));
        }

        void AddNear(ShiftCurve curve)
        {
            if (curve.Reaches(middle, radius)) curves.Add(curve);
        }
    }

    private bool IsUnderSolder(Mount mount, PlanPoint at)
    {
        var half = mount.Across.Value / 2;
        foreach (var hole in _holes)
        {
            if (hole.To(at) + half <= Underside.FreeRingMm + Rim) return false;
        }

        var bounds = _solder.EnvelopeInternal;
        if (at.X < bounds.MinX - half || at.X > bounds.MaxX + half || at.Y < bounds.MinY - half || at.Y > bounds.MaxY + half) return false;
        return _solder.Distance(Shapes.Point(at)) < half - Rim;
    }

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
