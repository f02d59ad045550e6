using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Buy.Findings;

/// <summary>What the rules say of what is needed and what is chosen for it.</summary>
internal static class BasketFindings
{
    public static IEnumerable<Finding> Of(Graft graft, WireReview wire, Basket basket, MoneySum money, Surroundings around)
        => NeedFindings.Of(graft, wire, basket, around).Concat(basket.Sacks.SelectMany(sack => OfferFindings.Of(graft, sack, around.Today)))
            .Concat(basket.Sacks.SelectMany(sack => SackFindings.Of(graft, sack, around.Today)))
            .Concat(OrderFindings.Of(graft, basket, around.Today))
            .Concat(GambleFindings.Of(graft, basket, money));
}
