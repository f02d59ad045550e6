using System.Collections.Immutable;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Gambles;

/// <summary>What is offered for a need that may not do, held against what does for certain. Amounts are in the graft's currency.</summary>
/// <param name="Tries">What may be tried, those first that alone come out cheapest on average; at most <see cref="GambleTree.MostTries"/>.</param>
/// <param name="Certain">The cheapest that does for certain; null where nobody offers such a thing.</param>
/// <param name="Room">What the budget leaves for this need, whatever is chosen for it now; null without a budget.</param>
/// <param name="LeftAside">How many more may be tried and are not, beyond those that are.</param>
/// <param name="Unpriced">How many are left aside because nobody said what their currency is worth.</param>
public sealed record GambleTable(ImmutableArray<GambleTry> Tries, GambleTry? Certain, Money? Room, int LeftAside, int Unpriced)
{
    /// <summary>The plan that costs least on average, whatever the budget; null where nothing is certain.</summary>
    public GamblePlan? Cheapest { get; } = Certain is null ? null : GambleTree.Best(Tries, Certain, null);

    /// <summary>The plan that costs least on average of those that stay within the budget even when nothing tried does; null where there is none.</summary>
    public GamblePlan? Within { get; } = Certain is null ? null : GambleTree.Best(Tries, Certain, Room);

    /// <summary>What is compared: buying what is certain at once, each try by itself before it, and the cheapest of all orders, with the budget and without.
    /// Cheapest on average first.</summary>
    public IEnumerable<GamblePlan> Plans
        => Certain is null ? []
            : new[] { Within, Cheapest, new GamblePlan([], Certain) }.OfType<GamblePlan>().Concat(Tries.Select(each => new GamblePlan([each], Certain)))
                .Aggregate(ImmutableArray<GamblePlan>.Empty, (found, plan) => found.Any(plan.IsSameAs) ? found : found.Add(plan))
                .OrderBy(plan => plan.Expected).ThenBy(plan => plan.Tries.Length);

    /// <summary>Whether a plan stays within the budget even when nothing tried does. True without a budget.</summary>
    public bool IsWithin(GamblePlan plan) => Room is not { } room || plan.LaidOut.Amount <= room.Amount;

    /// <summary>Holds what is offered for a need against what is certain. Linear in the offers, but for <see cref="GambleTree"/>.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="line">The need, as it stands.</param>
    /// <param name="basket">What is chosen.</param>
    /// <param name="money">What the graft comes to.</param>
    /// <returns>Null for a need that nothing more is wanted for, or that is nothing to gamble with.</returns>
    public static GambleTable? Of(Graft graft, NeedLine line, Basket basket, MoneySum money)
    {
        if (line.Wanted == 0 || !GambleHazard.MayGamble(line.Need, graft)) return null;
        var wanted = line.Need with { Count = line.Wanted };
        var matches = OfferMatches.Of(graft, [wanted])[wanted.Key].Where(match => match.Offer.Stock is not { } stock || stock >= match.Packs).ToArray();
        var priced = matches.Select(match => Try(graft, match)).OfType<GambleTry>().ToArray();
        var certain = priced.Where(each => each.IsCertain).MinBy(each => (each.Price.Amount, each.Seller.Days?.To ?? int.MaxValue));
        var tries = priced.Where(each => each is { IsCertain: false, ChancePercent: > 0 })
            .OrderBy(each => certain is null ? each.Price.Amount : new GamblePlan([each], certain).Expected).ToArray();
        return new GambleTable(
            [.. tries.Take(GambleTree.MostTries)], certain, RoomOf(graft, line, basket, money), Math.Max(0, tries.Length - GambleTree.MostTries),
            matches.Length - priced.Length);
    }

    /// <summary>The plan that begins with a try and stays within the budget even when nothing tried does; null where there is none.</summary>
    /// <param name="first">What is tried first, one of <see cref="Tries"/>.</param>
    public GamblePlan? WithinAfter(GambleTry first)
    {
        if (Certain is null) return null;
        var rest = GambleTree.Best([.. Tries.Where(each => each != first)], Certain, Room - first.Price);
        return rest is null ? null : rest with { Tries = [first, .. rest.Tries] };
    }

    private static GambleTry? Try(Graft graft, OfferMatch match)
    {
        var sack = match.Alone(graft);
        return sack.InGraft is { } price ? new GambleTry(match.Offer, match.Seller, match.Packs, price, ChanceOf(match.Offer, match.Fit), Back(sack)) : null;
    }

    /// <summary>How likely an offer does for a need, in hundredths, 0 to 100: as likely as it fits, and works. What is told by its sort and size fits; the
    /// words of anything else are somebody's word.</summary>
    /// <param name="offer">The offer.</param>
    /// <param name="fit">Whether it will do.</param>
    public static int ChanceOf(Offer offer, FitGrade fit)
        => offer.ChancePercent ?? FitChance.Of(offer.Condition) * (fit == FitGrade.Fits && offer.Contents.All(content => content.Ware.Kind != WareKind.Other)
            ? FitChance.Certain : FitChance.Of(offer.Fit)) / FitChance.Certain;

    /// <summary>Whether it may do, and may not.</summary>
    /// <param name="offer">The offer.</param>
    /// <param name="fit">Whether it will do.</param>
    public static bool IsDoubted(Offer offer, FitGrade fit) => ChanceOf(offer, fit) is > 0 and < FitChance.Certain;

    // Whoever has the choice takes what brings more; what would cost more to send than it is worth is kept.
    private static Money Back(Sack sack)
    {
        var goods = sack.Goods.Amount;
        var refund = sack.Seller.TakesBack == true
            ? (goods * (1 + (sack.Seller.TaxPercent / 100))) - (sack.Seller.SendingBack ?? sack.Seller.Postage ?? Money.Zero).Amount : 0;
        var resale = goods * (sack.Lines[0].Offer.ResalePercent ?? 0) / 100;
        // To the cent below: what comes back is not counted on to the last one.
        var back = decimal.Round(Math.Max(0, Math.Max(refund, resale)) * sack.Rate!.Value, 2, MidpointRounding.ToZero);
        return new Money(Math.Min(sack.InGraft!.Value.Amount, back));
    }

    // What is chosen for this need, or written down for its part, makes room for what is compared.
    private static Money? RoomOf(Graft graft, NeedLine line, Basket basket, MoneySum money)
    {
        if (money.Left is not { } left) return null;
        var own = basket.Sacks.Aggregate(Money.Zero, (sum, sack) => sum + ((sack.InGraft ?? Money.Zero) - (Without(sack, line.Need) ?? Money.Zero)));
        var planned = line.Chosen.IsEmpty && line.Ordered.IsEmpty ? line.Need.Part?.Cost ?? Money.Zero : Money.Zero;
        return left + own + planned;
    }

    private static Money? Without(Sack sack, Need need)
    {
        ImmutableArray<SackLine> others = [.. sack.Lines.Where(each => each.Gifts.IsEmpty || each.Gifts.Any(gift => gift.Need.Key != need.Key))];
        return others.IsEmpty ? Money.Zero : new Sack(sack.Seller, others, sack.Rate).InGraft;
    }
}
