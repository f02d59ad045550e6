using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Schools;

/// <summary>The three schools side by side for one supply.</summary>
/// <param name="Verdicts">Each school, in the order of <see cref="FeedSchool"/>.</param>
/// <param name="Trusted">The one that gates the graft.</param>
/// <param name="WhyTheyDiffer">Why they differ here, in words.</param>
public sealed record FeedSchools(ImmutableArray<SchoolVerdict> Verdicts, SchoolVerdict Trusted, string WhyTheyDiffer)
{
    /// <summary>Puts the schools side by side for a supply that hangs on the wall.</summary>
    public static FeedSchools Of(Graft graft, SupplyReview review, FeedFlows flows)
    {
        var has = review.Supply.Total?.Limit.Value;
        var (recommended, summed, measured) = (Recommended(graft, has), Summed(graft, review.Supply, flows, has), Measured(graft, review, flows, has));
        ImmutableArray<SchoolVerdict> all = [recommended, summed, measured];
        // Measured under full load with the same parts is worth more than any sum; a sum is worth more than a stranger's round number.
        var usual = measured.Needed is not null ? FeedSchool.Measured : FeedSchool.Summed;
        var trusted = all[(int)(graft.TrustedSchool ?? usual)];
        return new FeedSchools(all, trusted, Differ(graft, review.Supply, recommended, summed, measured));
    }

    private static SchoolVerdict Recommended(Graft graft, Watts? has) => graft.CardTotal is { } total
        ? new SchoolVerdict(FeedSchool.Recommended, Spread<Watts>.Exactly(total.Value), has, total.Evidence,
            "what the card's maker prints for any machine the card may be put into")
        : new SchoolVerdict(FeedSchool.Recommended, null, has, Evidence.Assumed, "no recommendation of a card's maker is written down");

    private static SchoolVerdict Summed(Graft graft, Supply supply, FeedFlows flows, Watts? has)
    {
        var mine = flows.Of(supply);
        if (mine.IsEmpty) return new SchoolVerdict(FeedSchool.Summed, null, has, Evidence.Assumed, "nothing is drawn from it yet");
        var sum = flows.Given(supply, LoadCase.Peak);
        return new SchoolVerdict(
            FeedSchool.Summed, sum.Rising(watts => new Watts(watts.Value * (1 + graft.Headroom))), has, mine.Select(term => term.Flow.Evidence).Weakest(),
            $"{sum} of all parts at peak, and {100 * graft.Headroom:0} % above it");
    }

    private static SchoolVerdict Measured(Graft graft, SupplyReview review, FeedFlows flows, Watts? has)
    {
        var supply = review.Supply;
        if (review.Into is not null)
            return new SchoolVerdict(FeedSchool.Measured, null, has, Evidence.Assumed, "a wall meter sees only what hangs on the wall");
        var full = graft.WallReadings.Where(reading => reading.Work == WallWork.Peak && reading.Without.IsEmpty).ToArray();
        if (full.Length == 0)
            return new SchoolVerdict(FeedSchool.Measured, null, has, Evidence.Assumed, "no reading at the wall under full load with all parts in");
        var wall = full.MaxBy(reading => (reading.MostOften ?? reading.Mean).Value)!;
        var (mean, high) = (wall.MostOften ?? wall.Mean, wall.Highest ?? wall.MostOften ?? wall.Mean);
        var (low, likely, best) = flows.EfficiencyAt(supply, mean);
        return new SchoolVerdict(
            FeedSchool.Measured, new Spread<Watts>(
            new Watts(mean.Value * low), new Watts(mean.Value * likely), new Watts(Math.Max(high.Value, mean.Value) * best)), has, Evidence.Measured,
            $"{mean} at the wall under full load, times {100 * low:0} to {100 * best:0} % that a supply of class {(supply.Class ?? EfficiencyClass.Unlabelled).ToString().ToLowerInvariant()} gives on");
    }

    // Put together from what each number leaves out, not from a stock of phrases.
    private static string Differ(Graft graft, Supply supply, SchoolVerdict recommended, SchoolVerdict summed, SchoolVerdict measured)
    {
        var parts = new List<string>();
        if (recommended.Needed is { } print && summed.Needed is { } sum)
        {
            var gap = print.Likely.Value - sum.Likely.Value;
            parts.Add($"The maker's {print.Likely} are {Math.Abs(gap):0} W {(gap >= 0 ? "above" : "below")} the sum: they are for the hungriest machine the card may meet and for poor supplies, and know nothing of these parts.");
        }

        if (summed.Needed is { } added && measured.Needed is { } read)
        {
            var bare = added.Likely.Value / (1 + graft.Headroom);
            var gap = bare - read.Likely.Value;
            parts.Add($"Without its headroom of {100 * graft.Headroom:0} % the sum is {bare:0} W, {Math.Abs(gap):0} W {(gap >= 0 ? "above" : "below")} what was measured: "
                + (gap >= 0
                    ? "parts seldom peak together, and figures from lists are rounded up."
                    : "something takes more than its figure says, or was left out of the sum."));
        }

        if (measured.Needed is { } range && (supply.Class is null or EfficiencyClass.Unlabelled))
            parts.Add($"The supply has no class on its label, so the {range.Low} to {range.High} of the measurement could be {range.High.Value - range.Low.Value:0} W apart.");
        var verdicts = new[] { recommended, summed, measured }.Where(school => school.Verdict is not null).ToArray();
        if (verdicts.Length > 1)
            parts.Add(verdicts.Select(school => school.Verdict == FeedVerdict.DoesNotCarry).Distinct().Count() > 1
                ? "They disagree on whether the supply will do."
                : "They agree on whether it will do.");
        return parts.Count > 0 ? string.Join(" ", parts) : "Only one school has anything to go on yet.";
    }
}
