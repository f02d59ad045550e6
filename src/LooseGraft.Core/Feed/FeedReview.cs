using System.Collections.Immutable;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Feed;

/// <summary>What the Feed stage says about a graft.</summary>
/// <param name="Supplies">Each supply.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record FeedReview(ImmutableArray<SupplyReview> Supplies, ImmutableArray<Finding> Findings)
{
    /// <summary>The tightest limit of all supplies; null when none is known.</summary>
    public FeedLimit? Tightest => Supplies.Select(supply => supply.Tightest).OfType<FeedLimit>().MinBy(limit => limit.LeastShareLeft);
}
