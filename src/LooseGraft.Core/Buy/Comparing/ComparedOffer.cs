using System.Collections.Immutable;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Comparing;

/// <summary>An offer as it stands beside others for the same need. Amounts are in the graft's currency.</summary>
/// <param name="Match">The offer, with how many packs the need takes.</param>
/// <param name="Price">What they cost in a parcel of their own; null without a rate.</param>
public sealed record ComparedOffer(OfferMatch Match, Money? Price)
{
    /// <summary>What it is beyond its price.</summary>
    public OfferTraits Traits => Match.Offer.Traits;

    /// <summary>What it takes at the wall; null for what is no supply, or of which nobody said its class.</summary>
    public Spread<Watts>? Wall { get; init; }

    /// <summary>What that comes to in a year; null where hours or tariff are not said.</summary>
    public YearCost? Year { get; init; }

    /// <summary>What the parts may ask for in all at peak, where that is more than it gives; null where it is not, or nobody said.</summary>
    public Watts? Beyond { get; init; }

    /// <summary>How deep it is against the room that Seat keeps; null where nobody said, or no box stands for the part.</summary>
    public DepthFit? Depth { get; init; }

    /// <summary>Its plugs against those in use; empty where nobody said which it has, or none is in use.</summary>
    public ImmutableArray<PlugFit> Plugs { get; init; } = [];

    /// <summary>What each year that it is vouched for costs, to the cent; null where nobody said, or not for any.</summary>
    public Money? WarrantyYear
        => Price is { } price && Traits.WarrantyYears is > 0 and { } years ? Cents(price.Amount / years) : null;

    /// <summary>What each year costs that it is vouched for longer than a cheaper one, to the cent; null where it is not both dearer and vouched for
    /// longer.</summary>
    public Money? WarrantyYearOver(ComparedOffer cheaper)
        => Price - cheaper.Price is { Amount: > 0 } more && Traits.WarrantyYears - cheaper.Traits.WarrantyYears is > 0 and { } years
            ? Cents(more.Amount / years) : null;

    /// <summary>After how many years what it takes less at the wall has paid for what it costs more than a cheaper one, by the likely figures; null where it
    /// never does.</summary>
    public decimal? PaysAfter(ComparedOffer cheaper)
        => Price - cheaper.Price is { Amount: > 0 } more && cheaper.Year?.Likely - Year?.Likely is { Amount: > 0 } saved ? more.Amount / saved.Amount : null;

    private static Money Cents(decimal amount) => new(decimal.Round(amount, 2, MidpointRounding.AwayFromZero));
}
