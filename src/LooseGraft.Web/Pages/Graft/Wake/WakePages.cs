using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Wake.</summary>
public sealed class WakePages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Wake, "First power, and which trial rules out which suspect.",
        new StagePage("wake", "wake"));
}
