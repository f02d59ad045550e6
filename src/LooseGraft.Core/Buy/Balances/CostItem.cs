using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Balances;

/// <summary>One thing that a graft has cost or will cost.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Cost">What it costs, in the graft's currency; less than nothing for what was given back.</param>
/// <param name="State">How far it has come.</param>
public sealed record CostItem(string Name, Money Cost, CostState State);
