using System.Collections.Immutable;

namespace LooseGraft.Core.Cool.Air;

/// <summary>What pressure a fan gives at which flow: pieces of straight line that never rise.</summary>
/// <remarks>It goes on falling beyond free air, where the fan is only in the way, and rises on for flow the wrong way, so that fans against each other have
/// an answer. Flow goes with speed, pressure with its square (fan laws).</remarks>
public sealed class FanCurve
{
    private readonly ImmutableArray<(double Flow, double Pressure)> _points;

    private FanCurve(ImmutableArray<(double Flow, double Pressure)> points, bool wasBent) => (_points, WasBent) = (points, wasBent);

    /// <summary>Whether the curve that was typed rose somewhere and was replaced by the highest one below it that never does.</summary>
    public bool WasBent { get; }

    internal ImmutableArray<(double Flow, double Pressure)> Points => _points;

    /// <summary>A straight line from blocked to free air, which is what is used where only these two are known.</summary>
    /// <param name="freeAir">Flow against no pressure, in cubic metres per second; above 0.</param>
    /// <param name="blocked">Pressure against which nothing flows, in pascals; above 0.</param>
    /// <exception cref="ArgumentOutOfRangeException">One of them is not above 0 or not finite.</exception>
    public static FanCurve Straight(double freeAir, double blocked)
    {
        Check(freeAir, nameof(freeAir));
        Check(blocked, nameof(blocked));
        return new FanCurve([(0, blocked), (freeAir, 0)], false);
    }

    /// <summary>A curve through points read from a label or a sheet. Where it rises, the highest curve below it that never does takes its place: on the hump
    /// of a real fan the flow is not defined.</summary>
    /// <param name="points">Flow in cubic metres per second, from 0, and pressure in pascals, in rising order of flow.</param>
    /// <exception cref="ArgumentException">Fewer than two points, flows that do not rise from 0, a negative pressure, or a last pressure that is not
    /// 0.</exception>
    public static FanCurve Through(IReadOnlyList<(double Flow, double Pressure)> points)
    {
        if (points.Count < 2 || points[0].Flow != 0 || points[^1].Pressure != 0 || points[0].Pressure <= 0)
            throw new ArgumentException("A fan's curve goes from no flow to no pressure.", nameof(points));
        var kept = new List<(double Flow, double Pressure)> { points[0] };
        var (least, isBent) = (points[0].Pressure, false);
        for (var at = 1; at < points.Count; at++)
        {
            var (before, point) = (points[at - 1], points[at]);
            if (point.Flow <= before.Flow || point.Pressure < 0 || !double.IsFinite(point.Flow + point.Pressure))
                throw new ArgumentException("The flows of a fan's curve rise, and no pressure is negative.", nameof(points));
            isBent |= point.Pressure > least;
            if (point.Pressure >= least) continue;
            // Where it comes down below the least so far, the level piece ends.
            var level = before.Flow + ((before.Pressure - least) / (before.Pressure - point.Pressure) * (point.Flow - before.Flow));
            if (level > kept[^1].Flow && level < point.Flow) kept.Add((level, least));
            kept.Add(point);
            least = point.Pressure;
        }

        return new FanCurve([.. kept], isBent);
    }

    /// <summary>The same fan at another speed.</summary>
    /// <param name="share">Share of its full speed, above 0.</param>
    /// <exception cref="ArgumentOutOfRangeException">It is not above 0.</exception>
    public FanCurve At(double share)
    {
        Check(share, nameof(share));
        return new FanCurve([.. _points.Select(point => (point.Flow * share, point.Pressure * share * share))], WasBent);
    }

    /// <summary>Two fans one behind the other: their pressures add up at each flow.</summary>
    public FanCurve Before(FanCurve next)
    {
        var flows = _points.Concat(next._points).Select(point => point.Flow).Distinct().Order();
        return new FanCurve([.. flows.Select(flow => (flow, PressureAt(flow) + next.PressureAt(flow)))], WasBent || next.WasBent);
    }

    /// <summary>The same fan put in the wrong way round, by flow the right way.</summary>
    public FanCurve Against()
        // With Q the flow that counts here, its own is −Q: p(Q) = −own(−Q), which falls as it does.
        => new([.. _points.Reverse().Select(point => (-point.Flow, -point.Pressure))], WasBent);

    /// <summary>The pressure that it gives at a flow, in pascals; negative beyond free air, where it is in the way.</summary>
    /// <param name="flow">Cubic metres per second; negative for flow the wrong way.</param>
    public double PressureAt(double flow)
    {
        var at = 0;
        while (at < _points.Length - 2 && flow > _points[at + 1].Flow) at++;
        var (pressure, slope) = Piece(at);
        return pressure + (slope * flow);
    }

    /// <summary>A piece of it as a line: pressure at no flow, and how that changes with flow (0 or less).</summary>
    internal (double Pressure, double Slope) Piece(int at)
    {
        var (one, other) = (_points[at], _points[at + 1]);
        var slope = (other.Pressure - one.Pressure) / (other.Flow - one.Flow);
        return (one.Pressure - (slope * one.Flow), slope);
    }

    private static void Check(double value, string name)
    {
        if (!double.IsFinite(value) || value <= 0) throw new ArgumentOutOfRangeException(name, value, "It has to be a figure above 0.");
    }
}
