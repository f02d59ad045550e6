using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Clashes;

namespace LooseGraft.Core.Seat;

/// <summary>What Seat would say were one box another: a card, a cooler or a fan that might be bought, beside the one that is written down.</summary>
/// <param name="Box">The candidate.</param>
/// <param name="Comes">What would be told that is not told now, heaviest first.</param>
/// <param name="Goes">What is told now and would not be, heaviest first.</param>
public sealed record Candidate(SeatBox Box, ImmutableArray<Finding> Comes, ImmutableArray<Finding> Goes)
{
    /// <summary>What would want the same room as it.</summary>
    internal ImmutableArray<Clash> Clashes { get; private init; } = [];

    /// <summary>Judges a box in the place of the one with its id; with an id that nothing has, as one more.</summary>
    /// <param name="review">What is concluded of the graft as it is.</param>
    /// <param name="box">The candidate. What it stands on has to be there.</param>
    public static Candidate Of(Review review, SeatBox box) => Of(review.Graft, review.Seat, box);

    internal static Candidate Of(Graft graft, SeatReview seat, SeatBox box)
    {
        var seating = graft.Seating;
        ValueList<SeatBox> boxes = seating.Boxes.Any(other => other.Id == box.Id)
            ? [.. seating.Boxes.Select(other => other.Id == box.Id ? box : other)] : seating.Boxes.Add(box);
        var then = SeatStage.Judge(graft with { Seating = seating with { Boxes = boxes } }, (graft, seat), new ReviewWork());
        return new Candidate(box, Without(then.Findings, seat.Findings), Without(seat.Findings, then.Findings))
        {
            Clashes = then.Clashes.RemoveAll(clash => clash.One.Id != box.Id && clash.Other.Id != box.Id),
        };
    }

    // One that is told with other figures stands on both sides.
    private static ImmutableArray<Finding> Without(ImmutableArray<Finding> these, ImmutableArray<Finding> those)
    {
        var known = those.Select(Key).ToHashSet();
        return [.. these.Where(finding => !known.Contains(Key(finding))).OrderByDescending(finding => finding.Severity)];
    }

    private static (string, string, Severity, string) Key(Finding finding) => (finding.Rule.Code, finding.Subject.Text, finding.Severity, finding.Message);
}
