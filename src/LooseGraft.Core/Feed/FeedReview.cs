using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Feed.Schools;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>What the Feed stage says about a graft.</summary>
/// <param name="Supplies">Each supply.</param>
/// <param name="Flows">Every current, from the parts to the wall.</param>
/// <param name="Plugs">Which plugs are wanted and which are free.</param>
/// <param name="Fits">The figures brought into line with wall readings, for each supply that was read through.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record FeedReview(
    ImmutableArray<SupplyReview> Supplies, FeedFlows Flows, PlugCount Plugs, ImmutableArray<WallFit> Fits, ImmutableArray<Finding> Findings) : IStageReview
{
    /// <summary>The circuit that the currents run in.</summary>
    public required Netlist Netlist { get; init; }

    /// <summary>Boards of which nobody wrote down what they take: every sum leaves them out.</summary>
    public required ImmutableArray<Part> Uncounted { get; init; }

    /// <summary>The three schools for a supply.</summary>
    public FeedSchools SchoolsFor(Graft graft, SupplyReview supply) => FeedSchools.Of(graft, supply, Flows);

    /// <summary>The limits of a place in the chain, with their supplies; of a supply as a whole, its total and what its rails share.</summary>
    public IEnumerable<(SupplyReview Supply, FeedLimit Limit)> LimitsAt(Subject place)
        => from supply in Supplies
           from limit in supply.Limits
           where limit.Subject == place || (place == new SupplySubject(supply.Supply.Id) && limit.Kind is FeedLimitKind.Total or FeedLimitKind.Combined)
           select (supply, limit);

    /// <summary>Every limit by its supply and its key. Two rails of one voltage may pass one place apart from each other, so that a key may have several.
    /// </summary>
    internal ILookup<(string Supply, FeedLimitKey Key), FeedLimit> ByKey()
        => Supplies.SelectMany(supply => supply.Limits.Select(limit => (supply.Supply.Id, limit)))
            .ToLookup(pair => (pair.Id, pair.limit.Key), pair => pair.limit);

    /// <summary>The tightest limit of all supplies; null when none is known.</summary>
    public FeedLimit? Tightest => FeedLimit.TightestOf(Supplies.Select(supply => supply.Tightest).OfType<FeedLimit>());
}
