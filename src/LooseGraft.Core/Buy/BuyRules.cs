using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Buy;

/// <summary>The rules of Buy: money.</summary>
internal static class BuyRules
{
    internal static readonly Rule OverBudget = Rule("BUY-001", Severity.Check, "the parts cost more than the budget");

    private static Rule Rule(string code, Severity severity, string title) => new(code, Stage.Buy, severity, title);
}
