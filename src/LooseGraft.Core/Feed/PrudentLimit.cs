using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>What one would prudently ask of a supply that is old, hot or of no known make, beside what its label says.</summary>
public static class PrudentLimit
{
    // Electrolytic capacitors lose 5 to 10 % of a supply's output a decade of use (common practice); the middle is taken.
    private const double LossPerYear = 0.0075;

    // Supplies are rated at 40 to 50 °C and give about a tenth less ten degrees above; wires and contacts bear about a tenth less there too (common practice,
    // derating curves of terminal makers).
    private const double HotFactor = 0.9;

    /// <summary>Which share of one of its limits one would ask for, 1 or less: what it gives loses by age and heat, and its total by thin evidence; its wires
    /// and contacts lose by heat; what other parts bear stands.</summary>
    public static double FactorOf(Supply supply, FeedLimit limit) => Reasons(supply, limit).Aggregate(1.0, (factor, reason) => factor * reason.Factor);

    /// <summary>Why, in words; empty when nothing speaks for derating.</summary>
    public static string Because(Supply supply, FeedLimit limit) => string.Join(", ", Reasons(supply, limit).Select(reason => reason.Words));

    private static IEnumerable<(double Factor, string Words)> Reasons(Supply supply, FeedLimit limit)
    {
        var isOutput = limit.Kind <= FeedLimitKind.Total;
        if (isOutput && supply.AgeYears is > 0 and { } years) yield return (1 - (LossPerYear * Math.Min(years, 40)), $"it is {years:0.#} years old");
        if (supply.RunsHot && (isOutput || limit.Subject is SupplyLeadSubject)) yield return (HotFactor, "it sits hot");
        if (limit.Kind == FeedLimitKind.Total && !limit.Limit.IsProven) yield return (ThinEvidence.LimitFactor, $"its total is {limit.Limit.Evidence.Words()}");
    }
}
