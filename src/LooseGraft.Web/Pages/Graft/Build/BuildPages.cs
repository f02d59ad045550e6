using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Build.</summary>
public sealed class BuildPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Build, "Everything in an order that never has to be undone.",
        new StagePage("build", "build"));
}
