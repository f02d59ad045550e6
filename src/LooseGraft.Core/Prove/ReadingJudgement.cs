using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>The verdict on a reading.</summary>
/// <param name="Verdict">What it says of the fact.</param>
/// <param name="Words">Why, in the builder's words.</param>
/// <param name="Suggests">What the contact seems to carry instead; null when the reading does not tell.</param>
public sealed record ReadingJudgement(ReadingVerdict Verdict, string Words, Signal? Suggests = null)
{
    internal static ReadingJudgement Confirms(string words) => new(ReadingVerdict.Confirms, words);

    internal static ReadingJudgement Contradicts(string words, Signal? suggests = null) => new(ReadingVerdict.Contradicts, words, suggests);

    internal static ReadingJudgement LeavesOpen(string words, Signal? suggests = null) => new(ReadingVerdict.LeavesOpen, words, suggests);
}
