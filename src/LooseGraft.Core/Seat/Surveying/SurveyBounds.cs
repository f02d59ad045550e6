using System.Collections.Immutable;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>How far places may be off, chance and one slip together: what chance gives in 999 of 1,000, and on top of it what the largest slip does that its
/// redundancy cannot see.</summary>
internal static class SurveyBounds
{
    // √(−2 ln 0.001): a circle of so many long half axes holds a place in two dimensions 999 times of 1,000.
    private const double Chance = 3.717;

    // A slip so large against the deviation of its own residual is seen 999 times of 1,000: the threshold and 3.09 more (Baarda, 1968).
    private const double Unseen = SurveyBlame.SuspectAt + 3.09;
    private const double NoneMm = 1e-6;

    /// <summary>The bound of each point in millimetres, in the order of the system.</summary>
    public static ImmutableArray<double> Of(SurveyBlame blame)
    {
        var places = Enumerable.Range(0, blame.System.Points.Count).ToArray();
        var bounds = Of(blame.System, blame.Fit.At);
        foreach (var (system, fit) in blame.Rivals)
        {
            var others = Of(system, fit.At);
            bounds = [.. places.Select(point => Math.Max(bounds[point], Apart(blame.Fit.At, fit.At, point) + others[point]))];
        }

        return bounds;
    }

    private static ImmutableArray<double> Of(SurveySystem system, Vector<double> at)
    {
        var spread = SurveySpread.Of(system, at);
        var readings = system.Equations.Select(equation => (system.Slopes(equation, at), Left: spread.Left(system, equation, at))).ToArray();
        return [.. Enumerable.Range(0, system.Points.Count).Select(point => (Chance * spread.Ellipse(2 * point).Long)
            + readings.Select(reading => Slip(spread.Pull(2 * point, reading.Item1), reading.Left)).DefaultIfEmpty().Max())];
    }

    private static double Slip(double pull, double? left) => pull < NoneMm ? 0 : left is { } seen ? pull * Unseen / Math.Sqrt(seen) : double.PositiveInfinity;

    private static double Apart(Vector<double> one, Vector<double> other, int point)
        => Math.Sqrt(Math.Pow(one[2 * point] - other[2 * point], 2) + Math.Pow(one[(2 * point) + 1] - other[(2 * point) + 1], 2));
}
