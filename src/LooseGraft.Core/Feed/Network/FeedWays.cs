using System.Collections.Immutable;
using LooseGraft.Core.Circuit.Currents;

namespace LooseGraft.Core.Feed.Network;

/// <summary>Takes the current of one tap apart into threads from the rails to it: each follows the conductor by which most comes that is not yet accounted for.
/// </summary>
/// <remarks>A current that is driven by voltages runs in no ring, so every thread ends at a rail. Time: threads times conductors beside them.</remarks>
/// <param name="network">The network.</param>
/// <param name="beside">The conductors at each node.</param>
/// <param name="outputs">Which outlet a conductor is the output of.</param>
internal sealed class FeedWays(CurrentNetwork network, ILookup<int, int> beside, IReadOnlyDictionary<int, int> outputs)
{
    /// <summary>So many are followed: more than a main plug and its splitters have contacts of one rail.</summary>
    public const int Most = 64;

    /// <summary>What comes by less than this share is not followed.</summary>
    public const double LeastShare = 0.001;

    private const double Nothing = 1e-9;

    /// <summary>The threads.</summary>
    /// <param name="node">Where the tap takes its current.</param>
    /// <param name="through">The share of it that passes each conductor, in the sense in which the conductor is drawn; used up.</param>
    /// <returns>The outlet of each, its share, and the conductors from there to the tap, with the sense in which each is passed.</returns>
    public List<(int Outlet, double Share, ImmutableArray<(int Branch, bool IsAlong)> Branches)> To(int node, Dictionary<int, double> through)
    {
        var ways = new List<(int Outlet, double Share, ImmutableArray<(int, bool)>)>();
        while (ways.Count < Most && Next(node, through) is { } way)
        {
            if (ways.Count > 0 && way.Share < LeastShare) break;
            ways.Add(way);
        }

        return ways;
    }

    private (int Outlet, double Share, ImmutableArray<(int Branch, bool IsAlong)> Branches)? Next(int node, Dictionary<int, double> through)
    {
        var way = new List<(int Branch, bool IsAlong)>();
        var share = double.PositiveInfinity;
        while (way.Count < network.Branches.Count)
        {
            var (most, best) = (Nothing, (Branch: -1, IsAlong: false));
            foreach (var branch in beside[node])
            {
                var isAlong = network.Find(network.Branches[branch].Other) == node;
                var into = isAlong ? through.GetValueOrDefault(branch) : -through.GetValueOrDefault(branch);
                if (into > most) (most, best) = (into, (branch, isAlong));
            }

            if (best.Branch < 0) return null;
            (share, node) = (Math.Min(share, most), network.Find(best.IsAlong ? network.Branches[best.Branch].One : network.Branches[best.Branch].Other));
            way.Add(best);
            if (!outputs.TryGetValue(best.Branch, out var outlet)) continue;
            foreach (var (branch, isAlong) in way) through[branch] -= isAlong ? share : -share;
            way.RemoveAt(way.Count - 1);
            way.Reverse();
            return (outlet, share, [.. way]);
        }

        return null;
    }
}
