using System.Collections.Immutable;
using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Wire;

/// <summary>What a joint could do and does not.</summary>
internal static class Losses
{
    /// <summary>The functions that both sides have and that stay unjoined, in the builder's words. Of several contacts of one supply one is enough to count as
    /// served.</summary>
    public static ImmutableArray<string> Of(JointReview review)
    {
        var right = review.Decided.Where(contact => contact.Judgement.IsRight).ToArray();
        var served = right.Select(contact => contact.From).ToHashSet();
        var signals = right.Where(contact => review.From.At(contact.From).Family == review.To.At(contact.To).Family)
            .Select(contact => review.From.At(contact.From).Signal).ToHashSet();
        return [.. review.Proposal
            .Where(row => !(served.Contains(row.From) || (row.Signal.Family is SignalFamily.Ground or SignalFamily.Supply && signals.Contains(row.Signal))))
            .Select(row => row.Signal.Family is SignalFamily.Supply or SignalFamily.Ground ? row.Signal.ToString() : row.Signal.Function).Distinct()];
    }

    /// <summary>What contacts are needed for that no wire and no tie of the joint serves.</summary>
    public static ImmutableArray<string> Needed(JointReview review)
        => [.. Needed(review, review.From, isFrom: true), .. Needed(review, review.To, isFrom: false)];

    private static IEnumerable<string> Needed(JointReview review, JointEnd end, bool isFrom)
        => from terminal in end.Terminals
           where terminal.Pin.NeededFor is not null && terminal.Conducts
           let position = terminal.Pin.Position
           where !review.Decided.Any(contact => contact.Judgement.IsRight && (isFrom ? contact.From : contact.To) == position)
               && !review.Ties.Any(tied => tied.Judgement.IsRight && tied.Tie.One.IsFrom == isFrom
                   && (tied.Tie.One.Position == position || tied.Tie.Other.Position == position))
           select $"{terminal.Signal}: {terminal.Pin.NeededFor}";
}
