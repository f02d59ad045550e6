using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Cool.Asking;

/// <summary>Where along a row of steps something begins to hold, or ceases to.</summary>
/// <remarks>
/// What more of something does to a temperature need not go one way only, so a row is not halved blindly: <see cref="Points"/> steps are looked at, and
/// the first crossing between two of them is halved until the step that holds and the next that does not are known. What turns twice between two points
/// is not seen.
/// </remarks>
internal static class StepSearch
{
    /// <summary>How many steps are looked at before any is halved.</summary>
    public const int Points = 24;

    /// <summary>More that wins less than this is told to win nothing, in kelvins.</summary>
    public const double Little = 0.5;

    /// <summary>The first step that holds: it does, and the one before it does not.</summary>
    /// <param name="last">The last step; the first is 0.</param>
    /// <param name="margin">Kelvins under the limit; negative for over.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    public static StepAnswer Least(int last, Func<int, double> margin, ReviewWork work)
    {
        var (steps, margins) = Scan(last, margin, work);
        var first = Array.FindIndex(margins, kelvins => kelvins >= 0);
        var at = first <= 0 ? first == 0 ? 0 : (int?)null : Halve(steps[first], steps[first - 1], margin, work);
        return new StepAnswer(at, NoMoreFrom(steps, margins), TurnsAt(steps, margins));
    }

    /// <summary>The last step that holds before one that does not.</summary>
    /// <inheritdoc cref="Least"/>
    public static StepAnswer Most(int last, Func<int, double> margin, ReviewWork work)
    {
        var (steps, margins) = Scan(last, margin, work);
        var first = Array.FindIndex(margins, kelvins => kelvins < 0);
        return new StepAnswer(first < 0 ? last : first == 0 ? null : Halve(steps[first - 1], steps[first], margin, work), null, null);
    }

    private static (int[] Steps, double[] Margins) Scan(int last, Func<int, double> margin, ReviewWork work)
    {
        int[] steps = [.. Enumerable.Range(0, Points).Select(point => (int)Math.Round((double)last * point / (Points - 1))).Distinct()];
        return (steps, [.. work.Each(steps, "point of the answer").Select(margin)]);
    }

    private static int Halve(int holds, int fails, Func<int, double> margin, ReviewWork work)
    {
        while (Math.Abs(holds - fails) > 1)
        {
            work.ThrowIfGivenUp();
            var middle = (holds + fails) / 2;
            if (margin(middle) >= 0) holds = middle;
            else fails = middle;
        }

        return holds;
    }

    private static int? NoMoreFrom(int[] steps, double[] margins)
    {
        for (var at = 0; at < steps.Length - 1; at++)
        {
            if (margins.Skip(at + 1).Max() - margins[at] < Little) return steps[at];
        }

        return null;
    }

    // The best of them, where what lies beyond it is worse.
    private static int? TurnsAt(int[] steps, double[] margins)
    {
        var best = Array.IndexOf(margins, margins.Max());
        return margins.Skip(best).Min() < margins[best] - Little ? steps[best] : null;
    }
}
