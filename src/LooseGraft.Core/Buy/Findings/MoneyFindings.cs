using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Findings;

/// <summary>What the rules say of the budget.</summary>
internal static class MoneyFindings
{
    public static IEnumerable<Finding> Of(Graft graft, MoneySum money) => money.Left is not { Amount: < 0 } left ? []
        : [Finding.Of(BuyRules.OverBudget, Subject.Whole, new OverBudget(money.All, new Money(-left.Amount)),
            $"It costs {money.All.In(graft.Currency)} in all, which is {new Money(-left.Amount).In(graft.Currency)} more than the budget.",
            Evidence.Measured, "leave something off, or raise the budget")];
}
