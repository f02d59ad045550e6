using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Stock;

/// <summary>The old case did something that nothing does now.</summary>
/// <param name="Duty">What it did.</param>
public sealed record NeedUnmet(CaseDuty Duty) : FindingCase;

/// <summary>A need is left off, and what follows is not written.</summary>
/// <param name="Duty">What the old case did.</param>
public sealed record LeftOffUnexplained(CaseDuty Duty) : FindingCase;

/// <summary>Questions on the old case are open.</summary>
/// <param name="Open">How many.</param>
/// <param name="Asked">Of how many that are worth asking.</param>
public sealed record OldCaseUnasked(int Open, int Asked) : FindingCase;

/// <summary>Nobody looked which revision a part is.</summary>
/// <param name="Part">Its id.</param>
/// <param name="Revision">Which it is described as.</param>
public sealed record RevisionUnsure(string Part, string Revision) : FindingCase;

/// <summary>What Stock comes to.</summary>
/// <param name="QuestionsOpen">Questions on the old case that are worth asking and not answered.</param>
/// <param name="NeedsOpen">Things the old case did that nothing does now.</param>
public sealed record StockFigures(int QuestionsOpen, int NeedsOpen) : Figures;
