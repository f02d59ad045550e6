using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Sacks;

/// <summary>What a graft has cost and will cost, in its own currency.</summary>
/// <param name="Spent">What is here: bought, out of the bin at what it cost, or come of orders that are over.</param>
/// <param name="Promised">What orders cost of which something is awaited.</param>
/// <param name="Planned">What parts still to be bought were written down with, where no offer is chosen for them.</param>
/// <param name="Chosen">What the chosen offers come to, with postage and tax, as far as a rate is known.</param>
/// <param name="Budget">What may be spent; null when the builder set none.</param>
public sealed record MoneySum(Money Spent, Money Promised, Money Planned, Money Chosen, Money? Budget)
{
    /// <summary>All of it.</summary>
    public Money All => Spent + Promised + Planned + Chosen;

    /// <summary>What remains of the budget; null when there is none.</summary>
    public Money? Left => Budget - All;
}
