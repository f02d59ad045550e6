using LooseGraft.Core.Cool.Air;

namespace LooseGraft.Core.Cool.Measuring;

/// <summary>Finds the values that fit readings best, each held near 0 by what was known before: least squares over (read − predicted) / error and value /
/// prior.</summary>
/// <remarks>Gauss and Newton's steps, damped while they do not help (K. Levenberg, 1944). With priors the matrix is positive definite however few readings
/// there are; what they do not tell of keeps its prior as its spread.</remarks>
internal static class PriorFit
{
    /// <summary>No value goes farther from 0.</summary>
    public const double Farthest = 2;

    private const int MostSteps = 24;
    private const int MostTries = 8;
    private const double LongestStep = 0.7;

    // A step that wins less, in squared deviations, moves nothing by more than a thirtieth of one: where readings contradict each other there are many such.
    private const double Enough = 1e-3;
    private const double Difference = 0.02;

    /// <summary>The values, and one standard deviation of each.</summary>
    /// <param name="predict">What would be read for some values.</param>
    /// <param name="read">What was read.</param>
    /// <param name="errors">One standard deviation of each reading, above 0.</param>
    /// <param name="priors">One standard deviation of each value before anything is read, above 0.</param>
    /// <param name="from">Values to begin from, such as those of a near case.</param>
    public static (double[] Values, double[] Spreads) Of(
        Func<double[], double[]> predict, double[] read, double[] errors, double[] priors, double[] from)
    {
        var (values, predicted) = (from, predict(from));
        var (cost, damping) = (Cost(values, predicted), 0.0);
        var matrix = Matrix(values, predicted, out var right);
        for (var step = 0; step < MostSteps && ToWin(values, matrix, right) > Enough; step++)
        {
            var (before, hasMoved) = (cost, false);
            for (var attempt = 0; attempt < MostTries && !hasMoved; attempt++)
            {
                var next = Bounded(values, Step(values, matrix, right, damping));
                var then = predict(next);
                var less = Cost(next, then);
                hasMoved = less < cost;
                if (hasMoved) (values, predicted, cost, damping) = (next, then, less, damping / 4);
                else damping = Math.Max(damping * 5, 1e-2);
            }

            if (!hasMoved) break;
            matrix = Matrix(values, predicted, out right);
            if (before - cost < Enough) break;
        }

        return (values, [.. Enumerable.Range(0, priors.Length).Select(Spread)]);

        double Cost(double[] at, double[] then)
            => Over(read, each => Squared((read[each] - then[each]) / errors[each])) + Over(at, value => Squared(at[value] / priors[value]));

        double[] Matrix(double[] at, double[] now, out double[] toward)
        {
            var n = priors.Length;
            var (square, gradient) = (new double[n * n], new double[n]);
            var slopes = Enumerable.Range(0, n).Select(value => Slope(at, now, value)).ToArray();
            for (var row = 0; row < n; row++)
            {
                var slope = slopes[row];
                for (var column = 0; column < n; column++)
                    square[(row * n) + column] = Over(read, each => slope[each] * slopes[column][each] / Squared(errors[each]));
                square[(row * n) + row] += 1 / Squared(priors[row]);
                gradient[row] = Over(read, each => slope[each] * (read[each] - now[each]) / Squared(errors[each])) - (at[row] / Squared(priors[row]));
            }

            toward = gradient;
            return square;
        }

        double[] Slope(double[] at, double[] now, int value)
        {
            var beside = (double[])at.Clone();
            beside[value] += Difference;
            return [.. predict(beside).Zip(now, (then, here) => (then - here) / Difference)];
        }

        double Spread(int value)
        {
            var unit = new double[priors.Length];
            unit[value] = 1;
            Cholesky.Solve((double[])matrix.Clone(), unit);
            return Math.Sqrt(unit[value]);
        }
    }

    // By how much a full step would lessen the cost, which is counted in squared deviations.
    private static double ToWin(double[] from, double[] matrix, double[] right)
        => Step(from, matrix, right, 0).Zip(right, (step, toward) => step * toward).Sum();

    private static double[] Bounded(double[] from, double[] step)
        => [.. from.Zip(step, (value, by) => Math.Clamp(value + Math.Clamp(by, -LongestStep, LongestStep), -Farthest, Farthest))];

    private static double[] Step(double[] from, double[] matrix, double[] right, double damping)
    {
        var (n, damped, step) = (from.Length, (double[])matrix.Clone(), (double[])right.Clone());
        for (var row = 0; row < n; row++)
        {
            damped[(row * n) + row] *= 1 + damping;
            // What would go farther than it may stays, and the others go as if it were known: otherwise they would make up for steps that it never takes.
            if (Math.Abs(from[row]) < Farthest || right[row] * from[row] <= 0) continue;
            for (var other = 0; other < n; other++) damped[(row * n) + other] = damped[(other * n) + row] = 0;
            (damped[(row * n) + row], step[row]) = (1, 0);
        }

        Cholesky.Solve(damped, step);
        return step;
    }

    private static double Over(double[] all, Func<int, double> term) => Enumerable.Range(0, all.Length).Sum(term);

    private static double Squared(double value) => value * value;
}
