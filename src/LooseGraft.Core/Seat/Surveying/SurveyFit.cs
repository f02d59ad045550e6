using System.Collections.Immutable;
using LooseGraft.Core.Model;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>
/// Places that fit distances best: weighted least squares by Gauss–Newton with step halving. Each step costs the cube of the number of unknowns. Where the
/// distances can be met in several ways, the start decides; if the best fit from the first start is worse than chance allows, others are tried, and then single
/// points on the other side of a line.
/// </summary>
/// <param name="At">The unknowns, in the order of the system.</param>
/// <param name="Cost">The sum of the squares of what is left, each against its own standard deviation.</param>
/// <param name="IsInside">Whether every point lies within the edges that are known.</param>
internal readonly record struct SurveyFit(Vector<double> At, double Cost, bool IsInside)
{
    // No fit makes up for a hole beside its board.
    private const double Outside = 1e12;

    private const int MostSteps = 60;
    private const int OtherStarts = 8;
    private const int MostFlips = 60;
    private const double StillMm = 1e-7;
    private const double Better = 1e-9;

    /// <summary>The cost, and more than any for a place beside the edges.</summary>
    public double Rank => Cost + (IsInside ? 0 : Outside);

    /// <summary>The best fit that the starts find.</summary>
    public static SurveyFit Best(SurveySystem system)
    {
        var best = From(system, SurveyStart.Of(system));
        var shake = new Random(1);
        for (var start = 0; start < Math.Min(OtherStarts, Spare(system)) && !best.IsPlausible(system); start++)
        {
            var other = From(system, SurveyStart.Of(system, shake));
            if (other.Rank < best.Rank - Better) best = other;
        }

        return best.Settled(system, 0).Best;
    }

    /// <summary>Of two mirrored figures that fit alike, the one that lies within the edges is the board.</summary>
    public SurveyFit Inside(SurveySystem system)
    {
        var at = At;
        var outside = SurveyMirror.Of(system, at).Where(pair => !SurveyMirror.IsInside(system, at, new PlanPoint(at[2 * pair.Key], at[(2 * pair.Key) + 1])))
            .ToArray();
        if (outside.Length == 0) return this;
        var turned = at.Clone();
        foreach (var (point, place) in outside) (turned[2 * point], turned[(2 * point) + 1]) = (place.X, place.Y);
        return From(system, turned);
    }

    /// <summary>How often more may be fitted: a step costs the cube of the unknowns, so what a desk measures is tried in every way, a survey of hundreds a few
    /// times.</summary>
    public static int Spare(SurveySystem system) => (int)Math.Min(OtherStarts + MostFlips, 10_000_000 / Math.Pow(Math.Max(1, system.Free.Length), 3));

    /// <summary>Whether chance gives as much in practice: twice the number of redundant distances plus ten. It only decides whether to look further.</summary>
    public bool IsPlausible(SurveySystem system) => Rank <= (2 * Math.Max(0, system.Equations.Count - system.Free.Length)) + 10;

    /// <summary>The fit that is reached from a start.</summary>
    public static SurveyFit From(SurveySystem system, Vector<double> at)
    {
        var (free, cost) = (system.Free, CostOf(system, at));
        for (var step = 0; step < MostSteps && free.Length > 0 && system.Equations.Count > 0; step++)
        {
            var (slopes, residuals) = Linear(system, at);
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
                nextCost = CostOf(system, next);
                share /= 2;
            }
            while (nextCost > cost && share > 1e-6);
            if (nextCost > cost) break;
            var isStill = move.InfinityNorm() < StillMm;
            (at, cost) = (next, nextCost);
            if (isStill) break;
        }

        return new SurveyFit(at, cost, SurveyMirror.AreInside(system, at));
    }

    /// <summary>How each distance changes with each free unknown, and what is left of it, both against its own standard deviation.</summary>
    public static (Matrix<double> Slopes, Vector<double> Residuals) Linear(SurveySystem system, Vector<double> at)
    {
        var column = new int[system.Unknowns];
        Array.Fill(column, -1);
        foreach (var (index, unknown) in system.Free.Index()) column[unknown] = index;
        var slopes = Matrix<double>.Build.Dense(system.Equations.Count, system.Free.Length);
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

    /// <summary>The best fit with single points on the other side of a line, as long as that helps, and beside it those that fit as well.</summary>
    /// <param name="system">The distances.</param>
    /// <param name="within">How much worse still counts as well, in squares of deviations.</param>
    public (SurveyFit Best, ImmutableArray<SurveyFit> AsWell) Settled(SurveySystem system, double within)
    {
        var (best, others, left, isBetter) = (this, new List<SurveyFit>(), Spare(system), true);
        while (isBetter && left > 0)
        {
            isBetter = false;
            foreach (var other in SurveyFlips.Of(system, best.At).Take(left))
            {
                left--;
                var tried = From(system, other);
                others.Add(tried);
                if (tried.Rank >= best.Rank - Better) continue;
                (others, best, isBetter) = ([.. others, best], tried, true);
                break;
            }
        }

        var least = best.Rank;
        return (best, [.. others.Where(other => other.Rank <= least + within)]);
    }

    private static double CostOf(SurveySystem system, Vector<double> at)
    {
        var sum = 0.0;
        foreach (var equation in system.Equations)
        {
            var residual = (equation.Middle - system.Say(equation.Span.From, equation.Span.To, at).Value) / equation.Deviation;
            sum += residual * residual;
        }

        return sum;
    }
}
