using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>Finds points that fit as well on the other side of a line.</summary>
internal static class SurveyMirror
{
    private const double Near = 0.5;

    /// <summary>Whether mirroring the point keeps each of its distances, and the mirrored place lies inside the edges that are known.</summary>
    public static bool Has(SurveySystem system, Vector<double> at, int point)
    {
        var name = system.Points[point];
        var (byX, byY) = (false, false);
        var others = new List<(double X, double Y)>();
        foreach (var span in system.Equations.Select(equation => equation.Span).Where(span => span.From == name || span.To == name))
        {
            var other = span.From == name ? span.To : span.From;
            if (SurveySystem.Axis(other) is { } isX) (byX, byY) = (byX || isX, byY || !isX);
            else others.Add((at[2 * system.Index(other)], at[(2 * system.Index(other)) + 1]));
        }

        if ((byX && byY) || others.Count == 0) return false;
        var (x, y) = (at[2 * point], at[(2 * point) + 1]);
        var line = others[0];
        var (dx, dy) = byX ? (1.0, 0.0) : byY ? (0.0, 1.0) : Direction(others);
        if (dx == 0 && dy == 0) return false;
        if (others.Any(other => Math.Abs(((other.X - line.X) * dy) - ((other.Y - line.Y) * dx)) > Near)) return false;
        var off = ((x - line.X) * dy) - ((y - line.Y) * dx);
        var (mirrorX, mirrorY) = (x - (2 * off * dy), y + (2 * off * dx));
        return Math.Abs(off) > Near && IsInside(system, at, mirrorX, mirrorY);
    }

    private static (double X, double Y) Direction(List<(double X, double Y)> others)
    {
        var far = others.MaxBy(other => Math.Abs(other.X - others[0].X) + Math.Abs(other.Y - others[0].Y));
        var (dx, dy) = (far.X - others[0].X, far.Y - others[0].Y);
        var length = Math.Sqrt((dx * dx) + (dy * dy));
        return length < Near ? (0, 0) : (dx / length, dy / length);
    }

    private static bool IsInside(SurveySystem system, Vector<double> at, double x, double y)
        => !(system.Has("left") && x < -Near) && !(system.Has("rear") && y < -Near)
            && !(system.Has("right") && x > at[system.Right] + Near) && !(system.Has("front") && y > at[system.Front] + Near);
}
