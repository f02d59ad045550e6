using LooseGraft.Core.Findings;
using LooseGraft.Web.Stages;

namespace LooseGraft.Web.Pages;

/// <summary>The pages of Log.</summary>
public sealed class LogPages : IStagePages
{
    public static StagePages Pages { get; } = new(
        Stage.Log, "Watts, temperatures and what each try changed, for the next time.",
        new StagePage("log", "log"));
}
