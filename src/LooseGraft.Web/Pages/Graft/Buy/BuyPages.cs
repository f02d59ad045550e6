using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Buy.</summary>
public sealed class BuyPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Buy, "What is needed, what it costs, what is left of the budget.",
        new StagePage("buy", "buy"));
}
