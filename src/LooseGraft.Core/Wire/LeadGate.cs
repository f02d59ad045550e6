using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Core.Wire;

/// <summary>Holds a joint that is made by hands back until the meter has proven its lead.</summary>
internal static class LeadGate
{
    /// <summary>The joint with what its lead adds to findings and verdict; as it is when it has no lead.</summary>
    public static JointReview Apply(Graft graft, JointReview review)
    {
        if (!MadeLead.IsMade(review.Joint)) return review;
        var lead = MadeLead.Of(graft, review);
        return review with { Verdict = Verdict(lead), Findings = [.. review.Findings, .. Of(lead)] };
    }

    private static JointVerdict Verdict(MadeLead lead)
    {
        var verdict = lead.Review.Verdict;
        if (lead.Wrong.Any()) return SheetFindings.Verdict("the made lead is wrong", lead.CarriesSupply);
        return verdict.Kind == JointVerdictKind.Joined
            ? verdict with { Because = $"{verdict.Because}; {(lead.IsProven ? "proven by the meter" : "no power before its meter sheet is read")}" }
            : verdict;
    }

    private static IEnumerable<Finding> Of(MadeLead lead)
    {
        var (review, subject) = (lead.Review, new JointSubject(lead.Review.Joint.Id));
        var name = $"{review.To.Port.Name} on {review.From.Port.Name}";
        if (lead.Wrong.FirstOrDefault() is { } wrong)
        {
            yield return SheetFindings.Wrong(subject, $"{name}: the made lead is wrong", lead.CarriesSupply, wrong.Test.MustBeep,
                Words(review, wrong.Test.One), Words(review, wrong.Test.Other));
        }
        else if (!lead.IsProven)
        {
            var open = lead.Sheet.Count(line => line.IsRight is null);
            yield return Finding.Of(WireRules.LeadUntested, subject, $"{name}: {SheetFindings.Unread(open, lead.Sheet.Length)}", Evidence.Measured,
                "read the meter sheet of the lead before it meets anything");
        }

        foreach (var row in lead.Rows.Where(row => row.Gauge is null))
        {
            yield return Finding.Of(
                WireRules.WireTooThin, subject,
                $"{name}, position {row.From} on {row.To}: {row.Current} of {row.Signal} is more than one wire bears over this length.",
                review.From.At(row.From).Pin.Signal.Evidence, "share it among several wires of the same supply, or make the lead shorter");
        }
    }

    private static string Words(JointReview review, LeadEnd end) => $"position {end.Position} of {(end.IsFrom ? review.From : review.To).Port.Name}";
}
