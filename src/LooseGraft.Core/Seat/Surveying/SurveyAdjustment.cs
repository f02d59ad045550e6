using System.Collections.Immutable;
using LooseGraft.Core.Model;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>
/// Places from distances: weighted least squares by Gauss–Newton with step halving. Each step costs the cube of the number of unknowns.
/// Where the distances can be met in several ways, the start decides; if the best fit from the first start is worse than chance allows, eight others are tried,
/// and then single points on the other side of a line.
/// </summary>
public static class SurveyAdjustment
{
    /// <summary>Residuals over this many standard deviations do not belong to the rest: once in a thousand by chance (Baarda, A testing procedure for use in
    /// geodetic networks, 1968).</summary>
    public const double SuspectAt = 3.29;

    private const int MostSteps = 60;
    private const int OtherStarts = 8;
    private const int MostFlips = 60;
    private const double Singular = 1e-10;

    /// <summary>Adjusts a survey.</summary>
    /// <returns>The places; of points that nothing fixes, some place.</returns>
    public static SurveyResult Of(Survey survey)
    {
        var system = new SurveySystem(survey.Spans.Where(span => SurveyText.Value(span) is not null));
        var free = Enumerable.Range(0, system.Unknowns).Where(unknown => !system.Fixed.Contains(unknown)).ToArray();
        var best = Descend(system, free, SurveyStart.Of(system));
        var shake = new Random(1);
        var spare = Spare(free.Length);
        for (var start = 0; start < Math.Min(OtherStarts, spare) && best.Cost > Plausible(system, free.Length); start++)
        {
            var other = Descend(system, free, SurveyStart.Of(system, shake));
            if (other.Cost < best.Cost - 1e-9) best = other;
        }

        if (best.Cost > Plausible(system, free.Length)) best = Flipped(system, free, best, Math.Min(MostFlips, spare - OtherStarts));
        return Told(system, free, Inside(system, free, best.At));
    }

    // A point that was begun on the wrong side of a line stays there: those that fit worst are tried on the other side, as long as that helps.
    private static (Vector<double> At, double Cost) Flipped(SurveySystem system, int[] free, (Vector<double> At, double Cost) best, int most)
    {
        for (var tries = 0; tries < most;)
        {
            var before = best.Cost;
            foreach (var other in SurveyFlips.Of(system, best.At).Take(most - tries))
            {
                tries++;
                var tried = Descend(system, free, other);
                if (tried.Cost >= best.Cost - 1e-9) continue;
                best = tried;
                break;
            }

            if (best.Cost >= before || best.Cost <= Plausible(system, free.Length)) break;
        }

        return best;
    }

    // Of two mirrored figures that fit alike, the one that lies within the edges is the board.
    private static Vector<double> Inside(SurveySystem system, int[] free, Vector<double> at)
    {
        var outside = SurveyMirror.Of(system, at).Where(pair => !SurveyMirror.IsInside(system, at, new PlanPoint(at[2 * pair.Key], at[(2 * pair.Key) + 1])))
            .ToArray();
        if (outside.Length == 0) return at;
        var turned = at.Clone();
        foreach (var (point, place) in outside) (turned[2 * point], turned[(2 * point) + 1]) = (place.X, place.Y);
        return Descend(system, free, turned).At;
    }

    // A step costs the cube of the unknowns: what a desk measures is tried in every way, a survey of hundreds once or twice.
    private static int Spare(int unknowns) => (int)Math.Min(OtherStarts + MostFlips, 40_000_000 / Math.Pow(Math.Max(1, unknowns), 3));

    // Twice the number of redundant distances plus ten is more than chance gives in practice; it only decides whether to look further.
    private static double Plausible(SurveySystem system, int unknowns) => (2 * Math.Max(0, system.Equations.Count - unknowns)) + 10;

