using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Schools;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>What the rules say about what was measured, and about the school that the builder trusts.</summary>
internal static class EvidenceFindings
{
    public static ImmutableArray<Finding> Of(Graft graft, ImmutableArray<SupplyReview> supplies, FeedFlows flows, ImmutableArray<WallFit> fits)
        => [.. fits.SelectMany(fit => Unexplained(graft, fit)), .. Homeless(graft, flows),
            .. supplies.Where(review => review is { Into: null, Supply.Total: not null }).SelectMany(review => Refused(graft, review, flows))];

    private static IEnumerable<Finding> Unexplained(Graft graft, WallFit fit)
    {
        if (fit.Suspect is not { } suspect) yield break;
        var (reading, read, modelled) = fit.Residuals.MaxBy(residual => Math.Abs(residual.Read.Value - residual.Modelled.Value));
        var part = graft.FindPart(suspect);
        yield return Finding.Of(FeedRules.WallUnexplained, part is null ? Subject.Whole : new PartSubject(part.Id),
            $"The wall reading “{reading.Note ?? reading.Id}” means {read} of output, and the nearest that figures within their ranges come is {modelled}{(part is null ? "" : $"; look first at {part.Name}")}.",
            Evidence.Measured, "widen the range of the part that is suspected, or type what its label says",
            "was something else on the meter, or a part missing?", "say the class of the supply, if its label has one");
    }

    // What was read through a supply that does not hang on the wall, or through one of several without a word which.
    private static IEnumerable<Finding> Homeless(Graft graft, FeedFlows flows)
    {
        var used = graft.Supplies.SelectMany(supply => WallMeter.ReadingsOf(graft, flows, supply)).ToHashSet(ReferenceEqualityComparer.Instance);
        if (graft.Supplies.IsEmpty) yield break;
        foreach (var reading in graft.WallReadings.Where(reading => !used.Contains(reading)))
        {
            yield return Finding.Of(FeedRules.WallOfNoSupply, Subject.Whole, reading.Supply is { } behind
                ? $"The wall reading “{reading.Note ?? reading.Id}” names {graft.NameOfSupply(behind)}, which does not hang on the wall: no wall meter sees it alone."
                : $"The wall reading “{reading.Note ?? reading.Id}” does not say which supply was behind the meter, and several hang on the wall: it is held against none.",
                Evidence.Measured, "say on the page of the readings which supply was behind the meter");
        }
    }

    private static IEnumerable<Finding> Refused(Graft graft, SupplyReview review, FeedFlows flows)
    {
        var trusted = FeedSchools.Of(graft, review, flows).Trusted;
        // Sums beyond the limit itself are told as such; here stands what only the headroom, the maker or the meter refuses.
        if (trusted.Verdict != FeedVerdict.DoesNotCarry
            || review.Limits.Any(limit => limit.Kind == FeedLimitKind.Total && limit.In(LoadCase.Peak).Verdict == FeedVerdict.DoesNotCarry)) yield break;
        // What the sum leaves of the headroom is no fault of the sum.
        yield return new Finding(FeedRules.TrustedSchoolRefuses, trusted.School == FeedSchool.Summed ? Severity.Check : Severity.Fix,
            new TotalSubject(review.Supply.Id), $"{review.Name}: {trusted.Gating} are needed ({trusted.Words}), and it gives {trusted.Has!.Value}.",
            trusted.Evidence,
            ["look at the three schools and why they differ here", "measure at the wall under full load", "a supply that gives more, or a part less"]);
    }
}
