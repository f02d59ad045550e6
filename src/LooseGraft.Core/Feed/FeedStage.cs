using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Feed;

/// <summary>The Feed stage: every link of the chain from the wall to the parts, against what runs through it.</summary>
public static class FeedStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(
        Stage.Feed, input => Review(input.Graft, input.Earlier.Of<WireReview>().Circuit.Netlist), StageDefinition.RulesIn(typeof(FeedRules)))
    {
        Asks = [Stage.Wire],
    };

    /// <summary>Reviews the feeding of a graft.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="netlist">The circuit that its joints make. Parts that it does not know hang on nothing but what is meant.</param>
    public static FeedReview Review(Graft graft, Netlist netlist)
    {
        var names = graft.Parts.ToDictionary(part => part.Id, part => part.Name);
        var flows = new FeedFlows(graft, netlist);
        var limits = FeedLimits.Of(graft, flows);
        var supplies = graft.Supplies
            .Select(supply => new SupplyReview(
                supply, names.GetValueOrDefault(supply.Part, supply.Part), flows.Into(supply), [.. limits[supply.Id]],
                [.. flows.Of(supply).Select(term => term.Flow)]))
            .ToImmutableArray();
        var plugs = PlugCount.Of(graft, flows);
        ImmutableArray<Part> uncounted = [.. graft.Supplies.IsEmpty ? [] : graft.Parts.Where(part => part.Kind == PartKind.Board
            && !graft.Loads.Any(load => load.Part == part.Id && !load.Draws.IsEmpty))];
        var fits = WallFit.OfAll(graft, flows);
        return new FeedReview(supplies, flows, plugs, fits,
            [.. FeedFindings.Of(graft, supplies), .. uncounted.Where(board => !board.Ports.IsEmpty).Select(FeedFindings.Uncounted),
                .. WayFindings.Of(graft, flows), .. ChainFindings.Of(graft, supplies, flows, plugs),
                .. EvidenceFindings.Of(graft, supplies, flows, fits), .. SettingFindings.Of(graft, netlist, limits)])
        {
            Netlist = netlist,
            Uncounted = uncounted,
        };
    }

    /// <summary>What a draw takes in one load case.</summary>
    /// <param name="draw">The draw.</param>
    /// <param name="loadCase">The load case.</param>
    /// <param name="startFactor">How many times its running current it takes at the start, where nothing is said: 2 for fans, otherwise 1.</param>
    public static Spread<Amps> Current(Draw draw, LoadCase loadCase, double startFactor = 1) => loadCase switch
    {
        LoadCase.Idle => draw.Idle,
        LoadCase.Typical => draw.Typical,
        LoadCase.Peak => draw.Peak,
        LoadCase.Start => draw.Starting(startFactor),
        LoadCase.Spike => draw.Spike ?? draw.Peak,
        _ => throw new ArgumentOutOfRangeException(nameof(loadCase), loadCase, null),
    };
}
