using System.Collections.Immutable;
using LooseGraft.Core.Buy;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core;

/// <summary>Everything the product concludes about a graft. Derived, never stored.</summary>
/// <param name="Graft">The graft.</param>
/// <param name="Stock">What the old case left behind.</param>
/// <param name="Prove">What was measured and seen.</param>
/// <param name="Seat">Where everything goes.</param>
/// <param name="Wire">How its ports meet.</param>
/// <param name="Feed">What its supplies carry.</param>
/// <param name="Purse">What it costs.</param>
/// <param name="Findings">What all rules say, heaviest first, in working order within one weight.</param>
public sealed record Review(
    Graft Graft, StockReview Stock, ProveReview Prove, SeatReview Seat, WireReview Wire, FeedReview Feed, Purse Purse, ImmutableArray<Finding> Findings)
{
    private readonly Lazy<ImmutableArray<ProveEntry>> _proveList = new(() => Core.Prove.ProveList.Of(Graft, Prove.Unproven,
        graft => WireStage.Review(graft, Wire).Findings.Concat(FeedStage.Review(graft).Findings)));

    /// <summary>Reviews a graft: every stage, every rule. A pure function; the same graft always gives the same review.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="before">The review of the same graft before an edit, from which what the edit left alone is taken over.</param>
    public static Review Of(Graft graft, Review? before = null)
    {
        var (stock, prove) = (StockStage.Review(graft), ProveStage.Review(graft));
        var seat = SeatStage.Review(graft, before is null ? null : (before.Graft, before.Seat));
        var (wire, feed, purse) = (WireStage.Review(graft, before?.Wire), FeedStage.Review(graft), Purse.Of(graft));
        var findings = stock.Findings.Concat(prove.Findings).Concat(seat.Findings).Concat(wire.Findings).Concat(feed.Findings).Concat(purse.Findings)
            .OrderByDescending(finding => finding.Severity).ThenBy(finding => finding.Rule.Stage);
        return new Review(graft, stock, prove, seat, wire, feed, purse, [.. findings]);
    }

    /// <summary>Every fact that is not proven.</summary>
    public ImmutableArray<UnprovenFact> Unproven => Prove.Unproven;

    /// <summary>The unproven facts, those first whose proof could change most. Worked out when first asked for.</summary>
    public ImmutableArray<ProveEntry> ProveList => _proveList.Value;

    /// <summary>How many stops are open.</summary>
    public int Stops => Findings.Count(finding => finding.Severity == Severity.Stop);

    /// <summary>The findings of one stage, heaviest first.</summary>
    public IEnumerable<Finding> At(Stage stage) => Findings.Where(finding => finding.Rule.Stage == stage);

    /// <summary>The most useful thing to do now: the remedy of the heaviest finding, or the first thing still missing.</summary>
    public NextCut NextCut
    {
        get
        {
            if (Findings.FirstOrDefault(finding => finding.Severity > Severity.Note) is { } finding)
            {
                var why = finding.Severity == Severity.Stop && Stops > 1 ? $"{finding.Message} One of {Stops} stops." : finding.Message;
                return new NextCut(Capitalised(finding.Remedies[0]), why, finding.Subject, finding.Rule.Stage);
            }

            if (Graft.Parts.IsEmpty)
                return new NextCut("Describe the board you want to move", "nothing can be judged before there is a part with a port", SubjectPath.Whole, Stage.Stock);
            if (Graft.Joints.IsEmpty)
                return new NextCut("Choose which port meets which", "no joint has been decided yet", SubjectPath.Whole, Stage.Wire);
            if (Graft.Supplies.IsEmpty)
                return new NextCut("Type in the label of the supply", "nothing feeds this graft yet", SubjectPath.Whole, Stage.Feed);
            return Unproven.IsEmpty
                ? new NextCut("Start building", "nothing stands against it in what is known so far", SubjectPath.Whole, Stage.Build)
                : new NextCut("Prove the first open fact", ProveList[0].Worst?.ToString() ?? ProveList[0].Fact.Words, ProveList[0].Fact.Subject, Stage.Prove);
        }
    }

    private static string Capitalised(string text) => char.ToUpperInvariant(text[0]) + text[1..];
}
