using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Stock;

/// <summary>The rules of Stock: what the old case leaves behind.</summary>
internal static class StockRules
{
    internal static readonly Rule NeedUnmet = Rule("STOCK-001", Severity.Fix, "the old case did something that nothing does yet");
    internal static readonly Rule LeftOffUnexplained = Rule("STOCK-002", Severity.Check, "a need left off without its consequence");
    internal static readonly Rule OldCaseUnasked = Rule("STOCK-003", Severity.Note, "nobody has asked what the old case did");
    internal static readonly Rule RevisionUnsure = Rule("STOCK-004", Severity.Check, "described as one revision, and nobody looked which it is");

    private static Rule Rule(string code, Severity severity, string title) => new(code, Stage.Stock, severity, title);
}
