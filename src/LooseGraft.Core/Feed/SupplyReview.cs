using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>How one supply fares.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Name">The name of the part that it is.</param>
/// <param name="Into">What feeds it inside the graft; null for one that hangs on the wall.</param>
/// <param name="Limits">Its limits: rails, then shared ones, then the total, then the places that its currents pass.</param>
/// <param name="Flows">The currents that it gives.</param>
public sealed record SupplyReview(
    Supply Supply, string Name, FeedFlow? Into, ImmutableArray<FeedLimit> Limits, ImmutableArray<FeedFlow> Flows)
{
    /// <summary>The limit that fares worst at peak; null when none is known.</summary>
    public FeedLimit? Tightest => FeedLimit.TightestOf(Limits);

    /// <summary>One of its limits; null when it has no such limit, or nothing counts against it.</summary>
    public FeedLimit? Find(FeedLimitKey key) => Limits.FirstOrDefault(limit => limit.Key == key);
}
