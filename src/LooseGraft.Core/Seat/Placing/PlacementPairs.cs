using System.Collections.Immutable;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>Chooses among overlapping discs so that each hole and each mount is used once and as many as possible are: augmenting paths, O(holes ×
/// discs).</summary>
internal static class PlacementPairs
{
    public static ImmutableArray<TurnSearch.Disc> Most(TurnSearch.Disc[] discs, IEnumerable<int> covers)
    {
        var ofHole = covers.Select(index => discs[index]).GroupBy(disc => disc.Hole)
            .ToDictionary(group => group.Key, group => group.OrderBy(disc => disc.Mount).ToArray());
        var byMount = new Dictionary<int, TurnSearch.Disc>();
        foreach (var hole in ofHole.Keys.Order()) Place(hole, ofHole, byMount, []);
        return [.. byMount.Values.OrderBy(disc => disc.Hole)];
    }

    private static bool Place(int hole, Dictionary<int, TurnSearch.Disc[]> ofHole, Dictionary<int, TurnSearch.Disc> byMount, HashSet<int> tried)
    {
        foreach (var disc in ofHole[hole])
        {
            if (!tried.Add(disc.Mount)) continue;
            if (byMount.TryGetValue(disc.Mount, out var taken) && !Place(taken.Hole, ofHole, byMount, tried)) continue;
            byMount[disc.Mount] = disc;
            return true;
        }

        return false;
    }
}
