using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy;

/// <summary>What a graft has cost and will cost, against its budget.</summary>
/// <param name="Spent">The cost of every part, bought or still to buy.</param>
/// <param name="Left">What remains of the budget; null when there is none.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record Purse(Money Spent, Money? Left, ImmutableArray<Finding> Findings)
{
    /// <summary>Adds up a graft.</summary>
    public static Purse Of(Graft graft)
    {
        var spent = graft.Parts.Aggregate(Money.Zero, (sum, part) => sum + (part.Cost ?? Money.Zero));
        var left = graft.Budget - spent;
        return new Purse(spent, left, left is { Amount: < 0 } over
            ? [Finding.Of(RuleBook.OverBudget, SubjectPath.Whole,
                $"The parts cost {spent.In(graft.Currency)}, which is {new Money(-over.Amount).In(graft.Currency)} more than the budget.",
                Evidence.Measured, "leave something off, or raise the budget")]
            : []);
    }
}
