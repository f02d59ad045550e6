using LooseGraft.Core.Cool.Air;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool;

/// <summary>The ways and fans of a scene as a network of air.</summary>
/// <remarks>
/// A bare way is a sharp-edged opening: Δp = ρ/2 · (Q / (Cd · A · f))². A fan pays Δp = K · ρ/2 · (Q/A)² for what covers the piece of its way that it blows
/// through. Warm air in a space lifts: across a way at height h, Δρ · g · h with ρ = 1.2 · 293.15 / T.
/// </remarks>
internal sealed class AirSystem
{
    /// <summary>Air at 20 °C, kilograms for each cubic metre.</summary>
    public const double Density = 1.2;

    /// <summary>What a cubic metre of air carries for each kelvin, in joules: 1.2 × 1005.</summary>
    public const double Carries = 1206;

    private const double Gravity = 9.81;
    private const double DensityAt = 293.15;
    private const double Zero = 273.15;

    // The laminar share is as large as the quadratic at a millimetre a second: a hundredth of what warm air alone moves, so that air at rest is defined and
    // hardly anything else is changed.
    private const double LaminarSpeed = 0.001;

    // A fan that stands still is as much in the way as half-open sheet.
    private const double StoppedHeads = 4;

    // Nothing in it at all still makes its air swirl.
    private const double LeastHeads = 0.1;

    private readonly CoolScene _scene;
    private readonly List<(int Way, int[] Fans)> _paths = [];
    private readonly AirBranch[] _still;
    private AirNetwork? _network;
    private double[] _figures = [];

    public AirSystem(CoolScene scene)
    {
        _scene = scene;
        for (var way = 0; way < scene.Ways.Length; way++)
        {
            var beside = new List<List<int>>();
            for (var fan = 0; fan < scene.Fans.Length; fan++)
            {
                if (scene.Fans[fan].Way != way) continue;
                if (scene.Fans[fan].IsBehind && beside.Count > 0) beside[^1].Add(fan);
                else beside.Add([fan]);
            }

            if (beside.Count == 0) _paths.Add((way, []));
            else _paths.AddRange(beside.Select(group => (way, group.ToArray())));
        }

        _still = new AirBranch[_paths.Count];
    }

    /// <summary>Takes over values for the unsure figures.</summary>
    public void Take(double[] figures)
    {
        _figures = figures;
        for (var at = 0; at < _paths.Count; at++)
        {
            var (way, fans) = (_scene.Ways[_paths[at].Way], _paths[at].Fans);
            var (heads, area) = fans.Length == 0 ? (BareHeads(way), way.AreaM2)
                : FanHeads(way, fans[0], _paths.Count(path => path.Way == _paths[at].Way));
            var quadratic = heads * Density / 2 / (area * area);
            _still[at] = new AirBranch(way.From, way.To, quadratic * LaminarSpeed * area, quadratic);
        }

        _network ??= new AirNetwork(_scene.Spaces.Length, (AirBranch[])_still.Clone());
    }

    /// <summary>The flows at given temperatures and speeds.</summary>
    /// <param name="above">Kelvins of each space above the room.</param>
    /// <param name="room">Degrees Celsius.</param>
    /// <param name="speeds">Share of full speed of each fan.</param>
    /// <param name="start">Pressures to start from.</param>
    public AirFlows Solve(double[] above, double room, double[] speeds, double[]? start)
    {
        var branches = _network!.Branches;
        for (var at = 0; at < _paths.Count; at++)
        {
            var (way, fans) = (_scene.Ways[_paths[at].Way], _paths[at].Fans);
            var branch = _still[at] with { Rise = -Gravity * way.HeightM * (DensityOf(way.From) - DensityOf(way.To)) };
            if (fans.Length > 0) branch = WithFans(branch, fans, speeds);
            branches[at] = branch;
        }

        // Where losses are quadratic and fans give so much more or less at the same pressure, the same pressures balance flows that are all so many times as
        // large: nothing has to be solved again.
        var (found, times) = (_network.Solve(start), _figures[_scene.AirFactor]);
        return times == 1 ? found : found with { Flows = [.. found.Flows.Select(flow => flow * times)], Residual = found.Residual * times };

        double DensityOf(int space) => Density * DensityAt / (Zero + room + (space < 0 ? 0 : above[space]));
    }

