using System.Collections.Immutable;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy;

/// <summary>What a graft needs, from whom, and what it has cost and will cost, against its budget.</summary>
/// <param name="Money">What it comes to.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record BuyReview(MoneySum Money, ImmutableArray<Finding> Findings) : IStageReview
{
    /// <summary>What is chosen for what. Worked out when first asked for, where nobody has chosen anything yet.</summary>
    public required Lazy<Basket> Basket { get; init; }

    /// <summary>What was ordered, and what has come of it.</summary>
    public required OrderBook Orders { get; init; }

    /// <summary>What everything costs, bought or still to buy.</summary>
    public Money Spent => Money.All;

    /// <summary>What remains of the budget; null when there is none.</summary>
    public Money? Left => Money.Left;

    /// <inheritdoc/>
    public Figures Figures
        => new BuyFigures(Spent, Left, Money.Chosen, Basket.Value.Lines.Length, Basket.Value.Lines.Count(line => line.State == NeedState.Open));
}