    private static (Vector<double> At, double Cost) Descend(SurveySystem system, int[] free, Vector<double> at)
    {
        var cost = Cost(system, at);
        for (var step = 0; step < MostSteps && free.Length > 0 && system.Equations.Count > 0; step++)
        {
            var (slopes, residuals) = Linear(system, free, at);
            var normal = slopes.TransposeThisAndMultiply(slopes);
            // A whisper of damping keeps what nothing fixes where it is.
            for (var index = 0; index < free.Length; index++) normal[index, index] += 1e-12 * Math.Max(1, normal[index, index]);
            var move = normal.Solve(slopes.TransposeThisAndMultiply(residuals));
            if (move.Any(part => !double.IsFinite(part))) break;
            var (share, next, nextCost) = (1.0, at, cost);
            do
            {
                next = at.Clone();
                for (var index = 0; index < free.Length; index++) next[free[index]] += share * move[index];
                nextCost = Cost(system, next);
                share /= 2;
            }
            while (nextCost > cost && share > 1e-6);
            if (nextCost > cost) break;
            var isStill = move.InfinityNorm() < 1e-9;
            (at, cost) = (next, nextCost);
            if (isStill) break;
        }

        return (at, cost);
    }

    private static double Cost(SurveySystem system, Vector<double> at)
    {
        var sum = 0.0;
        foreach (var equation in system.Equations)
        {
            var residual = (equation.Middle - system.Say(equation.Span.From, equation.Span.To, at).Value) / equation.Deviation;
            sum += residual * residual;
        }

        return sum;
    }

    private static (Matrix<double> Slopes, Vector<double> Residuals) Linear(SurveySystem system, int[] free, Vector<double> at)
    {
        var column = new int[system.Unknowns];
        Array.Fill(column, -1);
        for (var index = 0; index < free.Length; index++) column[free[index]] = index;
        var slopes = Matrix<double>.Build.Dense(system.Equations.Count, free.Length);
        var residuals = Vector<double>.Build.Dense(system.Equations.Count);
        foreach (var (row, equation) in system.Equations.Index())
        {
            var (value, parts) = system.Say(equation.Span.From, equation.Span.To, at);
            residuals[row] = (equation.Middle - value) / equation.Deviation;
            foreach (var (unknown, slope) in parts)
            {
                if (column[unknown] >= 0) slopes[row, column[unknown]] += slope / equation.Deviation;
            }
        }

        return (slopes, residuals);
    }

    private static SurveyResult Told(SurveySystem system, int[] free, Vector<double> at)
    {
        var spread = SurveySpread.Of(free, system.Unknowns, free.Length == 0 || system.Equations.Count == 0 ? null : Linear(system, free, at).Slopes, Singular);
        var mirrored = SurveyMirror.Of(system, at);
        var points = system.Points.Select((name, index) =>
        {
            var (longAxis, shortAxis, degrees) = spread.Ellipse(2 * index);
            return new SurveyedPoint(
                name, new PlanPoint(at[2 * index], at[(2 * index) + 1]), spread.IsDetermined(2 * index) && spread.IsDetermined((2 * index) + 1),
                longAxis, shortAxis, degrees, system.Diameters.TryGetValue(name, out var diameter) ? diameter : null,
                mirrored.TryGetValue(index, out var other) ? other : null);
        }).ToImmutableArray();
        var spans = system.Equations.Select(equation =>
        {
            var (value, parts) = system.Say(equation.Span.From, equation.Span.To, at);
            var left = (equation.Deviation * equation.Deviation) - spread.Variance(parts);
            var isChecked = left > 1e-6 * equation.Deviation * equation.Deviation;
            var residual = equation.Middle - value;
            return new SurveyedSpan(equation.Span, equation.Middle, value, isChecked ? Math.Abs(residual) / Math.Sqrt(left) : null,
                isChecked ? residual * equation.Deviation * equation.Deviation / left : null);
        }).ToImmutableArray();
        return new SurveyResult(points, system.Has("right") ? at[system.Right] : null, system.Has("front") ? at[system.Front] : null, spans,
            system.Equations.Count - spread.Rank, spans.Where(span => span.Weight > SuspectAt).MaxBy(span => span.Weight),
            SurveyPlanner.Next(system, at, spread, points), system.Datum);
    }
}
