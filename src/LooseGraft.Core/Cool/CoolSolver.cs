using LooseGraft.Core.Cool.Air;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool;

/// <summary>Finds where air, temperatures and the speeds of fans come to rest together.</summary>
/// <remarks>
/// Flows for given temperatures are exact (<see cref="AirNetwork"/>), temperatures for given flows too (<see cref="HeatBalance"/>). Warm air drives flow and
/// flow carries warmth away, and a board speeds its fans up when its chip gets warm; so the three are worked out in turn until none of them changes by more
/// than <see cref="ToleranceKelvins"/>, each step halved while they swing. Once from a cold shell and once from a hot one: a shell may have two states.
/// </remarks>
internal sealed class CoolSolver(CoolScene scene)
{
    /// <summary>A state is at rest when no temperature changes by more than this, in kelvins.</summary>
    public const double ToleranceKelvins = 0.005;

    // A whole turn of speed counts as much as so many kelvins: the board's curve gives one for 50 K.
    private const double KelvinsOfSpeed = 50;

    /// <summary>States farther apart than this are two.</summary>
    public const double TwoStatesKelvins = 0.5;

    private const int MostRounds = 120;
    private const double HotKelvins = 60;
    private const double LeastStep = 1.0 / 64;
    private const double Faster = 1.3;

    private readonly AirSystem _air = new(scene);
    private readonly HeatBalance _heat = new(scene);
    private readonly SpotHeat _spots = new(scene);

    /// <summary>Where it rests with every figure at its likely value.</summary>
    public CoolState Likely(HeatCase work) => Rest(scene.Figures.Likely(), work);

    /// <summary>Where it rests, from cold and from hot; the warmer state where they differ.</summary>
    /// <param name="figures">A value for each unsure figure.</param>
    /// <param name="work">What the machine is doing.</param>
    public CoolState Rest(double[] figures, HeatCase work)
    {
        var cold = From(figures, work, new double[scene.Spaces.Length], null, BoardCurve.Least);
        var warm = new double[scene.Spaces.Length];
        Array.Fill(warm, HotKelvins);
        var hot = From(figures, work, warm, null, 1);
        var apart = cold.Spaces.Zip(hot.Spaces, (one, other) => Math.Abs(one - other)).DefaultIfEmpty(0).Max();
        if (apart <= TwoStatesKelvins) return cold;
        return (cold.Spaces.Sum() >= hot.Spaces.Sum() ? cold : hot) with { OtherState = apart };
    }

    /// <summary>Where it comes to rest from a near state.</summary>
    public CoolState Near(double[] figures, HeatCase work, CoolState near)
        => From(figures, work, [.. near.Spaces.Select(space => space - near.Room)], near.Pressures, null, near.Speeds);

    /// <summary>The same air with some things as hot in it as other figures of their own make them.</summary>
    public CoolState InAirOf(CoolState state, double[] figures, HeatCase work, IEnumerable<int> spots)
    {
        _spots.Take(figures, work);
        _spots.SolveIn(state, spots);
        return state with { Spots = _spots.Temperatures() };
    }

    private CoolState From(double[] figures, HeatCase work, double[] above, double[]? pressures, double? speed, double[]? speeds = null)
    {
        var room = figures[scene.Room];
        speeds = speeds is not null ? (double[])speeds.Clone() : [.. scene.Fans.Select(fan => fan.VoltsShare * (fan.Board is null ? 1 : speed ?? 1))];
        var (step, isSettled) = (1.0, false);
        var before = new double[above.Length + speeds.Length];
        var now = new double[before.Length];
        _air.Take(figures);
        _heat.Take(figures, work);
        _spots.Take(figures, work);
        AirFlows? flows = null;
        for (var round = 0; round < MostRounds && !isSettled; round++)
        {
            flows = _air.Solve(above, room, speeds, pressures);
            pressures = flows.Pressures;
            var next = _heat.Solve(_air, flows.Flows);
            _spots.Solve(_air, flows.Flows, speeds, room, next);
            for (var space = 0; space < above.Length; space++) now[space] = next[space] - above[space];
            for (var fan = 0; fan < speeds.Length; fan++) now[above.Length + fan] = KelvinsOfSpeed * (SpeedOf(fan) - speeds[fan]);
            isSettled = now.All(change => Math.Abs(change) <= ToleranceKelvins);
            if (isSettled) break;
            // What turns back swings round its rest: half the step finds it. What goes on the same way may go faster.
            step = Dot(now, before) < 0 ? Math.Max(step / 2, LeastStep) : Math.Min(step * Faster, 1);
            for (var space = 0; space < above.Length; space++) above[space] += step * now[space];
            for (var fan = 0; fan < speeds.Length; fan++) speeds[fan] += step * now[above.Length + fan] / KelvinsOfSpeed;
            (before, now) = (now, before);
        }

        // What goes in comes out by the last flows, whether or not they came to rest.
        return State(flows!, _heat.Solve(_air, flows!.Flows), speeds, room, isSettled);

        double SpeedOf(int fan) => scene.Fans[fan] is { Board: { } board } slowed ? slowed.VoltsShare * _spots.ShareOf(board) : scene.Fans[fan].VoltsShare;
    }

    private static double Dot(double[] one, double[] other)
    {
        var sum = 0.0;
        for (var at = 0; at < one.Length; at++) sum += one[at] * other[at];
        return sum;
    }

    private CoolState State(AirFlows flows, double[] above, double[] speeds, double room, bool isSettled)
        => new(room, [.. above.Select(kelvins => room + kelvins)], _spots.Temperatures(), _air.ByWay(flows.Flows), _air.ByFan(flows.Flows),
            (double[])speeds.Clone())
        {
            Through = _spots.Through(),
            DrawnAgain = _heat.DrawnAgain(_air, flows.Flows, above),
            Energy = _heat.Energy(_air, flows.Flows, above),
            Residual = flows.Residual,
            IsSettled = isSettled,
            Pressures = flows.Pressures,
        };
}
