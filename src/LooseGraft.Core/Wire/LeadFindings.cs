using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Core.Wire;

/// <summary>What the rules say about leads that are made by hands.</summary>
internal static class LeadFindings
{
    public static IEnumerable<Finding> Of(Graft graft, IEnumerable<JointReview> joints)
        => joints.Where(review => Lead.IsMade(review.Joint)).SelectMany(review => Of(Lead.Of(graft, review)));

    private static IEnumerable<Finding> Of(Lead lead)
    {
        var (review, subject) = (lead.Review, SubjectPath.Joint(lead.Review.Joint.Id));
        var name = $"{review.To.Port.Name} on {review.From.Port.Name}";
        if (lead.Wrong.FirstOrDefault() is { } wrong)
        {
            var (one, other) = (Words(review, wrong.Test.One), Words(review, wrong.Test.Other));
            var found = wrong.Test.MustBeep ? $"no beep between {one} and {other}, which must be joined" : $"a beep between {one} and {other}, which must not touch";
            // What shorts or misplaces a supply destroys something the moment power is applied.
            yield return new Finding(RuleBook.LeadWrong, lead.CarriesSupply ? Severity.Stop : Severity.Fix, subject, $"{name}: the made lead is wrong: {found}.", Evidence.Measured,
                ["find the wire that is open, in another place or touching its neighbour, mend it, and read the whole sheet again"]);
        }
        else if (!lead.IsProven)
        {
            var open = lead.Sheet.Count(line => line.IsRight is null);
            yield return Finding.Of(RuleBook.LeadUntested, subject, $"{name}: {open} of {lead.Sheet.Length} lines of its meter sheet are not read yet; no power before that.", Evidence.Measured,
                "read the meter sheet of the lead before it meets anything");
        }

        foreach (var row in lead.Rows.Where(row => row.Gauge is null))
        {
            yield return Finding.Of(RuleBook.WireTooThin, subject, $"{name}, position {row.From} on {row.To}: {row.Current} of {row.Signal} is more than one wire bears over this length.",
                review.From.At(row.From).Pin.Signal.Evidence, "share it among several wires of the same supply, or make the lead shorter");
        }
    }

    private static string Words(JointReview review, LeadEnd end) => $"position {end.Position} of {(end.IsFrom ? review.From : review.To).Port.Name}";
}
