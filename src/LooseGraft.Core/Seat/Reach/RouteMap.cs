using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Reach;

/// <summary>
/// The ways a lead may take on a plane: a visibility graph over obstacles grown by the lead's bend, with a second sheet behind the plane that is entered
/// through holes. Shortest ways by the algorithm of Hart, Nilsson and Raphael (1968), which looks first where the straight line to the end is short; what is
/// seen from a corner is found out when a way comes to it, and kept. Growing keeps corners sharp where a lead would round them, so a way is never told
/// shorter than it is, and longer by at most (2 − π/2) of the bend at each corner.
/// </summary>
internal sealed class RouteMap
{
    private readonly ImmutableArray<Obstacle> _obstacles;
    private readonly List<Node> _nodes = [];

    // What a square corner is told short by where nothing is grown by the bend.
    private readonly double _corner;
    private readonly List<(int To, double Length)>?[] _edges;
    private readonly ObstacleGrid _grid;
    private readonly int _corners;
    private readonly double _through;

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
        var room = plane.Bounds;
        _grid = new ObstacleGrid(_obstacles);
        foreach (var corner in _obstacles.SelectMany(obstacle => obstacle.Corners).Where(room.Holds).Where(corner => !_grid.HoldsInside(corner)))
            _nodes.Add(new Node(corner, false));
        _corners = _nodes.Count;
        // Through the plane: its thickness and a bend on either side.
        _through = plane.Thickness.Value + (2 * bend);
        foreach (var hole in plane.Openings.Where(opening => opening is { Kind: OpeningKind.Way, Wall: PlaneWall.Floor, IsToCut: false }))
        {
            _nodes.Add(new Node(hole.Area.Middle, false));
            _nodes.Add(new Node(hole.Area.Middle, true));
        }

        _edges = new List<(int, double)>?[_nodes.Count];
    }

    // A hole is two places one after the other, before the plane and behind it.
    private bool AreOneHole(int one, int other) => Math.Min(one, other) >= _corners && Math.Abs(one - other) == 1 && (Math.Min(one, other) - _corners) % 2 == 0;

    private List<(int To, double Length)> Edges(int one)
    {
        if (_edges[one] is { } known) return known;
        var edges = new List<(int, double)>();
        for (var other = 0; other < _nodes.Count; other++)
        {
            if (other == one) continue;
            if (_nodes[one].IsBehind != _nodes[other].IsBehind)
            {
                if (AreOneHole(one, other)) edges.Add((other, _through));
            }
            else if (_nodes[one].IsBehind || !_grid.IsCut(_nodes[one].At, _nodes[other].At))
            {
                edges.Add((other, _nodes[one].At.To(_nodes[other].At)));
            }
        }

        return _edges[one] = edges;
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
        var queue = new PriorityQueue<(int Node, double Length), double>();
        queue.Enqueue((start, 0), 0);
        while (queue.TryDequeue(out var reached, out _))
        {
            var (node, length) = reached;
            if (length > best[node]) continue;
            var (place, was) = (node % places, node < places ? 0 : places);
            if (place == end) return Steps(before, node, from, to) is var steps ? (length + ((steps.Length - 2) * _corner), steps) : null;
            if (place == start)
            {
                if (only != LeadWay.Behind && !_grid.IsCut(from, to, around)) Relax(start, end, from.To(to));
                foreach (var (near, apart) in starts) Relax(start, near, apart);
                continue;
            }

            foreach (var (next, apart) in Edges(place))
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
            queue.Enqueue((next, best[next]), best[next] + Ahead(next % places));
        }

        // No way is shorter than the straight one.
        double Ahead(int place) => place < start ? _nodes[place].At.To(to) : place == start ? from.To(to) : 0;
    }

    private Dictionary<int, double> Sight(PlanPoint place, HashSet<int> around)
        => _nodes.Index().Where(pair => !pair.Item.IsBehind && !_grid.IsCut(place, pair.Item.At, around))
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

    private readonly record struct Node(PlanPoint At, bool IsBehind);
}
