using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Where a shell comes to rest.</summary>
internal static class CoolRest
{
    public static CoolScene Scene(Graft graft) => CoolScene.Of(graft, Bench.Flows(graft));

    public static CoolState Rest(Graft graft) => new CoolSolver(Scene(graft)).Likely(HeatCase.Peak);
}
