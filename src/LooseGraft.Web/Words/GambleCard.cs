using System.Globalization;
using LooseGraft.Core.Buy.Gambles;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Words;

/// <summary>A gamble as it is told in words.</summary>
/// <param name="Table">What stands against what.</param>
/// <param name="Currency">The currency of the graft.</param>
public sealed record GambleCard(GambleTable Table, string Currency)
{
    /// <summary>What is compared, cheapest on average first.</summary>
    public IReadOnlyList<GamblePlan> Plans { get; } = [.. Table.Plans];

    /// <summary>What is offered: what may not do, then what ends it.</summary>
    public IEnumerable<GambleTry> Offers => Table.Certain is { } certain ? Table.Tries.Append(certain) : Table.Tries;

    /// <summary>Which of them is advised; the first where none is.</summary>
    public int Advised => Plans.Index().FirstOrDefault(pair => Table.Within is { } within && pair.Item.IsSameAs(within)).Index;

    /// <summary>Whether there is a plan to recommend.</summary>
    public bool IsAdvised => Table.Within is not null;

    /// <summary>What to do, in a sentence or two.</summary>
    public string Advice => Table switch
    {
        { Certain: null } => "Nobody offers one that does for certain, so that nothing stands against the gamble. One that stands on its maker's own list does, and one of which you say 100 %.",
        { Within: null, Certain: { } certain, Room: { } room }
            => $"The budget leaves {Amount(room)} for it, and not even {Called(certain)} at {Amount(certain.Price)} stays within. Nothing is advised.",
        { Within: { Tries.IsEmpty: true } at } => $"Buy {Called(at.Certain)} at once, {Amount(at.Certain.Price)}.",
        { Within: { } at } => $"Try {Named(at)}. If {(at.Tries.Length == 1 ? "it does not" : "none of them does")} do, buy {Called(at.Certain)}. That costs {OnAverage(at)} on average instead of {Amount(at.Certain.Price)}, and at worst {Amount(at.Worst)}, with {Amount(at.LaidOut)} laid out before anything comes back.",
        _ => "",
    };

    /// <summary>What the budget says to it; empty where it says nothing.</summary>
    public string Budget => Table switch
    {
        { Room: null } => "No budget is set, so that no sum is too much.",
        { Cheapest: { } cheapest, Room: { } room } when !Table.IsWithin(cheapest)
            => $"On average it would be cheapest to try {Named(cheapest)}: {OnAverage(cheapest)}. But if nothing of it does, {Amount(cheapest.LaidOut)} have to be laid out, and the budget leaves {Amount(room)}.",
        { Room: { } room } => $"The budget leaves {Amount(room)} for it.",
    };

    /// <summary>What a plan is called.</summary>
    public string Name(GamblePlan plan)
        => plan.Tries.IsEmpty ? $"{Called(plan.Certain)} at once" : $"{string.Join(", then ", plan.Tries.Select(Called))}, else {Called(plan.Certain)}";

    /// <summary>What something is called: by its seller as well, where another is called the same.</summary>
    public string Called(GambleTry one)
        => Offers.Count(each => each.Offer.What == one.Offer.What) > 1 ? $"{one.Offer.What} of {one.Seller.Name}" : one.Offer.What;

    /// <summary>What a plan costs on average, to the cent.</summary>
    public string OnAverage(GamblePlan plan) => Amount(new Money(decimal.Round(plan.Expected, 2, MidpointRounding.AwayFromZero)));

    /// <summary>An amount in the currency of the graft.</summary>
    public string Amount(Money money) => money.In(Currency);

    /// <summary>From which chance on something is worth trying before what is certain is bought.</summary>
    public string Pays(GambleTry one) => Table.Certain is not { } certain ? "" : GambleTree.BreakEven(one, certain) switch
    {
        null => "pays at no chance: it costs no less than what is certain",
        0m => "pays at any chance: nothing is lost by it",
        var even => $"pays from {(even.Value * 100).ToString("0.#", CultureInfo.InvariantCulture)} % on",
    };

    /// <summary>What comes back of something that does not do.</summary>
    public string Back(GambleTry one) => one.Back.Amount > 0 ? $"{Amount(one.Back)} come back" : "nothing comes back";

    /// <summary>How likely a plan gets so far, in hundredths.</summary>
    public static string Reached(GamblePlan plan, int step)
        => $"{plan.Tries.Take(step).Aggregate(100m, (all, each) => all * (FitChance.Certain - each.ChancePercent) / 100).ToString("0.#", CultureInfo.InvariantCulture)} %";

    /// <summary>Who says that something does.</summary>
    public static string Said(GambleTry one) => one.Offer.ChancePercent is not null ? "you say"
        : one.Offer.Fit.Words() + (one.Offer.Condition == WareCondition.Untested ? ", and whether it works nobody has tried" : "");

    private string Named(GamblePlan plan)
        => string.Join(", then ", plan.Tries.Select((each, at) => $"{Called(each)}{(at == 0 ? " first" : "")}"));
}
