using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>All that a graft needs beside what it has: derived from its decisions, never typed.</summary>
public static class NeedList
{
    /// <summary>The needs, those for parts and joints first, then what is used up, then tools; in one group as the decisions stand. Linear in the decisions,
    /// but for the search of a chain of adapters for each joint that goes through one.</summary>
    /// <param name="graft">The graft as it is in use.</param>
    /// <param name="seat">Where everything goes.</param>
    /// <param name="wire">How its ports meet.</param>
    /// <param name="feed">What feeds it.</param>
    public static ImmutableArray<Need> Of(Graft graft, SeatReview seat, WireReview wire, FeedReview feed)
    {
        var single = PartNeeds.Of(graft).Concat(JointNeeds.Of(graft, wire)).ToArray();
        var asked = LeadNeeds.Of(graft, wire).Concat(SeatNeeds.Of(graft, seat)).Concat(CoolNeeds.Of(graft)).Concat(FeedNeeds.Of(graft, feed));
        // The same thing in two places is one line.
        var summed = asked.GroupBy(each => each.Ware.ToString())
            .Select(same => Need.Of(same.Key, same.First().Ware, WareWords.Needed(same.First().Ware), [.. same.Select(each => each.Ask)]))
            .OrderBy(need => need.Ware.Kind == WareKind.Tool);
        var own = graft.Buying.OwnNeeds.Select(each
            => new Need($"own {each.Id}", each.Ware, WareWords.Needed(each.Ware, graft), [], each.Count) { Own = each });
        return [.. single, .. summed, .. own];
    }
}
