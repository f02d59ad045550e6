using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Sacks;

/// <summary>All that is chosen of one seller: one parcel.</summary>
/// <param name="Seller">The seller.</param>
/// <param name="Lines">What is chosen, in the order of the offers.</param>
/// <param name="Rate">What one of the seller's currency is worth in the graft's: 1 for the same; null where nobody said.</param>
public sealed record Sack(Seller Seller, ImmutableArray<SackLine> Lines, decimal? Rate)
{
    /// <summary>What the goods cost, in the seller's currency.</summary>
    public Money Goods { get; } = Lines.Aggregate(Money.Zero, (sum, line) => sum + line.Sum);

    /// <summary>What sending costs: nothing from the worth on that the seller names, and nothing is counted where nobody said.</summary>
    public Money Postage => IsFree ? Money.Zero : Seller.Postage ?? Money.Zero;

    /// <summary>Whether the goods are worth so much that sending costs nothing.</summary>
    public bool IsFree => Seller.FreeFrom is { } free && Goods.Amount >= free.Amount;

    /// <summary>What comes on top of both, to the cent.</summary>
    public Money Tax => new(Cents((Goods.Amount + Postage.Amount) * Seller.TaxPercent / 100));

    /// <summary>All of it, in the seller's currency.</summary>
    public Money Total => Goods + Postage + Tax;

    /// <summary>The same in the graft's currency, to the cent; null without a rate.</summary>
    public Money? InGraft => Rate is { } rate ? new Money(Cents(Total.Amount * rate)) : null;

    // As a bill rounds: half a cent up.
    private static decimal Cents(decimal amount) => decimal.Round(amount, 2, MidpointRounding.AwayFromZero);
}
