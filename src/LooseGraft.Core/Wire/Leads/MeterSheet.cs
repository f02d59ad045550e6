using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>The fewest beeps and silences that prove a made lead before it meets a board.</summary>
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
public sealed class MeterSheet
{
    private MeterSheet(ImmutableArray<SheetTest> tests, ImmutableArray<(LeadEnd One, LeadEnd Other)> unseen) => (Tests, Unseen) = (tests, unseen);

    /// <summary>The tests: beeps first, then silences.</summary>
    public ImmutableArray<SheetTest> Tests { get; }

    /// <summary>Wires and ties that close a ring: another way joins the same ends, so a beep does not show whether they are whole. Each is tugged and looked at
    /// instead.</summary>
    public ImmutableArray<(LeadEnd One, LeadEnd Other)> Unseen { get; }

    /// <summary>Makes the sheet of a lead.</summary>
    /// <param name="from">The grid of the joint's first port.</param>
    /// <param name="to">The grid of its second port.</param>
    /// <param name="wires">The wires of the lead.</param>
    /// <param name="ties">Contacts of one end tied with each other in it.</param>
    public static MeterSheet For(PortGrid from, PortGrid to, IEnumerable<Conductor> wires, params IEnumerable<LeadTie> ties)
    {
        var joins = wires.Select(wire => wire.Ends).Concat(ties.Select(tie => tie.Ends)).ToArray();
        var nets = new LeadNets(joins);
        var (trees, unseen) = Trees(joins);
        var beeps = nets.All.SelectMany(net => Beeps(net, trees));
        var silences = Neighbours(from, isFrom: true).Concat(Neighbours(to, isFrom: false))
            .Where(pair => trees.ContainsKey(pair.One) && trees.ContainsKey(pair.Other) && !nets.Joins(pair.One, pair.Other))
            .DistinctBy(pair => Ordered(nets.Root(pair.One), nets.Root(pair.Other)))
            .Select(pair => new SheetTest(pair.One, pair.Other, false, "neighbours that must not touch"));
        return new MeterSheet([.. beeps, .. silences], unseen);
    }

    /// <summary>Every pair of positions of a connector that lie side by side in a row or a column.</summary>
    public static IEnumerable<(LeadEnd One, LeadEnd Other)> Neighbours(PortGrid grid, bool isFrom)
    {
        for (var position = 1; position <= grid.Rows * grid.Columns; position++)
        {
            var cell = grid[position];
            foreach (var beside in new[] { new Cell(cell.Row, cell.Column + 1), new Cell(cell.Row + 1, cell.Column) })
            {
                if (grid.PositionAt(beside) is { } other) yield return (new LeadEnd(isFrom, position), new LeadEnd(isFrom, other));
            }
        }
    }

    // A spanning forest of the wires; what is left over closes rings.
    private static (Dictionary<LeadEnd, List<LeadEnd>> Trees, ImmutableArray<(LeadEnd One, LeadEnd Other)> Unseen) Trees(
        IEnumerable<(LeadEnd One, LeadEnd Other)> joins)
    {
        var (trees, unseen, joined) = (
            new Dictionary<LeadEnd, List<LeadEnd>>(), ImmutableArray.CreateBuilder<(LeadEnd, LeadEnd)>(), new LeadNets(Array.Empty<Conductor>()));
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

        List<LeadEnd> Beside(LeadEnd end) => trees.TryGetValue(end, out var list) ? list : trees[end] = [];
    }

    private static IEnumerable<SheetTest> Beeps(ImmutableArray<LeadEnd> net, Dictionary<LeadEnd, List<LeadEnd>> trees)
    {
        var leaves = Leaves(net, trees);
        var half = (leaves.Count + 1) / 2;
        for (var index = 0; index < half; index++)
        {
            // With an odd number of leaves the one in the middle takes the first as its partner.
            var partner = index + half < leaves.Count ? leaves[index + half] : leaves[0];
            var (one, other) = Ordered(leaves[index], partner);
            yield return new SheetTest(
                one, other, true, net.Length == 2 ? "this wire, whole and in its place" : "two wires of one net, whole and in their places");
        }
    }

    private static List<LeadEnd> Leaves(ImmutableArray<LeadEnd> net, Dictionary<LeadEnd, List<LeadEnd>> trees)
    {
        var (leaves, waiting, seen) = (new List<LeadEnd>(), new Stack<LeadEnd>(), new HashSet<LeadEnd>());
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

    private static (LeadEnd, LeadEnd) Ordered(LeadEnd one, LeadEnd other) => one <= other ? (one, other) : (other, one);
}
