using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>Offers other places for single points: mirrored at the lines through what they were measured to, the points that fit worst first.</summary>
internal static class SurveyFlips
{
    private const double Near = 0.5;

    public static IEnumerable<Vector<double>> Of(SurveySystem system, Vector<double> at)
    {
        var reaches = system.Equations.Where(equation => SurveySystem.Axis(equation.Span.From) is null && SurveySystem.Axis(equation.Span.To) is null)
            .Select(equation => (
                One: system.Index(equation.Span.From), Other: system.Index(equation.Span.To),
                Off: Math.Abs(equation.Middle - system.Say(equation.Span.From, equation.Span.To, at).Value) / equation.Deviation)).ToArray();
        var worst = Enumerable.Range(0, system.Points.Count)
            .OrderByDescending(point => reaches.Where(reach => reach.One == point || reach.Other == point).Select(reach => reach.Off).DefaultIfEmpty().Max());
        foreach (var point in worst)
        {
            var (x, y) = (at[2 * point], at[(2 * point) + 1]);
            var others = reaches.Where(reach => reach.One == point || reach.Other == point).Select(reach => reach.One == point ? reach.Other : reach.One)
                .Distinct().ToArray();
            foreach (var (index, one) in others.Index())
            {
                var (oneX, oneY) = (at[2 * one], at[(2 * one) + 1]);
                yield return Moved(at, point, x, (2 * oneY) - y);
                yield return Moved(at, point, (2 * oneX) - x, y);
                foreach (var other in others.Skip(index + 1))
                {
                    var (dx, dy) = (at[2 * other] - oneX, at[(2 * other) + 1] - oneY);
                    var length = Math.Sqrt((dx * dx) + (dy * dy));
                    if (length < Near) continue;
                    var off = (((x - oneX) * dy) - ((y - oneY) * dx)) / length;
                    yield return Moved(at, point, x - (2 * off * dy / length), y + (2 * off * dx / length));
                }
            }
        }
    }

    private static Vector<double> Moved(Vector<double> at, int point, double x, double y)
    {
        var moved = at.Clone();
        (moved[2 * point], moved[(2 * point) + 1]) = (x, y);
        return moved;
    }
}
