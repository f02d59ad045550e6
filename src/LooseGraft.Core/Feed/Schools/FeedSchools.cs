using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Schools;

/// <summary>The three schools side by side for one supply.</summary>
/// <param name="Verdicts">Each school, in the order of <see cref="FeedSchool"/>.</param>
/// <param name="Trusted">The one that gates the graft.</param>
/// <param name="Waiting">The one that the builder trusts and that has nothing to go on yet, so that another gates; null for none.</param>
/// <param name="WhyTheyDiffer">Why they differ here, in words.</param>
public sealed record FeedSchools(ImmutableArray<SchoolVerdict> Verdicts, SchoolVerdict Trusted, FeedSchool? Waiting, string WhyTheyDiffer)
{
    /// <summary>Puts the schools side by side for a supply.</summary>
    public static FeedSchools Of(Graft graft, SupplyReview review, FeedFlows flows)
    {
        var has = review.Supply.Total?.Limit.Value;
        var (recommended, summed) = (Recommended(graft, review, flows, has), Summed(graft, review.Supply, flows, has));
        var measured = Measured(graft, review, flows, has);
        ImmutableArray<SchoolVerdict> all = [recommended, summed, measured];
        // Measured under full load with the same parts is worth more than any sum; a sum is worth more than a stranger's round number.
        var usual = measured.Needed is not null ? measured : summed;
        // What has no figures gates nothing, and a gate is never switched off by that.
        var chosen = graft.TrustedSchool is { } school ? all[(int)school] : usual;
        return new FeedSchools(all, chosen.Needed is null ? usual : chosen, chosen.Needed is null ? chosen.School : null,
            Differ(graft, review.Supply, recommended, summed, measured));
    }

    // What a card's maker prints is said of the supply that the card hangs on, of whichever rail.
    private static SchoolVerdict Recommended(Graft graft, SupplyReview review, FeedFlows flows, Watts? has)
    {
        if (graft.CardTotal is not { } total) return Nothing("no recommendation of a card's maker is written down");
        var fed = graft.Supplies.Where(supply => FeedsCard(graft, flows, supply)).Select(supply => supply.Id).ToArray();
        var isMeant = fed.Length == 0 ? graft.Supplies.Count(supply => flows.Into(supply) is null) == 1 && review.Into is null : fed.Contains(review.Supply.Id);
        return isMeant
            ? new SchoolVerdict(FeedSchool.Recommended, Spread<Watts>.Exactly(total.Value), has, total.Evidence,
                "what the card's maker prints for any machine the card may be put into")
            : Nothing(fed.Length == 0 ? "no card hangs on any supply yet, and there are several" : "the card does not hang on it");

        SchoolVerdict Nothing(string words) => new(FeedSchool.Recommended, null, has, Evidence.Assumed, words);
    }

    private static bool FeedsCard(Graft graft, FeedFlows flows, Supply supply)
        => flows.Of(supply).Any(term => term.Flow.Feeds is { } fed ? FeedsCard(graft, flows, fed)
            : graft.FindPart(term.Flow.Consumer)?.Kind == PartKind.Card);

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
        var full = WallMeter.ReadingsOf(graft, flows, supply).Where(reading => reading.Work == WallWork.Peak && reading.Without.IsEmpty).ToArray();
        if (full.Length == 0)
            return new SchoolVerdict(FeedSchool.Measured, null, has, Evidence.Assumed, "no reading at the wall under full load with all parts in");
        var wall = full.MaxBy(reading => (reading.MostOften ?? reading.Mean).Value)!;
        var sustained = wall.MostOften ?? wall.Mean;
        var given = flows.GivenOf(supply, sustained);
        var highest = flows.GivenOf(supply, wall.Highest is { } top && top > sustained ? top : sustained).High;
        // A class is a minimum: how much better this one is nobody knows, so what it may give at best is held against its label.
        return new SchoolVerdict(FeedSchool.Measured, new Spread<Watts>(given.Low, given.Likely, highest), has, Evidence.Measured,
            $"{sustained} at the wall under full load, of which a supply of class {(supply.Class ?? EfficiencyClass.Unlabelled).ToString().ToLowerInvariant()} gives on {Share(given.Low)} to {Share(given.High)} %")
        {
            Gating = given.High,
        };

        string Share(Watts given) => sustained.Value > 0 ? $"{100 * given.Value / sustained.Value:0}" : "0";
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
