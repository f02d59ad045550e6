using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Prove.</summary>
public sealed class ProvePages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Prove, "Turn hearsay into readings, the dangerous ones first.",
        new StagePage("prove", "prove") { Picture = 900 },
        new StagePage("life", "prove/life") { Picture = 900 },
        new StagePage("switch", "prove/switch"),
        new StagePage("caliper", "prove/caliper?scale=fiftieth&main=12&line=37&zero=2"));
}
