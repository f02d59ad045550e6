using System.Collections.Immutable;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
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
    /// <summary>Those that it serves only if the seller is right. What a fuse may bear is read off the wire that it guards: of it no seller
    /// has to be believed.</summary>
    public IEnumerable<(Need Need, int Count, FitGrade Fit)> Believed
        => Gifts.Where(gift => gift.Fit == FitGrade.ProveFirst && gift.Need.Ware.Kind != WareKind.Fuse);

    /// <summary>What the packs cost, in the seller's currency.</summary>
    public Money Sum => new(Offer.Price.Amount * Packs);
}
