namespace LooseGraft.Core.Prove;

/// <summary>What one reading would mean.</summary>
/// <param name="Reading">The reading, as it would be typed.</param>
/// <param name="Judgement">What it would say of the fact.</param>
public sealed record ReadingMeaning(string Reading, ReadingJudgement Judgement);
