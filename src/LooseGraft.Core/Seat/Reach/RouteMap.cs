using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Reach;

/// <summary>
/// The ways a lead may take on a plane: a visibility graph over obstacles grown by the lead's bend, with a second sheet behind the plane that is entered
/// through holes. Shortest ways by Dijkstra's algorithm. Building takes O(v²·o) for v corners and o obstacles; each lead O(v·o + v²). Growing keeps corners
/// sharp where a lead would round them, so a way is never told shorter than it is, and longer by at most (2 − π/2) of the bend at each corner.
/// </summary>
internal sealed class RouteMap
{
    private readonly ImmutableArray<Obstacle> _obstacles;
    private readonly List<Node> _nodes = [];

    // What a square corner is told short by where nothing is grown by the bend.
    private readonly double _corner;
    private readonly List<(int To, double Length)>[] _edges;

    /// <param name="footprints">Convex footprints, what is kept off them beside the bend, and whether that holds even where a lead ends.</param>
    /// <param name="bend">The tightest bend of the lead, in millimetres.</param>
    /// <param name="plane">The plane.</param>
    /// <param name="isNarrow">Whether it may squeeze through where there is just room for its thickness; bends are added to the length there.</param>
    public RouteMap(
        IEnumerable<(ImmutableArray<PlanPoint> Corners, double Beside, bool IsFirm)> footprints, double bend, MountPlane plane, bool isNarrow)
    {
        // A bundle bends at about four times its thickness (common practice).
        var aside = isNarrow ? bend / 8 : bend;
        _corner = isNarrow ? (2 - (Math.PI / 2)) * bend : 0;
        _obstacles = [.. footprints.Select(footprint => Obstacle.Grown(footprint.Corners, aside + footprint.Beside) with { IsFirm = footprint.IsFirm })];
        var room = PlanRectangle.Round(plane.Outline);
        foreach (var corner in _obstacles.SelectMany(obstacle => obstacle.Corners).Where(room.Holds)
            .Where(corner => !_obstacles.Any(obstacle => obstacle.HoldsInside(corner)))) _nodes.Add(new Node(corner, false));
        var corners = _nodes.Count;
        foreach (var hole in plane.Openings.Where(opening => opening is { Kind: OpeningKind.Way, Wall: PlaneWall.Floor, IsToCut: false }))
        {
            _nodes.Add(new Node(hole.Area.Middle, false));
            _nodes.Add(new Node(hole.Area.Middle, true));
        }

        _edges = [.. _nodes.Select(_ => new List<(int, double)>())];
        for (var one = 0; one < _nodes.Count; one++)
        {
            for (var other = one + 1; other < _nodes.Count; other++)
            {
                if (_nodes[one].IsBehind != _nodes[other].IsBehind)
                {
                    // Through the plane: its thickness and a bend on either side.
                    if (other == one + 1 && one >= corners && (one - corners) % 2 == 0) Join(one, other, plane.Thickness.Value + (2 * bend));
                    continue;
                }

                if (_nodes[one].IsBehind || IsFree(_nodes[one].At, _nodes[other].At)) Join(one, other, _nodes[one].At.To(_nodes[other].At));
            }
        }
    }

    /// <summary>The shortest way, or the shortest of a sort; null when there is none.</summary>
    public (double Length, ImmutableArray<RouteStep> Steps)? Shortest(PlanPoint from, PlanPoint to, LeadWay? only = null)
    {
        // A plug that sits inside the grown rim of something can still be left and reached; corners inside that rim are not used, so the way may be told longer
        // than it is.
        var around = _obstacles.Index().Where(pair => !pair.Item.IsFirm && (pair.Item.HoldsInside(from) || pair.Item.HoldsInside(to)))
            .Select(pair => pair.Index).ToHashSet();
        var (start, end) = (_nodes.Count, _nodes.Count + 1);
        var starts = Sight(from, around);
        var ends = Sight(to, around);
        // Where it has to go behind, each place counts twice: before it was behind, and after.
        var places = _nodes.Count + 2;
        var best = new double[2 * places];
        var before = new int[2 * places];
        Array.Fill(best, double.PositiveInfinity);
        Array.Fill(before, -1);
        best[start] = 0;
        var queue = new PriorityQueue<int, double>();
        queue.Enqueue(start, 0);
        while (queue.TryDequeue(out var node, out var length))
        {
            if (length > best[node]) continue;
            var (place, was) = (node % places, node < places ? 0 : places);
            if (place == end) return Steps(before, node, from, to) is var steps ? (length + ((steps.Length - 2) * _corner), steps) : null;
            if (place == start)
            {
                if (only != LeadWay.Behind && IsFree(from, to, around)) Relax(start, end, from.To(to));
                foreach (var (near, apart) in starts) Relax(start, near, apart);
                continue;
            }

            foreach (var (next, apart) in _edges[place])
            {
                var isBehind = _nodes[next].IsBehind;
                if (isBehind && only == LeadWay.InFront) continue;
                // Out again by the hole it went in by is not behind.
                var isHidden = isBehind && _nodes[place].IsBehind && only == LeadWay.Behind;
                Relax(node, isHidden ? next + places : next + was, apart);
            }

            if ((only != LeadWay.Behind || was > 0) && ends.TryGetValue(place, out var last)) Relax(node, end + was, last);
        }

        return null;

        void Relax(int node, int next, double apart)
        {
            if (best[node] + apart >= best[next]) return;
            (best[next], before[next]) = (best[node] + apart, node);
            queue.Enqueue(next, best[next]);
        }
    }

    private Dictionary<int, double> Sight(PlanPoint place, HashSet<int> around)
        => _nodes.Index().Where(pair => !pair.Item.IsBehind && IsFree(place, pair.Item.At, around))
            .ToDictionary(pair => pair.Index, pair => place.To(pair.Item.At));

    private ImmutableArray<RouteStep> Steps(int[] before, int end, PlanPoint from, PlanPoint to)
    {
        var (places, steps) = (_nodes.Count + 2, new List<RouteStep> { new(to, false) });
        for (var node = before[end]; node >= 0 && node % places < _nodes.Count; node = before[node])
            steps.Add(new RouteStep(_nodes[node % places].At, _nodes[node % places].IsBehind));
        steps.Add(new RouteStep(from, false));
        steps.Reverse();
        return [.. steps];
    }

    private bool IsFree(PlanPoint from, PlanPoint to, HashSet<int>? except = null)
    {
        for (var index = 0; index < _obstacles.Length; index++)
        {
            if (except?.Contains(index) != true && _obstacles[index].Cuts(from, to)) return false;
        }

        return true;
    }

    private void Join(int one, int other, double length)
    {
        _edges[one].Add((other, length));
        _edges[other].Add((one, length));
    }

    private readonly record struct Node(PlanPoint At, bool IsBehind);
}