    /// <summary>Each path with the space that it leaves and the one that it enters, as air goes.</summary>
    public IEnumerable<(int Way, int From, int To, double Flow)> Moving(double[] flows)
    {
        for (var at = 0; at < _paths.Count; at++)
        {
            var way = _scene.Ways[_paths[at].Way];
            var along = Along(at, flows[at]);
            yield return along >= 0 ? (_paths[at].Way, way.From, way.To, along) : (_paths[at].Way, way.To, way.From, -along);
        }
    }

    public double[] ByWay(double[] flows)
    {
        var ways = new double[_scene.Ways.Length];
        for (var at = 0; at < _paths.Count; at++) ways[_paths[at].Way] += Along(at, flows[at]);
        return ways;
    }

    public double[] ByFan(double[] flows)
    {
        var fans = new double[_scene.Fans.Length];
        for (var at = 0; at < _paths.Count; at++)
        {
            var lead = _paths[at].Fans.Length == 0 ? AirDirection.In : _scene.Fans[_paths[at].Fans[0]].Blows;
            foreach (var fan in _paths[at].Fans) fans[fan] = _scene.Fans[fan].Blows == lead ? flows[at] : -flows[at];
        }

        return fans;
    }

    // A branch with fans starts where the first of them blows from.
    private double Along(int at, double flow)
        => _paths[at].Fans.Length > 0 && _scene.Fans[_paths[at].Fans[0]].Blows == AirDirection.Out ? -flow : flow;

    private AirBranch WithFans(AirBranch branch, int[] fans, double[] speeds)
    {
        var lead = _scene.Fans[fans[0]];
        if (lead.Blows == AirDirection.Out) branch = branch with { From = branch.To, To = branch.From, Rise = -branch.Rise };
        FanCurve? curve = null;
        foreach (var at in fans)
        {
            var fan = _scene.Fans[at];
            var area = AreaOf(fan);
            if (speeds[at] <= 0)
            {
                branch = branch with { Quadratic = branch.Quadratic + (StoppedHeads * Density / 2 / (area * area)) };
                continue;
            }

            var own = (fan.Curve ?? FanCurve.Straight(_figures[fan.FreeAir], _figures[fan.Blocked])).At(speeds[at]);
            // One that blows against the one before it takes its pressure away.
            if (fan.Blows != lead.Blows) own = own.Against();
            curve = curve is null ? own : curve.Before(own);
        }

        return branch with { Fan = curve };
    }

    private static double AreaOf(CoolFan fan) => Math.PI / 4 * fan.SizeMm * fan.SizeMm / 1e6;

    private double BareHeads(CoolWay way)
    {
        var through = _figures[_scene.Discharge] * _figures[way.Share];
        return (1 / (through * through)) + FilterHeads(way);
    }

    // Where the piece of its way is smaller than the fan, it blows through a sharp-edged opening.
    private (double Heads, double Area) FanHeads(CoolWay way, int fan, int beside)
    {
        var (own, share) = (AreaOf(_scene.Fans[fan]), way.AreaM2 / beside);
        return share < own ? (BareHeads(way), share) : (AirCoverFact.HeadsAtFan(_figures[way.Share]) + FilterHeads(way) + LeastHeads, own);
    }

    private double FilterHeads(CoolWay way) => way.Filter switch
    {
        AirFilter.Clean => _figures[_scene.Filter],
        AirFilter.Dirty => _figures[_scene.Filter] * AirCoverFact.DirtyTimes,
        _ => 0,
    };
}
