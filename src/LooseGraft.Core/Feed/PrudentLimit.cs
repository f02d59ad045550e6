using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>What one would prudently ask of a supply that is old, hot or of no known make, beside what its label says.</summary>
public static class PrudentLimit
{
    // Electrolytic capacitors lose 5 to 10 % of a supply's output a decade of use (common practice); the middle is taken.
    private const double LossPerYear = 0.0075;
    private const double HotFactor = 0.9;

    /// <summary>The total, derated; null when the label states none or nothing speaks for derating.</summary>
    public static Watts? Of(Supply supply)
    {
        if (supply.Total is not { } total) return null;
        var factor = (1 - (LossPerYear * Math.Min(supply.AgeYears ?? 0, 40))) * (supply.RunsHot ? HotFactor : 1)
            * (total.Limit.Evidence.IsProven() ? 1 : ThinEvidence.LimitFactor);
        return factor < 1 ? new Watts(total.Limit.Value.Value * factor) : null;
    }

    /// <summary>Why, in words; empty when nothing speaks for derating.</summary>
    public static string Because(Supply supply)
    {
        var reasons = new[]
        {
            supply.AgeYears is > 0 and { } years ? $"it is {years:0.#} years old" : null,
            supply.RunsHot ? "it sits hot" : null,
            supply.Total is { } total && !total.Limit.Evidence.IsProven() ? $"its total is {total.Limit.Evidence.Words()}" : null,
        };
        return string.Join(", ", reasons.OfType<string>());
    }
}
