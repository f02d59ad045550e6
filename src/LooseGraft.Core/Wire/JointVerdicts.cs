using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Puts the verdict on a joint into words.</summary>
internal static class JointVerdicts
{
    private static readonly string[] SmallNumbers = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];

    public static JointVerdict Of(JointReview review)
    {
        if (review.Ties.FirstOrDefault(tied => tied.Judgement.IsStop) is { } harmful)
            return new JointVerdict(
                JointVerdictKind.WouldDamage, harmful.Judgement.Words, $"positions {harmful.Tie.One.Position} and {harmful.Tie.Other.Position} tied");
        if (review.Joint.Method == JointMethod.LeaveOff)
            return new JointVerdict(JointVerdictKind.LeftOff, "left off", review.Joint.Reason ?? "no reason given yet");
        if (review.Joint.Method != JointMethod.Straight && review.Decided.IsEmpty && review.Ties.IsEmpty)
            return new JointVerdict(JointVerdictKind.MoveWires, "no wires chosen yet", "take the proposed wire table or write one");

        var worst = review.Decided.Where(contact => contact.Judgement.Rule is not null).MaxBy(contact => contact.Judgement.Severity);
        if (worst is { Judgement.IsStop: true })
            return new JointVerdict(JointVerdictKind.WouldDamage, worst.Judgement.Words, Where(worst));
        if (review.Joint.Method == JointMethod.Straight && !review.FitProblems.IsEmpty)
            return new JointVerdict(JointVerdictKind.NeedsGoBetween, "needs a go-between", review.FitProblems[0].Words);
        if (worst is { Judgement.Severity: Severity.Fix or Severity.Check, Judgement.Conflict: not ConflictKind.NotKnown })
            return new JointVerdict(JointVerdictKind.MoveWires, Moves(review), $"{worst.Judgement.Words} ({Where(worst)})");
        if (review.Decided.FirstOrDefault(contact => !contact.IsSafe) is { } open)
            return new JointVerdict(
                JointVerdictKind.ProveFirst, "prove it first",
                $"{Where(open)}: {(open.ProveFirst ?? open.Judgement).Words}, should a fact turn out wrong");
        if (review.Joint.Method != JointMethod.Straight)
            return new JointVerdict(JointVerdictKind.Joined, $"right by {MethodWord(review.Joint.Method)}", Wires(review.Decided.Length));
        return new JointVerdict(JointVerdictKind.GoesStraightIn, "goes straight in",
            review.Hazards.IsEmpty ? "" : "this way only: mark it, another way would destroy something");
    }

    public static string Where(JointContact contact) => $"position {contact.From} on {contact.To}";

    public static string Number(int count)
        => count < SmallNumbers.Length ? SmallNumbers[count] : count.ToString(System.Globalization.CultureInfo.InvariantCulture);

    private static string Moves(JointReview review) => review.WiresToMove switch
    {
        0 => "works in part",
        1 => "move one wire",
        var n => $"move {Number(n)} wires",
    };

    private static string Wires(int count) => count == 1 ? "one wire" : $"{Number(count)} wires";

    private static string MethodWord(JointMethod method) => method switch
    {
        JointMethod.Repin => "re-pinning",
        JointMethod.Splice => "splicing",
        JointMethod.Bridge => "a bridge on the board",
        JointMethod.Rebuild => "a rebuilt lead",
        _ => "an adapter",
    };
}
