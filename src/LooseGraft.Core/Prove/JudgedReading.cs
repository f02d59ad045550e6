using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>A reading with its verdict.</summary>
/// <param name="Reading">The reading.</param>
/// <param name="Judgement">What it says of the fact as it now stands.</param>
/// <param name="IsNewest">Whether nothing newer was read in the same way; an older one is history.</param>
public sealed record JudgedReading(Reading Reading, ReadingJudgement Judgement, bool IsNewest);
