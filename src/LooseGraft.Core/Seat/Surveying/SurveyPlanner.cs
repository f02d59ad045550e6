using System.Collections.Immutable;
using System.Globalization;
using MathNet.Numerics.LinearAlgebra;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>Finds the one measurement more that helps most: tries each pair of points, and each point with each edge, in closed form (a rank-one update of the
/// covariance).</summary>
internal static class SurveyPlanner
{
    // What a caliper with tenths gives.
    private const double Deviation = 0.11;
    private const int MostTried = 16;

    // Less than this between two answers, and a hand does not tell them apart.
    private const double TellsMm = 1;

    public static SurveyAdvice? Next(SurveySystem system, Vector<double> at, SurveySpread spread, ImmutableArray<SurveyedPoint> points)
    {
        if (points.Length < 1) return null;
        var measured = Measured(system);
        var candidates = Candidates(system, points).Where(pair => !measured.Contains(Pair(pair.From, pair.To))).ToArray();
        if (candidates.Length == 0) return null;
        if (!spread.IsWhole)
        {
            var best = candidates.MaxBy(pair => spread.Grip(system.Say(pair.From, pair.To, at).Slopes));
            return new SurveyAdvice(
                best.From, best.To, $"nothing fixes {string.Join(", ", points.Where(point => !point.IsDetermined).Select(point => point.Name).DefaultIfEmpty("the far edge"))} yet");
        }

        if (points.FirstOrDefault(point => point.HasMirror) is { } mirrored)
        {
            // The distance that would read most differently if the other place were the true one; points that would be mirrored along tell nothing.
            var other = at.Clone();
            (other[2 * system.Index(mirrored.Name)], other[(2 * system.Index(mirrored.Name)) + 1]) = (mirrored.Mirror!.Value.X, mirrored.Mirror.Value.Y);
            double Tells((string From, string To) pair) => Math.Abs(system.Say(pair.From, pair.To, at).Value - system.Say(pair.From, pair.To, other).Value);
            var decides = candidates.Where(
                pair
                => (pair.From == mirrored.Name || pair.To == mirrored.Name)
                && points.All(point => !point.HasMirror || point.Name == mirrored.Name || (point.Name != pair.From && point.Name != pair.To)))
                .ToArray();
            if (decides.Length > 0 && decides.MaxBy(Tells) is var best && Tells(best) > TellsMm)
                return new SurveyAdvice(best.From, best.To, $"{mirrored.Name} fits on the other side as well");
        }

        var before = points.Max(point => point.LongAxis);
        var (chosen, after) = candidates.Select(pair => (pair, After(system, at, spread, points, pair))).MinBy(tried => tried.Item2);
        return before - after < 0.005
            ? null
            : new SurveyAdvice(chosen.From, chosen.To,
            string.Create(CultureInfo.InvariantCulture, $"the least certain place goes from ±{before:0.00} to ±{after:0.00} mm"));
    }

    /// <summary>The measurement that would read most differently in two fits; null when none tells them apart.</summary>
    public static SurveyAdvice? Between(SurveySystem system, Vector<double> at, Vector<double> other, ImmutableArray<SurveyedPoint> points)
    {
        var measured = Measured(system);
        double Tells((string From, string To) pair) => Math.Abs(system.Say(pair.From, pair.To, at).Value - system.Say(pair.From, pair.To, other).Value);
        var best = Candidates(system, points).Where(pair => !measured.Contains(Pair(pair.From, pair.To))).Select(pair => (Pair: pair, Tells: Tells(pair)))
            .OrderByDescending(tried => tried.Tells).FirstOrDefault();
        return best.Tells > TellsMm ? new SurveyAdvice(best.Pair.From, best.Pair.To, "tells which of them is wrong") : null;
    }

    private static HashSet<(string, string)> Measured(SurveySystem system)
        => [.. system.Equations.Select(equation => Pair(equation.Span.From, equation.Span.To))];

    private static double After(
        SurveySystem system, Vector<double> at, SurveySpread spread, ImmutableArray<SurveyedPoint> points, (string From, string To) pair)
    {
        var slopes = system.Say(pair.From, pair.To, at).Slopes;
        return points.Max(point => spread.Ellipse(2 * system.Index(point.Name), slopes, Deviation).Long);
    }

    private static IEnumerable<(string From, string To)> Candidates(SurveySystem system, ImmutableArray<SurveyedPoint> points)
    {
        // What helps most reaches one of the least certain points; of many points only those are tried.
        var worst = points.OrderBy(point => point.IsDetermined && !point.HasMirror).ThenByDescending(point => point.LongAxis).Take(MostTried)
            .Select(point => point.Name).ToHashSet();
        foreach (var (index, point) in points.Index())
        {
            foreach (var other in points.Skip(index + 1).Where(other => worst.Contains(point.Name) || worst.Contains(other.Name)))
                yield return (point.Name, other.Name);
            if (!worst.Contains(point.Name)) continue;
            foreach (var edge in SurveyText.Edges.Where(edge => edge is "left" or "rear" || system.Has(edge))) yield return (point.Name, edge);
        }
    }

    private static (string, string) Pair(string one, string other) => string.CompareOrdinal(one, other) < 0 ? (one, other) : (other, one);
}
