using System.Text;
using LooseGraft.Core;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;

namespace LooseGraft.Cli;

/// <summary>A review as a person reads it in a terminal.</summary>
internal static class ReviewText
{
    public static string Of(Review review, IEnumerable<string> notes)
    {
        var text = new StringBuilder();
        var graft = review.Graft;
        text.AppendLine($"{graft.Name}: {graft.NameOfDonors()} ⟶ {graft.Shell.Name}");
        text.AppendLine($"{review.Stops} stops · {review.Unproven.Length} facts unproven · "
            + $"money left {review.Buy.Left?.In(graft.Currency) ?? "not set"} · tightest {Tightest(review.Feed.Tightest)}");
        foreach (var finding in review.Findings)
        {
            text.AppendLine().AppendLine($"{finding.Severity.ToString().ToUpperInvariant(),-5} {finding.Rule.Code}  {finding.Subject}");
            text.AppendLine($"      {finding.Message}  [{finding.Evidence.Words()}]");
            foreach (var remedy in finding.Remedies) text.AppendLine($"      – {remedy}");
        }

        text.AppendLine().AppendLine($"Next cut: {review.NextCut.Do}. {review.NextCut.Because}");
        foreach (var note in notes) text.AppendLine($"note: {note}");
        return text.ToString();
    }

    private static string Tightest(FeedLimit? limit) => limit is null ? "not known" : $"{limit.Name}, {limit.LeastLeft} left at peak";
}
