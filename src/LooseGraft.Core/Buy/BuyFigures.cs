using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy;

/// <summary>More is spent than may be, in the currency of the graft.</summary>
/// <param name="Spent">What the parts cost.</param>
/// <param name="Over">By how much too much.</param>
public sealed record OverBudget(Money Spent, Money Over) : FindingCase;

/// <summary>What Buy comes to, in the currency of the graft.</summary>
/// <param name="Spent">What every part costs, bought or still to buy.</param>
/// <param name="Left">What remains of the budget; null when there is none.</param>
public sealed record BuyFigures(Money Spent, Money? Left) : Figures;
