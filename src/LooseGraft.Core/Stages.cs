using System.Collections.Immutable;
using LooseGraft.Core.Buy;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core;

/// <summary>The stages that compute, in working order: a line each.</summary>
public static class Stages
{
    /// <summary>All of them.</summary>
    public static ImmutableArray<StageDefinition> All { get; } =
    [
        StockStage.Definition,
        ProveStage.Definition,
        SeatStage.Definition,
        WireStage.Definition,
        FeedStage.Definition,
        CoolStage.Definition,
        BuyStage.Definition,
    ];

    /// <summary>Every rule of the product, stage by stage.</summary>
    public static ImmutableArray<Rule> Rules { get; } = [.. All.SelectMany(stage => stage.Rules)];
}
