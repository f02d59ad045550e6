using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Two contacts of one end that are tied, and what comes of it.</summary>
/// <param name="Tie">The tie.</param>
/// <param name="Judgement">What would happen.</param>
public sealed record TieContact(LeadTie Tie, ContactJudgement Judgement);
