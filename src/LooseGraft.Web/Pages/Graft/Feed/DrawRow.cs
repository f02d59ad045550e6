using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Pages;

/// <summary>What a part takes from one rail, as a row.</summary>
/// <param name="Load">The load.</param>
/// <param name="Draw">What it takes.</param>
/// <param name="Part">The name of the part.</param>
/// <param name="Flow">The current that it is; null where no supply feeds it.</param>
public sealed record DrawRow(Load Load, Draw Draw, string Part, FeedFlow? Flow)
{
    /// <summary>Whether its figures are shown in watts.</summary>
    public bool IsInWatts => Draw.HoldsPower;

    /// <summary>Its figures in one load case, in watts or amperes, to the millionth.</summary>
    public (string Low, string Likely, string High) Figures(LoadCase loadCase)
    {
        var (amps, each) = (FeedStage.Current(Draw, loadCase), IsInWatts ? Math.Abs(Signal.Parse(Draw.Rail)!.SupplyVoltage!.Value.Value) : 1);
        return (Figure(amps.Low), Figure(amps.Likely), Figure(amps.High));

        string Figure(Amps of) => FeedModel.Figure(IsInWatts ? Math.Round(of.Value * each, 6) : of.Value)!;
    }

    /// <summary>What a load takes at peak if no setting holds it.</summary>
    public static Spread<Watts> WattsOf(Load load)
        => load.Draws.Select(draw => draw.Peak.Rising(amps => new Watts(Math.Abs(Signal.Parse(draw.Rail)!.SupplyVoltage!.Value.Value) * amps.Value)))
            .Aggregate((one, other) => one + other);

    /// <summary>By what way it is fed, in words.</summary>
    public string Way => Flow is { } flow ? string.Join(", ", flow.Way.Select(step => step.Label).Prepend(flow.Rail.Name)) : "";

    /// <summary>Id of the supply that a load hangs on; null where none feeds it.</summary>
    public static string? SupplyOf(Graft graft, FeedReview feed, string? load)
        => Of(graft, feed).FirstOrDefault(row => row.Load.Id == load && row.Flow is not null)?.Flow!.Supply.Id;

    /// <summary>Every draw of a graft.</summary>
    public static IEnumerable<DrawRow> Of(Graft graft, FeedReview feed)
    {
        var flows = feed.Flows.All.Where(flow => flow.Feeds is null).ToLookup(flow => flow.Subject);
        return from load in graft.Loads
               from draw in load.Draws
               select new DrawRow(load, draw, graft.NameOf(load.Part), flows[new DrawSubject(load.Id, draw.Rail, draw.Socket)].FirstOrDefault());
    }
}
