using LooseGraft.Core.Buy.Gambles;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Findings;

/// <summary>What the rules say of what is chosen and may not do.</summary>
internal static class GambleFindings
{
    public static IEnumerable<Finding> Of(Graft graft, Basket basket, MoneySum money)
        => money.Left is null ? [] : basket.Lines.Where(line => line.Chosen.Any(gift => GambleTable.IsDoubted(gift.Offer, gift.Fit)))
            .Select(line => TooDear(graft, line, basket, money)).OfType<Finding>();

    private static Finding? TooDear(Graft graft, NeedLine line, Basket basket, MoneySum money)
    {
        if (GambleTable.Of(graft, line, basket, money) is not { Certain: { } certain, Room: { } room } table) return null;
        var chosen = line.Chosen.Select(gift => gift.Offer.Id).ToHashSet();
        if (table.Tries.FirstOrDefault(each => chosen.Contains(each.Offer.Id)) is not { } first || table.WithinAfter(first) is not null) return null;
        var laid = first.Price + certain.Price;
        return Finding.Of(BuyRules.GambleTooDear, new OfferSubject(first.Offer.Id), new GambleBeyondBudget(first.Offer.Id, laid, room),
            $"{first.Offer.What} may not do. With {certain.Offer.What} of {certain.Seller.Name} after it, {laid.In(graft.Currency)} would have to be laid out, and the budget leaves {room.In(graft.Currency)} for both.",
            Evidence.Assumed, "take what is certain at once", "know before you buy what you would do without it");
    }
}
