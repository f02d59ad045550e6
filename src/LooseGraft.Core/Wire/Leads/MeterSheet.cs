using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>The fewest beeps and silences that prove a made lead before it meets a board.</summary>
/// <typeparam name="TEnd">How the ends of the lead are named.</typeparam>
/// <remarks>
/// <para>The guarantee: whatever single wire is open, ends in another position so that the nets change, or touches a neighbouring position that another wire of
/// the lead uses, at least one line of the sheet then reads otherwise. Two wires that have changed places are found as well, if neither shares a position with
/// another wire.</para>
/// <para>The fewest: the open end of a wire that leads to a leaf of its net shows only between that leaf and something else, and a test has two ends, so a net
/// with n leaves needs at least ⌈n/2⌉ beeps; pairing the leaves half a round apart in depth-first order crosses every wire of the net with just that many. A
/// touch between two nets shows only between these two nets, so each pair of nets that are neighbours anywhere needs one silence, and one is enough. Exact, in
/// time linear in the lead's wires and neighbours. A wire that closes a ring is not found open, as its net stays joined without it; it is named in
/// <see cref="Unseen"/>.</para>
/// </remarks>
public sealed class MeterSheet<TEnd>
    where TEnd : struct, IEquatable<TEnd>, IComparable<TEnd>
{
    private MeterSheet(ImmutableArray<SheetTest<TEnd>> tests, ImmutableArray<(TEnd One, TEnd Other)> unseen) => (Tests, Unseen) = (tests, unseen);

    /// <summary>The tests: beeps first, then silences.</summary>
    public ImmutableArray<SheetTest<TEnd>> Tests { get; }

    /// <summary>Wires and ties that close a ring: another way joins the same ends, so a beep does not show whether they are whole. Each is tugged and looked at
    /// instead.</summary>
    public ImmutableArray<(TEnd One, TEnd Other)> Unseen { get; }

    /// <summary>Makes the sheet of a lead.</summary>
    /// <param name="wires">The two ends of each wire and tie.</param>
    /// <param name="neighbours">Every two positions that lie side by side in one of its connectors.</param>
    /// <param name="besides">What else joins two ends, such as a switch or a resistor in the lead: neither a beep nor a silence is asked of it.</param>
    public static MeterSheet<TEnd> For(
        IEnumerable<(TEnd One, TEnd Other)> wires, IEnumerable<(TEnd One, TEnd Other)> neighbours, params IEnumerable<(TEnd One, TEnd Other)> besides)
    {
        var joins = wires.ToArray();
        var (nets, joined) = (new LeadNets<TEnd>(joins), new LeadNets<TEnd>([.. joins, .. besides]));
        var (trees, unseen) = Trees(joins);
        var beeps = nets.All.SelectMany(net => Beeps(net, trees));
        var silences = neighbours
            .Where(pair => trees.ContainsKey(pair.One) && trees.ContainsKey(pair.Other) && !joined.Joins(pair.One, pair.Other))
            .DistinctBy(pair => Ordered(nets.Root(pair.One), nets.Root(pair.Other)))
            .Select(pair => new SheetTest<TEnd>(pair.One, pair.Other, false, "neighbours that must not touch"));
        return new MeterSheet<TEnd>([.. beeps, .. silences], unseen);
    }

    /// <summary>Every line with the newest of what was read between its two ends.</summary>
    public ImmutableArray<SheetLine<TEnd>> With(IEnumerable<ContinuityTest<TEnd>> read)
    {
        var results = read.ToArray();
        return [.. Tests.Select(test => new SheetLine<TEnd>(test, results.LastOrDefault(result => result.IsBetween(test.One, test.Other))))];
    }

    // A spanning forest of the wires; what is left over closes rings.
    private static (Dictionary<TEnd, List<TEnd>> Trees, ImmutableArray<(TEnd One, TEnd Other)> Unseen) Trees(
        IEnumerable<(TEnd One, TEnd Other)> joins)
    {
        var (trees, unseen, joined) = (
            new Dictionary<TEnd, List<TEnd>>(), ImmutableArray.CreateBuilder<(TEnd, TEnd)>(), new LeadNets<TEnd>());
        foreach (var (one, other) in joins)
        {
            if (!joined.Join(one, other))
            {
                unseen.Add((one, other));
                continue;
            }

            Beside(one).Add(other);
            Beside(other).Add(one);
        }

        return (trees, unseen.DrainToImmutable());

        List<TEnd> Beside(TEnd end) => trees.TryGetValue(end, out var list) ? list : trees[end] = [];
    }

    private static IEnumerable<SheetTest<TEnd>> Beeps(ImmutableArray<TEnd> net, Dictionary<TEnd, List<TEnd>> trees)
    {
        var leaves = Leaves(net, trees);
        var half = (leaves.Count + 1) / 2;
        for (var index = 0; index < half; index++)
        {
            // With an odd number of leaves the one in the middle takes the first as its partner.
            var partner = index + half < leaves.Count ? leaves[index + half] : leaves[0];
            var (one, other) = Ordered(leaves[index], partner);
            yield return new SheetTest<TEnd>(
                one, other, true, net.Length == 2 ? "this wire, whole and in its place" : "two wires of one net, whole and in their places");
        }
    }

    private static List<TEnd> Leaves(ImmutableArray<TEnd> net, Dictionary<TEnd, List<TEnd>> trees)
    {
        var (leaves, waiting, seen) = (new List<TEnd>(), new Stack<TEnd>(), new HashSet<TEnd>());
        // Begun at a leaf, so that a path along the tree meets the leaves in one round.
        waiting.Push(net.First(end => trees[end].Count == 1));
        while (waiting.TryPop(out var end))
        {
            if (!seen.Add(end)) continue;
            if (trees[end].Count == 1) leaves.Add(end);
            foreach (var next in trees[end].Where(next => !seen.Contains(next)).Reverse()) waiting.Push(next);
        }

        return leaves;
    }

    private static (TEnd, TEnd) Ordered(TEnd one, TEnd other) => one.CompareTo(other) <= 0 ? (one, other) : (other, one);
}
