using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock;

/// <summary>One thing to ask about the old case.</summary>
/// <param name="Fact">What it is about.</param>
/// <param name="Answer">What the builder said; null while nobody asked.</param>
/// <param name="Hint">What in the graft makes a yes likely; null when nothing does.</param>
/// <param name="IsWorthAsking">Whether it is likely to matter for this donor; the others are asked only on request.</param>
public sealed record CaseQuestion(CaseDutyFact Fact, CaseAnswer? Answer, string? Hint, bool IsWorthAsking);
