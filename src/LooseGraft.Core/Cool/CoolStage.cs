using LooseGraft.Core.Cool.Findings;
using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Cool.Schools;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool;

/// <summary>The Cool stage: where the air goes, how warm it gets, and who gets too hot in it.</summary>
public static class CoolStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(
        Stage.Cool, input => Review(input.Graft, input.Earlier.Of<FeedReview>(), input.Work), StageDefinition.RulesIn(typeof(CoolRules)))
    {
        Asks = [Stage.Feed],
    };

    /// <summary>Reviews the air of a graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="feed">What its parts take.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    public static CoolReview Review(Graft graft, FeedReview feed, ReviewWork? work = null)
    {
        var scene = CoolScene.Of(graft, feed.Flows);
        if (graft.Cooling == Cooling.Empty || !scene.HasShell) return new CoolReview(scene, false, []);
        work ??= new ReviewWork();
        var outlook = CoolBounds.Of(scene, HeatCase.Peak, new CoolSolver(scene).Likely(HeatCase.Peak), work);
        var read = HeatFitting.Of(graft, feed.Flows, work);
        var schools = HeatSchools.Of(graft, scene, outlook, read);
        return new CoolReview(scene, true,
        [
            .. SpotFindings.Of(scene, outlook), .. AirFindings.Of(graft, scene, outlook, work), .. FanFindings.Of(graft, scene, outlook, work),
            .. ThingFindings.Of(graft, feed, scene, outlook),
            .. HarmFindings.Of(graft, scene, outlook), .. WallFindings.Of(scene, outlook), .. HoldFindings.Of(graft),
            .. ReadFindings.Of(graft, scene, read), .. SchoolFindings.Of(graft, schools),
        ])
        { Known = outlook, Read = read };
    }
}
