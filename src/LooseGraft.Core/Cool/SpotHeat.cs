using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool;

/// <summary>How hot each thing gets in the air of its space: T = air + watts · contact · (joint + cooler).</summary>
/// <remarks>
/// What of a cooler goes with flow falls with its power −0.6. With a fan of its own the flow goes with the fan's speed, which a board sets by the temperature
/// itself: one root, as more speed never makes it warmer. Without one, what the air of the shell and what the cooler's own warmth move are blended as cubes
/// (S. W. Churchill, mixed convection, AIChE Journal 23, 1977), the latter rising with ΔT^0.25.
/// </remarks>
internal sealed class SpotHeat(CoolScene scene)
{
    private const double FlowPower = 0.6;
    private const double StillPower = 0.25;
    private const int Halvings = 30;

    // A fan that stirs moves about half of what it would blow freely past what stands beside it (common practice).
    private const double StirShare = 0.5;

    private readonly double[] _temperatures = new double[scene.Spots.Length];
    private readonly double[] _through = new double[scene.Spaces.Length];
    private double[] _figures = [];
    private HeatCase _work;

    /// <summary>Takes over values for the unsure figures.</summary>
    public void Take(double[] figures, HeatCase work) => (_figures, _work) = (figures, work);

    /// <summary>The temperatures, in degrees Celsius; not a number where nobody knows the watts.</summary>
    public double[] Temperatures() => (double[])_temperatures.Clone();

    /// <summary>Air that moves through each space, in litres per second.</summary>
    public double[] Through() => (double[])_through.Clone();

    /// <summary>How fast a board lets its fans turn: by its processor; in full where it has none that is known.</summary>
    public double ShareOf(string board)
    {
        for (var at = 0; at < scene.Spots.Length; at++)
        {
            if (scene.Spots[at].Kind == HotKind.Chip && scene.Spots[at].Part == board) return BoardCurve.ShareAt(_temperatures[at]);
        }

        return 1;
    }

    /// <summary>Works them out for given air.</summary>
    public void Solve(AirSystem air, double[] flows, double[] speeds, double room, double[] above)
    {
        Array.Clear(_through);
        foreach (var (_, _, to, flow) in air.Moving(flows))
        {
            if (to >= 0) _through[to] += LitresPerSecond.OfCubicMetres(flow).Value;
        }

        for (var fan = 0; fan < scene.Fans.Length; fan++)
        {
            if (scene.Fans[fan] is { Way: null, Space: >= 0 } stirs)
                _through[stirs.Space] += StirShare * LitresPerSecond.OfCubicMetres(_figures[stirs.FreeAir] * speeds[fan]).Value;
        }

        for (var at = 0; at < scene.Spots.Length; at++) Solve(at, room, above);
    }

    /// <summary>Works some of them out in the air of a state; the others stay as they are in it.</summary>
    public void SolveIn(CoolState state, IEnumerable<int> spots)
    {
        state.Through.CopyTo(_through, 0);
        state.Spots.CopyTo(_temperatures, 0);
        var above = state.Spaces.Select(space => space - state.Room).ToArray();
        foreach (var at in spots) Solve(at, state.Room, above);
    }

    private void Solve(int at, double room, double[] above)
    {
        var spot = scene.Spots[at];
        var warm = spot.Space < 0 || spot.TakesRoomAir ? room : room + above[spot.Space];
        _temperatures[at] = spot.Cooler is null ? warm : spot.Source < 0 ? double.NaN : warm + Rise(spot, warm);
    }

    private double Rise(HotSpot spot, double air)
    {
        // Whatever is in the way multiplies the rise for each watt, as more watts would.
        var watts = _figures[scene.Sources[spot.Source].At(_work)] * _figures[spot.Share] * _figures[spot.Contact];
        var (joint, cooler) = (watts * _figures[spot.Joint], watts * _figures[spot.Resistance]);
        if (spot.Cooler!.HasFan) return spot.Kind is HotKind.Chip or HotKind.CardChip ? BehindFan(joint, cooler, air) : joint + cooler;
        var through = spot.Space < 0 ? 0 : _through[spot.Space];
        var forced = Math.Pow(through / spot.Cooler.ReferenceFlow, FlowPower) / _figures[spot.Resistance];
        return joint + WithoutFan(watts, forced, 1 / (spot.Still is { } still ? _figures[still] : _figures[spot.Resistance]));
    }

    // rise = joint + cooler · speed(air + rise)^−0.6; the right side falls as the left side rises.
    private static double BehindFan(double joint, double cooler, double air)
    {
        var (low, high) = (joint + cooler, joint + (cooler * Math.Pow(BoardCurve.Least, -FlowPower)));
        // At either end of the curve the speed is known.
        if (BoardCurve.ShareAt(air + low) >= 1) return low;
        if (BoardCurve.ShareAt(air + high) <= BoardCurve.Least) return high;
        for (var half = 0; half < Halvings && high - low > 1e-4; half++)
        {
            var middle = (low + high) / 2;
            if (joint + (cooler * Math.Pow(BoardCurve.ShareAt(air + middle), -FlowPower)) > middle) low = middle;
            else high = middle;
        }

        return (low + high) / 2;
    }

    // watts = rise · (forced³ + still(rise)³)^⅓, which rises with it.
    private static double WithoutFan(double watts, double forced, double still)
    {
        if (watts <= 0) return 0;
        var (low, high) = (0.0, forced > 0 ? watts / forced : double.PositiveInfinity);
        high = Math.Min(high, Math.Pow(watts / still * Math.Pow(CoolerClass.StillKelvins, StillPower), 1 / (1 + StillPower)));
        for (var half = 0; half < Halvings && high - low > 1e-4; half++)
        {
            var middle = (low + high) / 2;
            var own = still * Math.Pow(middle / CoolerClass.StillKelvins, StillPower);
            if (middle * Math.Cbrt((forced * forced * forced) + (own * own * own)) < watts) low = middle;
            else high = middle;
        }

        return (low + high) / 2;
    }
}
