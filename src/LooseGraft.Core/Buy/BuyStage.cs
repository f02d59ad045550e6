using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy;

/// <summary>The Buy stage: what it costs, against what may be spent.</summary>
public static class BuyStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(Stage.Buy, input => Review(input.Whole), StageDefinition.RulesIn(typeof(BuyRules)));

    /// <summary>Adds up a graft. What is set aside was paid for all the same.</summary>
    public static BuyReview Review(Graft graft)
    {
        var spent = graft.Parts.Aggregate(Money.Zero, (sum, part) => sum + (part.Cost ?? Money.Zero));
        var left = graft.Budget - spent;
        return new BuyReview(spent, left, left is { Amount: < 0 } over
            ? [Finding.Of(BuyRules.OverBudget, Subject.Whole, new OverBudget(spent, new Money(-over.Amount)),
                $"The parts cost {spent.In(graft.Currency)}, which is {new Money(-over.Amount).In(graft.Currency)} more than the budget.",
                Evidence.Measured, "leave something off, or raise the budget")]
            : []);
    }
}
