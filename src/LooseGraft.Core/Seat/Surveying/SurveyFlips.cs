using LooseGraft.Core.Model;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>Offers other places for single points: mirrored at the lines through what they were measured to, then brought to where their own readings fit best
/// while everything else stays. Only those that fit about as well as now, and within the edges, are worth a whole fit.</summary>
internal static class SurveyFlips
{
    private const double NearMm = 0.5;
    private const int Steps = 8;

    // What a whole fit may still take off, in squares of deviations.
    private const double Worthwhile = 60;

    public static IEnumerable<Vector<double>> Of(SurveySystem system, Vector<double> at)
    {
        for (var point = 0; point < system.Points.Count; point++)
        {
            var (x, y) = (at[2 * point], at[(2 * point) + 1]);
            var (circles, lines) = Reaches(system, point, at);
            // What lies beside the edges belongs elsewhere at any cost.
            var now = SurveyMirror.IsInside(system, at, new PlanPoint(x, y)) ? Cost(circles, lines, x, y) : double.MaxValue;
            var known = new List<(double X, double Y)> { (x, y) };
            foreach (var (flippedX, flippedY) in Flips(circles, x, y))
            {
                var other = Settled(circles, lines, flippedX, flippedY);
                if (known.Exists(place => Math.Abs(place.X - other.X) + Math.Abs(place.Y - other.Y) < NearMm)) continue;
                known.Add(other);
                if (Cost(circles, lines, other.X, other.Y) > now + Worthwhile || !SurveyMirror.IsInside(system, at, new PlanPoint(other.X, other.Y))) continue;
                var moved = at.Clone();
                (moved[2 * point], moved[(2 * point) + 1]) = other;
                yield return moved;
            }
        }
    }

    private static IEnumerable<(double X, double Y)> Flips(IReadOnlyList<Circle> circles, double x, double y)
    {
        foreach (var (index, one) in circles.Index())
        {
            yield return (x, (2 * one.Y) - y);
            yield return ((2 * one.X) - x, y);
            foreach (var other in circles.Skip(index + 1))
            {
                var (dx, dy) = (other.X - one.X, other.Y - one.Y);
                var length = Math.Sqrt((dx * dx) + (dy * dy));
                if (length < NearMm) continue;
                var off = (((x - one.X) * dy) - ((y - one.Y) * dx)) / length;
                yield return (x - (2 * off * dy / length), y + (2 * off * dx / length));
            }
        }
    }

    // Gauss–Newton in two unknowns.
    private static (double X, double Y) Settled(IReadOnlyList<Circle> circles, IReadOnlyList<Line> lines, double x, double y)
    {
        for (var step = 0; step < Steps; step++)
        {
            var (xx, xy, yy, byX, byY) = (1e-9, 0.0, 1e-9, 0.0, 0.0);
            foreach (var circle in circles)
            {
                var (dx, dy) = (x - circle.X, y - circle.Y);
                var far = Math.Max(1e-9, Math.Sqrt((dx * dx) + (dy * dy)));
                Add(dx / far, dy / far, (circle.Radius - far) / circle.Deviation, circle.Deviation);
            }

            foreach (var line in lines) Add(line.IsX ? 1 : 0, line.IsX ? 0 : 1, (line.At - (line.IsX ? x : y)) / line.Deviation, line.Deviation);
            var below = (xx * yy) - (xy * xy);
            (x, y) = (x + (((byX * yy) - (byY * xy)) / below), y + (((byY * xx) - (byX * xy)) / below));

            void Add(double slopeX, double slopeY, double left, double deviation)
            {
                var (a, b) = (slopeX / deviation, slopeY / deviation);
                (xx, xy, yy, byX, byY) = (xx + (a * a), xy + (a * b), yy + (b * b), byX + (a * left), byY + (b * left));
            }
        }

        return (x, y);
    }

    private static double Cost(IReadOnlyList<Circle> circles, IReadOnlyList<Line> lines, double x, double y)
    {
        var sum = 0.0;
        foreach (var circle in circles)
        {
            var (dx, dy) = (x - circle.X, y - circle.Y);
            sum += Math.Pow((circle.Radius - Math.Sqrt((dx * dx) + (dy * dy))) / circle.Deviation, 2);
        }

        foreach (var line in lines) sum += Math.Pow((line.At - (line.IsX ? x : y)) / line.Deviation, 2);
        return double.IsFinite(sum) ? sum : double.PositiveInfinity;
    }

    // Everything that was measured from a point: circles round other points, and lines along the edges.
    private static (List<Circle> Circles, List<Line> Lines) Reaches(SurveySystem system, int point, Vector<double> at)
    {
        var (circles, lines, name) = (new List<Circle>(), new List<Line>(), system.Points[point]);
        foreach (var equation in system.Equations.Where(equation => equation.Span.From == name || equation.Span.To == name))
        {
            var other = equation.Span.From == name ? equation.Span.To : equation.Span.From;
            if (SurveySystem.Axis(other) is { } isX)
            {
                var far = other switch { "right" => at[system.Right], "front" => at[system.Front], _ => (double?)null };
                lines.Add(new Line(isX, far is { } edge ? edge - equation.Middle : equation.Middle, equation.Deviation));
            }
            else
            {
                circles.Add(new Circle(at[2 * system.Index(other)], at[(2 * system.Index(other)) + 1], equation.Middle, equation.Deviation));
            }
        }

        return (circles, lines);
    }

    private readonly record struct Circle(double X, double Y, double Radius, double Deviation);

    private readonly record struct Line(bool IsX, double At, double Deviation);
}
