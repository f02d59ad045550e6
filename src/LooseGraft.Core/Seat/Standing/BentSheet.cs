using System.Collections.Immutable;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Standing;

/// <summary>
/// A board that is held at some places, each at its own height, and bends between them: straight between every three neighbours, the lowest of all such where
/// neighbours can be told in more than one way, as the four corners of a rectangle can (Delaunay triangles, every one whose circle holds no other place).
/// Beyond the outermost places it goes on as straight as it came there.
/// </summary>
/// <remarks>The lowest counts because what lies below is what it may touch. Finding neighbours takes O(n⁴) at worst; more than 40 places of unequal height
/// count as all at the lowest, which is on the safe side.</remarks>
internal sealed class BentSheet
{
    private const int MostPlaces = 40;
    private const double LevelMm = 1e-9;
    private const double Rim = 1e-6;

    private readonly ImmutableArray<HeldPlace> _places;
    private readonly ImmutableArray<(PlanFace Face, Geometry Shape)> _faces = [];
    private readonly double? _level;

    /// <summary>A sheet over some places; of those at the same spot the highest counts.</summary>
    /// <param name="places">Where it is held, one at least.</param>
    public BentSheet(IEnumerable<HeldPlace> places)
    {
        _places = [.. places.GroupBy(place => (Math.Round(place.At.X, 3), Math.Round(place.At.Y, 3))).Select(same => same.MaxBy(place => place.Height))];
        var (least, most) = (_places.Min(place => place.Height), _places.Max(place => place.Height));
        if (most - least < LevelMm || _places.Length > MostPlaces) _level = least;
        else _faces = [.. PlanFace.Among(_places).Where(face => face.AreNeighbours(_places))
            .Select(face => (face, Shapes.Polygon([face.A.At, face.B.At, face.C.At])))];
    }

    /// <summary>How high it stands at a place, in millimetres.</summary>
    public double At(PlanPoint place)
    {
        if (_level is { } level) return level;
        if (_faces.IsEmpty) return AlongLine(place);
        var over = _faces.Where(piece => piece.Face.Holds(place)).Select(piece => piece.Face.Height(place)).DefaultIfEmpty(double.NaN).Min();
        return double.IsNaN(over) ? Beyond(place) : over;
    }

    /// <summary>How high it stands at the least over an area, in millimetres.</summary>
    public double LowestOver(Geometry area)
        => _level ?? _faces.Select(piece => piece.Shape.Intersection(area)).Append(area)
            .SelectMany(piece => piece.Coordinates).Min(corner => At(new PlanPoint(corner.X, corner.Y)));

    // The faces whose side is nearest go on beyond it.
    private double Beyond(PlanPoint place)
    {
        var point = Shapes.Point(place);
        var far = _faces.Select(piece => (piece.Face, Off: piece.Shape.Distance(point))).ToArray();
        var nearest = far.Min(pair => pair.Off);
        return far.Where(pair => pair.Off <= nearest + Rim).Min(pair => pair.Face.Height(place));
    }

    // Two places, or more in a line: it is straight across, and goes on as between the two that are nearest along the line.
    private double AlongLine(PlanPoint place)
    {
        var origin = _places[0].At;
        var way = _places.MaxBy(other => other.At.To(origin)).At - origin;
        double Along(PlanPoint at) => ((at.X - origin.X) * way.X) + ((at.Y - origin.Y) * way.Y);
        var order = _places.OrderBy(other => Along(other.At)).ToArray();
        var here = Along(place);
        var next = Math.Clamp(order.Count(other => Along(other.At) <= here), 1, order.Length - 1);
        var (from, to) = (order[next - 1], order[next]);
        return from.Height + ((to.Height - from.Height) * (here - Along(from.At)) / (Along(to.At) - Along(from.At)));
    }
}
