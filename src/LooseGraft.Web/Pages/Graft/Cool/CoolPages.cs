using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Cool.</summary>
public sealed class CoolPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Cool, "Get the heat out of a shell that was made for less of it.",
        new StagePage("cool", "cool") { Picture = 900 });
}
