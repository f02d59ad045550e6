using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Buy.</summary>
public sealed class BuyPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Buy, "What the decisions ask for, what the bin and which sellers give of it, and what it comes to.",
        new StagePage("buy", "buy") { Only = 3, Picture = 1100 },
        new StagePage("choices", "buy/choices") { Only = 3 },
        new StagePage("gambles", "buy/gambles") { Only = 1 },
        new StagePage("compare", "buy/compare") { Only = 1 },
        new StagePage("offers", "buy/offers"),
        new StagePage("shopping-list", "buy/list"),
        new StagePage("orders", "buy/orders"),
        new StagePage("worth", "buy/worth") { Only = 3 });
}
