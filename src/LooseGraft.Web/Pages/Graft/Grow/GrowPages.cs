using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Grow.</summary>
public sealed class GrowPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Grow, "Which upgrade gives most under the limits that are left.",
        new StagePage("grow", "grow"));
}
