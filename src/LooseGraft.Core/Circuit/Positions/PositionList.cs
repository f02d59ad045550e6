using System.Collections.Immutable;
using LooseGraft.Core.Circuit.Elements;

namespace LooseGraft.Core.Circuit.Positions;

/// <summary>The positions in which a circuit must be judged besides rest.</summary>
/// <param name="All">The positions.</param>
/// <param name="Restless">Coils that pull themselves off again, and never settle.</param>
/// <param name="IsAll">Whether these are all. Beyond <see cref="MostMovers"/> things that move each alone is taken, and as many pairs as the bound
/// allows.</param>
/// <remarks>
/// <para>What only makes needs no position of its own, as long as nothing pulls: all of it closed shows whatever any of it can do. Changeovers and break
/// contacts are taken in all their combinations. Where coils pull, every press counts, and each combination of presses is followed from every state of the
/// coils that it can begin in until the coils settle; what is passed on the way is judged as well, for the contacts are there for some
/// milliseconds.</para>
/// <para>Bound: 2 to the power of <see cref="MostMovers"/> positions, each solved once.</para>
/// </remarks>
internal sealed record PositionList(ImmutableArray<Position> All, ImmutableArray<string> Restless, bool IsAll)
{
    /// <summary>So many things that move are taken in all their combinations: 1,024 of them.</summary>
    public const int MostMovers = 10;

    /// <summary>The positions of a circuit.</summary>
    /// <param name="netlist">The circuit.</param>
    /// <param name="coils">Which coils pull, of those that move contacts, in a position.</param>
    /// <param name="isDriven">Whether an output moves a coil: it may pull or not, as a switch may be pressed or not.</param>
    public static PositionList Of(Netlist netlist, Func<Position, ImmutableHashSet<string>> coils, Func<Element, bool> isDriven)
    {
        var throws = netlist.Joins.Where(join => join.Kind == JoinKind.Throw).ToLookup(join => join.Mover!);
        if (throws.Count == 0) return new PositionList([], [], IsAll: true);
        var relays = netlist.Elements.Where(element => !isDriven(element)).Select(element => element.Mover).OfType<string>().Where(throws.Contains)
            .ToHashSet();
        var presses = netlist.Joins.Where(join => join.Kind == JoinKind.Throw || (relays.Count > 0 && join.Kind == JoinKind.Switch))
            .Select(join => join.Mover).OfType<string>().Where(mover => !relays.Contains(mover)).Distinct().ToArray();
        var overlapping = netlist.Joins.Where(join => join.Overlaps).Select(join => join.Mover!).ToHashSet();
        if (presses.Length + relays.Count > MostMovers) return Few([.. presses, .. relays], overlapping);
        var combinations = Enumerable.Range(0, 1 << presses.Length)
            .Select(set => presses.Where((_, at) => (set >> at & 1) == 1).ToImmutableHashSet()).ToArray();
        if (relays.Count > 0) return Followed(combinations, overlapping, coils);
        return new PositionList([.. combinations.SelectMany(moved => Around(moved, overlapping)).Skip(1)], [], IsAll: true);
    }

    // Each alone, and then every two as far as the bound goes: most of what two things do to each other is found, and that it is not all is told.
    private static PositionList Few(string[] movers, HashSet<string> overlapping)
        => new([.. (from apart in Enumerable.Range(0, movers.Length)
                    from one in Enumerable.Range(0, movers.Length - apart)
                    from position in Around([movers[one], movers[one + apart]], overlapping)
                    select position).Take(1 << MostMovers)], [], IsAll: false);

    // What overlaps passes, on its way to or from where it stands, a moment in which all of its contacts are closed.
    private static IEnumerable<Position> Around(ImmutableHashSet<string> moved, HashSet<string> overlapping)
        => overlapping.Where(moved.Contains).Select(mover => new Position(moved, [mover]) { ArePlainClosed = true })
            .Prepend(new Position(moved, []) { ArePlainClosed = true });

    private static PositionList Followed(
        ImmutableHashSet<string>[] presses, HashSet<string> overlapping, Func<Position, ImmutableHashSet<string>> coils)
    {
        var (passed, restless) = (new HashSet<string>(), new HashSet<string>());
        var positions = ImmutableArray.CreateBuilder<Position>();
        var (settled, waiting) = (new HashSet<string>(), new Queue<ImmutableHashSet<string>>([[]]));
        var next = new Dictionary<string, ImmutableHashSet<string>>();
        while (waiting.TryDequeue(out var pulling))
        {
            if (!settled.Add(Key(pulling))) continue;
            foreach (var pressed in presses)
            {
                var (at, seen) = (pulling, new HashSet<string>());
                while (seen.Add(Key(at)))
                {
                    var position = new Position(pressed.Union(at), []);
                    if (passed.Add(Key(position.Moved)))
                    {
                        positions.Add(position);
                        positions.AddRange(overlapping.Where(position.Moved.Contains).Select(mover => position with { Between = [mover] }));
                    }

                    var then = next.TryGetValue(Key(position.Moved), out var known) ? known : next[Key(position.Moved)] = coils(position);
                    if (then.SetEquals(at))
                    {
                        waiting.Enqueue(at);
                        break;
                    }

                    if (seen.Contains(Key(then))) restless.UnionWith(then.SymmetricExcept(at));
                    at = then;
                }
            }
        }

        return new PositionList([.. positions.Where(position => position.Moved.Count + position.Between.Count > 0)], [.. restless.Order()], IsAll: true);

        static string Key(ImmutableHashSet<string> movers) => string.Join('|', movers.Order(StringComparer.Ordinal));
    }
}
