using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>Where an adjustment starts from: edges read off, then point by point from two that are placed already.</summary>
internal static class SurveyStart
{
    public static Vector<double> Of(SurveySystem system, Random? shake = null)
    {
        var scale = Math.Max(1, system.Equations.Select(equation => equation.Middle).DefaultIfEmpty(1).Max());
        var at = Vector<double>.Build.Dense(system.Unknowns, double.NaN);
        foreach (var unknown in system.Fixed) at[unknown] = 0;
        foreach (var equation in system.Equations.Where(
            equation => SurveySystem.Axis(equation.Span.From) is not null && SurveySystem.Axis(equation.Span.To) is not null))
            at[SurveySystem.Axis(equation.Span.From) == true ? system.Right : system.Front] = equation.Middle;
        foreach (var equation in system.Equations) ReadEdge(system, equation, at);
        for (var round = 0; round < system.Points.Count; round++)
        {
            if (!PlaceOne(system, at, shake)) break;
        }

        // What no two placed points reach starts somewhere inside; the adjustment moves it, or tells that nothing fixes it.
        for (var unknown = 0; unknown < at.Count; unknown++)
        {
            if (double.IsNaN(at[unknown])) at[unknown] = scale * (shake?.NextDouble() ?? (0.3 + (0.37 * unknown % 0.5)));
        }

        return at;
    }

    private static void ReadEdge(SurveySystem system, SurveySystem.Equation equation, Vector<double> at)
    {
        var (point, edge) = SurveySystem.Axis(equation.Span.From) is null ? (equation.Span.From, equation.Span.To) : (equation.Span.To, equation.Span.From);
        if (SurveySystem.Axis(point) is not null || SurveySystem.Axis(edge) is not { } isX) return;
        var unknown = (2 * system.Index(point)) + (isX ? 0 : 1);
        if (edge is "left" or "rear") at[unknown] = equation.Middle;
        else if (double.IsNaN(at[unknown]) && !double.IsNaN(at[isX ? system.Right : system.Front]))
            at[unknown] = at[isX ? system.Right : system.Front] - equation.Middle;
    }

    // Places one more point: on the circles round two placed points, on the side that its other distances like better.
    private static bool PlaceOne(SurveySystem system, Vector<double> at, Random? shake)
    {
        bool IsPlaced(int point) => !double.IsNaN(at[2 * point]) && !double.IsNaN(at[(2 * point) + 1]);
        for (var point = 0; point < system.Points.Count; point++)
        {
            if (IsPlaced(point)) continue;
            var name = system.Points[point];
            var reaches = system.Equations.Where(equation => equation.Span.From == name || equation.Span.To == name)
                .Select(equation => (Other: equation.Span.From == name ? equation.Span.To : equation.Span.From, equation.Middle))
                .Where(reach => SurveySystem.Axis(reach.Other) is null && IsPlaced(system.Index(reach.Other)))
                .Select(reach => (X: at[2 * system.Index(reach.Other)], Y: at[(2 * system.Index(reach.Other)) + 1], reach.Middle)).ToArray();
            if (Candidates(at, point, reaches) is not { Length: > 0 } candidates) continue;
            var chosen = shake is null
                ? candidates.MinBy(place => reaches.Sum(reach => Math.Abs(Math.Sqrt(Square(place.X - reach.X) + Square(place.Y - reach.Y)) - reach.Middle)))
                : candidates[shake.Next(candidates.Length)];
            (at[2 * point], at[(2 * point) + 1]) = chosen;
            return true;
        }

        return false;
    }

    private static (double X, double Y)[] Candidates(Vector<double> at, int point, (double X, double Y, double Middle)[] reaches)
    {
        var (x, y) = (at[2 * point], at[(2 * point) + 1]);
        if (reaches.Length == 0) return [];
        var (first, along) = (reaches[0], 0.0);
        if (!double.IsNaN(x))
        {
            along = Math.Sqrt(Math.Max(0, Square(first.Middle) - Square(x - first.X)));
            return [(x, first.Y + along), (x, first.Y - along)];
        }

        if (!double.IsNaN(y))
        {
            along = Math.Sqrt(Math.Max(0, Square(first.Middle) - Square(y - first.Y)));
            return [(first.X + along, y), (first.X - along, y)];
        }

        if (reaches.Length < 2) return [];
        var second = reaches.Skip(1).MaxBy(reach => Square(reach.X - first.X) + Square(reach.Y - first.Y));
        var (dx, dy) = (second.X - first.X, second.Y - first.Y);
        var apart = Math.Sqrt(Square(dx) + Square(dy));
        if (apart < 1e-6) return [];
        var foot = (Square(first.Middle) - Square(second.Middle) + Square(apart)) / (2 * apart);
        var height = Math.Sqrt(Math.Max(0, Square(first.Middle) - Square(foot)));
        var (footX, footY) = (first.X + (foot * dx / apart), first.Y + (foot * dy / apart));
        return [(footX - (height * dy / apart), footY + (height * dx / apart)), (footX + (height * dy / apart), footY - (height * dx / apart))];
    }

    private static double Square(double value) => value * value;
}
