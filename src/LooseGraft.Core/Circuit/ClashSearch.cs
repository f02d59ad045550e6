using System.Collections.Immutable;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>Looks for one wrong join after the other: tells the nearest clash of a net, takes out the join that is to blame, and judges what the net falls
/// into.</summary>
/// <remarks>What is wrong with one net has nothing to do with any other, so each is taken by itself, the worst of all nets first.</remarks>
internal sealed class ClashSearch(Netlist netlist, Blame blame)
{
    // Of a net in which everything is at odds, a few starting points show the nearest clash well enough.
    private const int MostGivers = 8;

    private readonly Ways _ways = new(netlist);
    private long _work;

    /// <summary>What was found.</summary>
    public List<Conflict> Told { get; } = [];

    /// <summary>Whether everything was looked at.</summary>
    public bool IsAll => Told.Count < CircuitJudge.MostTold && _work <= CircuitJudge.MostWork;

    /// <summary>Tells what must be mended in a state, and leaves the state as it would be without it.</summary>
    /// <param name="state">The state; it is not changed.</param>
    /// <param name="isMade">The joins that are made in it.</param>
    /// <param name="isTold">Which clashes count.</param>
    public NetState Tell(NetState state, Func<Join, bool> isMade, Func<Clash, bool> isTold)
    {
        _work += state.Pairs;
        var left = state.Copy();
        foreach (var severity in new[] { Severity.Stop, Severity.Fix })
        {
            var waiting = new Stack<Net>(left.Nets.Reverse());
            while (IsAll && waiting.TryPop(out var net))
            {
                var clashes = In(net, left).Where(clash => clash.Severity == severity && isTold(clash)).ToArray();
                if (clashes.Length == 0) continue;
                var (clash, way) = clashes.GroupBy(clash => clash.Giver).Take(MostGivers).Select(same => Nearest(same, isMade))
                    .MinBy(found => found.Way.Length);
                Told.Add(blame.Take(clash, way));
                foreach (var part in left.Split(net).Reverse())
                {
                    _work += part.Pairs;
                    waiting.Push(part);
                }
            }
        }

        return left;
    }

    /// <summary>Tells a clash without taking anything out.</summary>
    public Conflict TellOnly(Clash clash) => blame.Tell(clash, _ways.Between(clash.Giver.Index, [clash.End.Index], _ => true) ?? []);

    /// <summary>Everything that two contacts of a net do to each other.</summary>
    public static IEnumerable<Clash> In(Net net, NetState state)
        => net.Clashes is { Count: > 0 } clashes
            ? clashes.Select(clash => clash.Kind == ConflictKind.SupplyToGround ? Floating.Over(clash, net, state) ?? clash : clash) : [];

    private (Clash Clash, ImmutableArray<Join> Way) Nearest(IGrouping<CircuitContact, Clash> same, Func<Join, bool> allowed)
    {
        var way = _ways.Between(same.Key.Index, [.. same.Select(clash => clash.Taker.Index)], allowed)!.Value;
        var end = Ways.End(same.Key.Index, way);
        return (same.First(clash => clash.Taker.Index == end), way);
    }
}
