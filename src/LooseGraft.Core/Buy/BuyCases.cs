using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy;

/// <summary>More is spent than may be, in the currency of the graft.</summary>
/// <param name="Spent">What the parts cost.</param>
/// <param name="Over">By how much too much.</param>
public sealed record OverBudget(Money Spent, Money Over) : FindingCase;
