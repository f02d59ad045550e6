using LooseGraft.Core.Buy.Balances;
using LooseGraft.Core.Buy.Findings;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Buy;

/// <summary>The Buy stage: what is needed, from whom, and what it comes to.</summary>
public static class BuyStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(Stage.Buy, Review, StageDefinition.RulesIn(typeof(BuyRules)))
    {
        Asks = [Stage.Seat, Stage.Wire, Stage.Feed],
        LooksAround = true,
    };

    private static BuyReview Review(StageInput input)
    {
        var (graft, buying) = (input.Graft, input.Graft.Buying);
        var (seat, wire, feed) = (input.Earlier.Of<SeatReview>(), input.Earlier.Of<WireReview>(), input.Earlier.Of<FeedReview>());
        // A file carries its records; those of a graft on the bench lie beside it.
        var orders = OrderBook.Of(input.Whole.Records.Concat(input.Around.Records));
        var basket = new Lazy<Basket>(() => Basket.Of(graft, NeedList.Of(graft, seat, wire, feed), orders));
        // Rules speak once buying has begun; before, everything needed would be called missing.
        var isBegun = buying with { Worth = WorthTerms.Empty } != Buying.Empty || !orders.Orders.IsEmpty;
        var money = Sum(input.Whole, isBegun ? basket.Value : Basket.Empty, orders);
        return new BuyReview(money, [.. MoneyFindings.Of(graft, money), .. isBegun ? BasketFindings.Of(graft, wire, basket.Value, money, input.Around) : []])
        {
            Basket = basket,
            Orders = orders,
        };
    }

    private static MoneySum Sum(Graft graft, Basket basket, OrderBook orders)
    {
        var sums = CostItems.Of(graft, basket, orders).ToLookup(item => item.State, item => item.Cost);
        return new MoneySum(Of(sums[CostState.Spent]), Of(sums[CostState.Promised]), Of(sums[CostState.Planned]), Of(sums[CostState.Chosen]), graft.Budget);
    }

    private static Money Of(IEnumerable<Money> amounts) => amounts.Aggregate(Money.Zero, (sum, amount) => sum + amount);
}
