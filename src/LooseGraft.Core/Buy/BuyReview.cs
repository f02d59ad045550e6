using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy;

/// <summary>What a graft has cost and will cost, against its budget.</summary>
/// <param name="Spent">The cost of every part, bought or still to buy.</param>
/// <param name="Left">What remains of the budget; null when there is none.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record BuyReview(Money Spent, Money? Left, ImmutableArray<Finding> Findings) : IStageReview
{
    /// <inheritdoc/>
    public Figures Figures => new BuyFigures(Spent, Left);
}
