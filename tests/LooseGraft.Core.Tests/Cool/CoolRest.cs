using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Where a shell comes to rest.</summary>
internal static class CoolRest
{
    public static CoolScene Scene(Graft graft) => CoolScene.Of(graft, Bench.Flows(graft));

    /// <summary>The same where so many times the air goes through and the board's heat gets out so many times as hard, whatever may be taken over.</summary>
    public static CoolState Rest(Graft graft, double air, double contact, HeatCase work = HeatCase.Peak)
    {
        var scene = Scene(graft);
        var figures = scene.Figures.Likely();
        figures[scene.AirFactor] = air;
        foreach (var spot in scene.Spots.Where(spot => spot.Part == "board")) figures[spot.Contact] = contact;
        return new CoolSolver(scene).Rest(figures, work);
    }

    public static CoolState Rest(Graft graft) => new CoolSolver(Scene(graft)).Likely(HeatCase.Peak);
}
