using System.Collections.Immutable;

namespace LooseGraft.Core.Circuit;

/// <summary>Finds the way from one contact to another that needs the fewest closed switches, and of those the one over the fewest contacts.</summary>
/// <remarks>Dijkstra over pairs (switches, joins) in their usual order. Exact: two contacts are one net in a state of plain make contacts just when some way
/// between them has all its switches closed, so the switches of this way are the smallest set of presses that joins the two.</remarks>
internal sealed class Ways(Netlist netlist)
{
    /// <summary>The joins of the way to the nearest of some contacts, in order from the first contact; null when there is none.</summary>
    /// <param name="from">Where it begins.</param>
    /// <param name="to">Where it may end.</param>
    /// <param name="allowed">The joins it may use.</param>
    public ImmutableArray<Join>? Between(int from, HashSet<int> to, Func<Join, bool> allowed)
        => Search(from, to, allowed) is (var before, { } end) ? Back(before, from, end) : null;

    /// <summary>For every contact that can be reached the last join of its way.</summary>
    /// <param name="from">Where the ways begin.</param>
    /// <param name="allowed">The joins they may use.</param>
    public Dictionary<int, Join> From(int from, Func<Join, bool> allowed) => Search(from, [], allowed).Before;

    private (Dictionary<int, Join> Before, int? End) Search(int from, HashSet<int> to, Func<Join, bool> allowed)
    {
        var cost = new Dictionary<int, (int Switches, int Joins)> { [from] = (0, 0) };
        var before = new Dictionary<int, Join>();
        var waiting = new PriorityQueue<int, (int Switches, int Joins)>([(from, (0, 0))]);
        while (waiting.TryDequeue(out var at, out var so))
        {
            if (to.Contains(at)) return (before, at);
            if (so.CompareTo(cost[at]) > 0) continue;
            foreach (var join in netlist.JoinsAt(at))
            {
                if (!allowed(join)) continue;
                var (next, then) = (join.From(at), (so.Switches + (join.IsMadeAtRest ? 0 : 1), so.Joins + 1));
                if (cost.TryGetValue(next, out var known) && known.CompareTo(then) <= 0) continue;
                (cost[next], before[next]) = (then, join);
                waiting.Enqueue(next, then);
            }
        }

        return (before, null);
    }

    /// <summary>The contacts along a way.</summary>
    public static ImmutableArray<CircuitContact> Contacts(Netlist netlist, int from, ImmutableArray<Join> way)
    {
        var at = from;
        return [netlist.Contacts[from], .. way.Select(join => netlist.Contacts[at = join.From(at)])];
    }

    /// <summary>The contact a way ends at.</summary>
    public static int End(int from, ImmutableArray<Join> way) => way.Aggregate(from, (at, join) => join.From(at));

    /// <summary>The way to one of the contacts that were reached.</summary>
    public static ImmutableArray<Join> Back(Dictionary<int, Join> before, int from, int to)
    {
        var way = new List<Join>();
        for (var at = to; at != from; at = way[^1].From(at)) way.Add(before[at]);
        way.Reverse();
        return [.. way];
    }
}
