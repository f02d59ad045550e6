using LooseGraft.Core.Buy.Balances;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Words;

/// <summary>What is left of a graft that is built for somebody else, as it is told in words.</summary>
/// <param name="Balance">What it costs and brings.</param>
/// <param name="Currency">The currency of the graft.</param>
public sealed record SaleCard(SaleBalance Balance, string Currency)
{
    // So many of the costs are told one by one, the dearest first.
    private const int MostCosts = 20;

    /// <summary>What to ask for it, in a sentence or two.</summary>
    public string Advice
    {
        get
        {
            if (Balance.LeastPrice is not { } least || Balance.LeastPaidPrice is not { } paid) return "The fee takes all of any price: nobody can sell at it.";
            var asked = $"Below {Amount(least)} it costs you money to sell it" + (Balance.Work == Money.Zero ? "." : $"; from {Amount(paid)} on your hours are paid as well.");
            if (Balance.Margin is not { } margin) return $"To give away it costs you {Amount(Balance.In - Balance.LeftOvers)}. {asked}";
            var left = margin.Amount < 0 ? $"{Amount(Money.Zero - margin)} are lost" : $"{Amount(margin)} are left";
            return $"{asked} At {Amount(Balance.Terms.HopedPrice!.Value)} {left}{(Balance.PerHour is { } each ? $", {Amount(each)} for each hour" : "")}.";
        }
    }

    /// <summary>Where the price hoped for goes, in the order in which it is told: each cost, what selling takes, and what is left. It adds up to the price with
    /// the left-overs. Empty without a price.</summary>
    public IEnumerable<(string Name, Money Amount, string Share)> Goes
    {
        get
        {
            if (Balance.Margin is not { } margin) yield break;
            foreach (var item in Balance.Items.Take(MostCosts)) yield return Part(item.Name, item.Cost);
            if (Balance.Items.Length > MostCosts)
            {
                var others = Balance.Items.Skip(MostCosts).Aggregate(Money.Zero, (sum, item) => sum + item.Cost);
                yield return Part((Balance.Items.Length - MostCosts).Counted("other cost"), others);
            }

            yield return Part("selling it: fee and handing over", Balance.Fees!.Value);
            yield return Part(margin.Amount < 0 ? "missing" : "left for you", margin);
        }
    }

    /// <summary>An amount in the currency of the graft.</summary>
    public string Amount(Money money) => money.In(Currency);

    private (string Name, Money Amount, string Share) Part(string name, Money amount)
    {
        var all = (Balance.Terms.HopedPrice!.Value + Balance.LeftOvers).Amount;
        return (name, amount, all == 0 ? "–" : $"{decimal.Round(amount.Amount * 100 / all)} %".Replace('-', '−'));
    }
}
