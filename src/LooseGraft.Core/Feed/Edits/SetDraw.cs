using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says what a load takes from a rail in one load case, and where it is meant to hang.</summary>
/// <param name="Load">The load.</param>
/// <param name="Rail">The rail.</param>
/// <param name="Socket">The port it enters by, apart from all others; null for none in particular.</param>
/// <param name="Case">The load case.</param>
/// <param name="Currents">What it takes.</param>
/// <param name="Evidence">Where that is known from.</param>
/// <param name="Place">Where the load is meant to hang; null to leave that as it is.</param>
public sealed record SetDraw(string Load, string Rail, string? Socket, LoadCase Case, Spread<Amps> Currents, Evidence Evidence, LoadPlace? Place) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.FindDraw(Load, Rail, Socket) is null) return graft;
        var drawn = graft.WithDraw(Load, Rail, Socket, draw => (FeedStage.Current(draw, Case) == Currents ? draw : Changed(draw)) with { Evidence = Evidence });
        return Place is not { } place
            ? drawn
            : drawn with { Loads = [.. drawn.Loads.Select(load => load.Id == Load ? load with { Meant = LoadPlace.Kept(graft, place.Way) } : load)] };
    }

    public override string Words(Graft graft) => Said(Currents, Evidence);

    public override string Standing(Graft graft) => graft.FindDraw(Load, Rail, Socket) is { } draw
        ? Said(FeedStage.Current(draw, Case), draw.Evidence)
        : "this draw is not there any more";

    private string Said(Spread<Amps> currents, Evidence evidence) => $"{Load}, {Rail} at {Case.ToString().ToLowerInvariant()}: {currents}, {evidence.Words()}";

    private Draw Changed(Draw draw) => Case switch
    {
        LoadCase.Idle => draw with { Idle = Currents },
        LoadCase.Typical => draw with { Typical = Currents },
        LoadCase.Start => draw with { Start = Currents },
        LoadCase.Spike => draw with { Spike = Currents },
        _ => draw with { Peak = Currents },
    };
}
