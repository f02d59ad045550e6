using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Stock.</summary>
public sealed class StockPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Stock, "Know what you have, and what the old case silently did for it.",
        new StagePage("stock", "stock") { Picture = 1000 },
        new StagePage("lines", "stock/lines"),
        new StagePage("connector", "stock/kt31/panel") { Only = 4, Picture = 800 },
        new StagePage("photographs", "photos/kt31") { Only = 4, Picture = 900 });
}
