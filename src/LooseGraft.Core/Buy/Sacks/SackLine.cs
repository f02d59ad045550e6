using System.Collections.Immutable;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Sacks;

/// <summary>A chosen offer and what becomes of it.</summary>
/// <param name="Offer">The offer.</param>
/// <param name="Packs">How many packs of it.</param>
/// <param name="Gifts">The needs that it goes to.</param>
/// <param name="Over">What of it no need asks for, piece by piece of its contents.</param>
public sealed record SackLine(Offer Offer, int Packs, ImmutableArray<(Need Need, int Count, FitGrade Fit)> Gifts, ImmutableArray<OfferContent> Over)
{
    /// <summary>What the packs cost, in the seller's currency.</summary>
    public Money Sum => new(Offer.Price.Amount * Packs);
}
