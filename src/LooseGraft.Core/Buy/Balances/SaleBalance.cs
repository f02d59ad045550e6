using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Balances;

/// <summary>What a graft costs whoever builds it for somebody else, and what is left of a price. Amounts are in the graft's currency.</summary>
/// <param name="Items">What it costs, the dearest first.</param>
/// <param name="Terms">What the builder says of it.</param>
public sealed record SaleBalance(ImmutableArray<CostItem> Items, WorthTerms Terms)
{
    private const decimal HalfCent = 0.005m;

    private static readonly Money Cent = new(0.01m);

    /// <summary>What goes in, paid and still to pay.</summary>
    public Money In { get; } = Items.Aggregate(Money.Zero, (sum, item) => sum + item.Cost);

    /// <summary>What the left-overs may fetch.</summary>
    public Money LeftOvers { get; } = Terms.LeftOvers.Aggregate(Money.Zero, (sum, left) => sum + left.Fetches);

    /// <summary>The hours in it, as far as anybody counted them; null where nobody did.</summary>
    public decimal? Hours => Terms.HoursDone is null && Terms.HoursToCome is null ? null : (Terms.HoursDone ?? 0) + (Terms.HoursToCome ?? 0);

    /// <summary>What the hours are worth at the builder's own rate.</summary>
    public Money Work => new(Cents((Hours ?? 0) * (Terms.HourRate ?? Money.Zero).Amount));

    /// <summary>The least price at which nothing is lost but the hours; null where the fee takes all.</summary>
    public Money? LeastPrice => Least(In - LeftOvers);

    /// <summary>The least price at which the hours are paid as well; null where the fee takes all.</summary>
    public Money? LeastPaidPrice => Least(In - LeftOvers + Work);

    /// <summary>What whoever sells it takes of the price hoped for, and what handing it over costs; null without a price.</summary>
    public Money? Fees => Terms.HopedPrice is { } hoped ? FeeOf(hoped) + Handing : null;

    /// <summary>What is left of the price hoped for, with the left-overs; null without a price.</summary>
    public Money? Margin => Terms.HopedPrice - Fees - In + LeftOvers;

    /// <summary>What each hour brings at the price hoped for; null without a price or hours.</summary>
    public Money? PerHour => Margin is { } margin && Hours is > 0 and var hours ? new Money(Cents(margin.Amount / hours)) : null;

    private Money Handing => Terms.HandingOver ?? Money.Zero;

    // The fee is charged to the cent, half a cent up: no lower price can do, and what remains grows with the price.
    private Money? Least(Money spent)
    {
        var needed = (spent + Handing).Amount;
        if (needed <= 0) return Money.Zero;
        if (Terms.FeePercent >= 100) return null;
        var price = new Money(decimal.Round((needed - HalfCent) / (1 - (Terms.FeePercent / 100)), 2, MidpointRounding.ToZero));
        while ((price - FeeOf(price)).Amount < needed) price += Cent;
        return price;
    }

    private Money FeeOf(Money price) => new(Cents(price.Amount * Terms.FeePercent / 100));

    private static decimal Cents(decimal amount) => decimal.Round(amount, 2, MidpointRounding.AwayFromZero);
}
