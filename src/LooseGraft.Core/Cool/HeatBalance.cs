using System.Collections.Immutable;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool;

/// <summary>How warm the air of each space gets for given flows: what comes in goes out, with the air or through the walls.</summary>
/// <remarks>Each space is mixed, and air carries the warmth of where it comes from (upwind), so that the temperatures follow from one linear system whose rows
/// are dominated by their diagonal: elimination without exchanges is stable. O(n³) for n spaces.</remarks>
internal sealed class HeatBalance(CoolScene scene)
{
    /// <summary>No shell is so tight that it gives nothing at all: watts for each kelvin of each space, so that every temperature is finite.</summary>
    public const double LeastWall = 0.05;

    private const double NearWidths = 4;

    private readonly ImmutableArray<(int Way, double Near)>[] _beside = Beside(scene);
    private readonly int _spaces = scene.Spaces.Length;
    private readonly double[] _matrix = new double[scene.Spaces.Length * scene.Spaces.Length];
    private readonly double[] _watts = new double[scene.Spaces.Length];
    private readonly double[] _walls = new double[scene.Spaces.Length];
    private double _again;

    /// <summary>Takes over values for the unsure figures.</summary>
    public void Take(double[] figures, HeatCase work)
    {
        Array.Clear(_watts);
        foreach (var source in scene.Sources)
        {
            if (source.Space >= 0) _watts[source.Space] += figures[source.At(work)];
        }

        for (var space = 0; space < _spaces; space++)
            _walls[space] = LeastWall + (scene.Spaces[space].Wall is { } wall ? figures[wall] : 0);
        _again = figures[scene.Again];
    }

    /// <summary>Kelvins of each space above the room.</summary>
    public double[] Solve(AirSystem air, double[] flows)
    {
        var (n, right, inward) = (_spaces, (double[])_watts.Clone(), Inward(air, flows));
        Array.Clear(_matrix);
        for (var space = 0; space < n; space++) _matrix[(space * n) + space] = _walls[space];
        foreach (var (way, from, to, flow) in air.Moving(flows))
        {
            var carries = AirSystem.Carries * flow;
            if (from >= 0) _matrix[(from * n) + from] += carries;
            if (to < 0) continue;
            if (from >= 0)
            {
                _matrix[(to * n) + from] -= carries;
                continue;
            }

            foreach (var (space, share) in AgainOf(way, inward)) _matrix[(to * n) + space] -= carries * share;
        }

        Eliminate(_matrix, right);
        return right;
    }

    /// <summary>Kelvins above the room that each intake draws in, by way.</summary>
    public double[] DrawnAgain(AirSystem air, double[] flows, double[] above)
    {
        var inward = Inward(air, flows);
        return [.. Enumerable.Range(0, scene.Ways.Length).Select(way => AgainOf(way, inward).Sum(each => each.Share * above[each.Space]))];
    }

    /// <summary>Watts that go in, and those that walls and air carry out.</summary>
    public (double In, double Out) Energy(AirSystem air, double[] flows, double[] above)
    {
        var (outgoing, inward) = (0.0, Inward(air, flows));
        for (var space = 0; space < _spaces; space++) outgoing += _walls[space] * above[space];
        foreach (var (way, from, to, flow) in air.Moving(flows))
        {
            if (from >= 0 && to < 0) outgoing += AirSystem.Carries * flow * above[from];
            if (from < 0 && to >= 0) outgoing -= AirSystem.Carries * flow * AgainOf(way, inward).Sum(each => each.Share * above[each.Space]);
        }

        return (_watts.Sum(), outgoing);
    }

    // Which share of what goes in by a way has just come out of which space: the nearer the outlet, by its own width, the more; never more than comes out.
    private IEnumerable<(int Space, double Share)> AgainOf(int intake, double[] inward)
    {
        var left = 1.0;
        foreach (var (outlet, near) in _beside[intake])
        {
            if (inward[intake] <= 0 || inward[outlet] >= 0) continue;
            var share = Math.Min(left, _again * near * Math.Min(1, -inward[outlet] / inward[intake]));
            left -= share;
            yield return (scene.Ways[outlet].Inside, share);
        }
    }

    // What goes into the shell by each way from the room.
    private double[] Inward(AirSystem air, double[] flows)
    {
        var ways = air.ByWay(flows);
        for (var way = 0; way < ways.Length; way++) ways[way] = !scene.Ways[way].IsToRoom ? 0 : scene.Ways[way].From < 0 ? ways[way] : -ways[way];
        return ways;
    }

    // Of each way to the room the others of its space near enough to be drunk from, each by how near: 1 at its own place, 0 at four of its widths.
    private static ImmutableArray<(int Way, double Near)>[] Beside(CoolScene scene)
    {
        return [.. scene.Ways.Select(way => (ImmutableArray<(int, double)>)[.. from at in Enumerable.Range(0, scene.Ways.Length)
                                                                             let near = Near(way, scene.Ways[at])
                                                                             where near > 0
                                                                             select (at, near)])];

        static double Near(CoolWay way, CoolWay other)
            => way == other || !way.IsToRoom || !other.IsToRoom || way.Inside != other.Inside || way.At is not { } here || other.At is not { } there ? 0
                : 1 - (Distance(here, there) / (NearWidths * 1e3 * Math.Sqrt(other.AreaM2)));
    }

    private static double Distance((double X, double Y, double Z) one, (double X, double Y, double Z) other)
        => Math.Sqrt(Math.Pow(one.X - other.X, 2) + Math.Pow(one.Y - other.Y, 2) + Math.Pow(one.Z - other.Z, 2));

    private static void Eliminate(Span<double> matrix, Span<double> right)
    {
        var n = right.Length;
        for (var pivot = 0; pivot < n; pivot++)
        {
            for (var row = pivot + 1; row < n; row++)
            {
                var factor = matrix[(row * n) + pivot] / matrix[(pivot * n) + pivot];
                if (factor == 0) continue;
                for (var column = pivot; column < n; column++) matrix[(row * n) + column] -= factor * matrix[(pivot * n) + column];
                right[row] -= factor * right[pivot];
            }
        }

        for (var row = n - 1; row >= 0; row--)
        {
            for (var column = row + 1; column < n; column++) right[row] -= matrix[(row * n) + column] * right[column];
            right[row] /= matrix[(row * n) + row];
        }
    }
}
