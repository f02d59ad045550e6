using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Feed.</summary>
public sealed class FeedPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Feed, "Will this supply carry it, and what is left?",
        new StagePage("feed", "feed?case=idle"),
        new StagePage("feed-chain", "feed?node=%2Fparts%2Foffice%2Fports%2Fslot&try=card-75") { Only = 1, Picture = 1000 },
        new StagePage("wall", "feed/wall") { Only = 1, Picture = 800 });
}
