using System.Collections.Immutable;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>Judges a whole graft as it is wired.</summary>
/// <remarks>
/// <para>Switches of today's model only make: closing one more can only join more. So all of them closed shows every short there can be, and none closed what
/// is so all the time. What a press is for (a start line held at ground while it is pressed) is no fault, so with switches closed only what destroys is told,
/// and what a load or an input gets. Exact for make contacts.</para>
/// <para>One wrong wire makes one net of many, and everything in it at odds with everything else. So the nearest clash is told, the join that is to blame for
/// it taken out, and the rest judged again, until nothing is at odds: each wrong join is told once. Time: a build of the nets for each, and the square of the
/// acting contacts of a net, of which each plane counts as one.</para>
/// </remarks>
public static class CircuitJudge
{
    /// <summary>So many are told, the worst first; nobody mends more before looking again.</summary>
    public const int MostTold = 200;

    /// <summary>Bound on the work of looking for one wrong join after the other, in pairs of contacts: about a second on a small machine. A graft of 60 joints
    /// needs a hundredth of it.</summary>
    public const long MostWork = 5_000_000;

    /// <summary>Everything wrong with the circuit, the worst first; where more is wrong than is told, <see cref="CircuitAnswer.IsAll"/> says so.</summary>
    public static CircuitAnswer Judge(Netlist netlist)
    {
        var (ways, blame) = (new Ways(netlist), new Blame(netlist));
        var (first, all) = (new NetState(netlist, blame.LeavesOpen), new NetState(netlist, blame.LeavesClosed));
        var (open, closed) = (first, all);
        var told = new List<Conflict>();
        // Shorts first, whatever press they need: what is blamed for less must not hide one.
        var work = all.Pairs + first.Pairs;
        while (told.Count < MostTold && work <= MostWork && Next(Clashes(closed).Where(IsToldOfClosed), ways, blame, withSwitches: true) is { } conflict)
        {
            told.Add(conflict);
            closed = new NetState(netlist, blame.LeavesClosed);
            work += closed.Pairs;
        }

        if (told.Count > 0) open = new NetState(netlist, blame.LeavesOpen);
        while (told.Count < MostTold && work <= MostWork && Next(Clashes(open), ways, blame, withSwitches: false) is { } conflict)
        {
            told.Add(conflict);
            open = new NetState(netlist, blame.LeavesOpen);
            work += open.Pairs;
        }

        var others = Clashes(open).Concat(Clashes(closed).Where(IsToldOfClosed))
            .Concat(LightRules.Of(netlist, open)).Concat(LightRules.Of(netlist, closed).Where(IsToldOfClosed))
            .Concat(SwitchRules.Of(netlist, closed)).Concat(LoadRules.Of(netlist, first, all))
            .Concat(LabelRules.Of(first).Where(clash => !blame.IsIn(first, clash.Taker))).Concat(PowerRules.Of(netlist, all))
            .Concat(IdentityRules.Of(netlist, all))
            .DistinctBy(Once);
        var conflicts = told.Concat(others.Take(MostTold + 1).Select(
            clash => blame.Tell(clash, ways.Between(clash.Giver.Index, [clash.End.Index], _ => true) ?? []))).ToArray();
        return new CircuitAnswer([.. conflicts.OrderByDescending(conflict => conflict.Severity).Take(MostTold)],
            IsAll: conflicts.Length <= MostTold && told.Count < MostTold && work <= MostWork && all.IsWhole);
    }

    // What is one thing to mend is told once, however many lines show it.
    private static (ConflictKind, string, string) Once(Clash clash) => clash.Kind switch
    {
        ConflictKind.NotKnown => (clash.Kind, clash.Giver.Id.ToString(), ""),
        ConflictKind.NoReturn or ConflictKind.FedWhileOff when string.CompareOrdinal(clash.Giver.Part.Id, clash.Taker.Part.Id) < 0
            => (clash.Kind, clash.Giver.Part.Id, clash.Taker.Part.Id),
        ConflictKind.NoReturn or ConflictKind.FedWhileOff => (clash.Kind, clash.Taker.Part.Id, clash.Giver.Part.Id),
        _ => (clash.Kind, clash.Giver.Id.ToString(), clash.Taker.Id.ToString()),
    };

    private static bool IsToldOfClosed(Clash clash)
        => clash.Severity == Severity.Stop || clash.Kind is ConflictKind.BelowLoad or ConflictKind.NotStandby or ConflictKind.LevelDiffers;

    private static IEnumerable<Clash> Clashes(NetState state) => state.Nets.Values.SelectMany(net => Pairs(net, state));

    private static IEnumerable<Clash> Pairs(Net net, NetState state)
    {
        var actors = net.Actors;
        for (var one = 0; one < actors.Length; one++)
        {
            for (var other = one + 1; other < actors.Length; other++)
            {
                if (actors[one].Role.IsReturn && actors[other].Role.IsReturn) continue;
                if (NetRules.Judge(actors[one], actors[other]) is not { } clash) continue;
                // With a supply on the net, what it does is told; without one, what the load lacks.
                if (clash.Kind is ConflictKind.LoadAtGround or ConflictKind.LoadOnSignal && net.Feed is not null) continue;
                yield return clash.Kind == ConflictKind.SupplyToGround ? Floating.Over(clash, net, state) ?? clash : clash;
            }
        }
    }

    // The worst, and of those the one whose ends are nearest to each other.
    private static Conflict? Next(IEnumerable<Clash> clashes, Ways ways, Blame blame, bool withSwitches)
    {
        var hard = clashes.Where(clash => clash.Severity >= Severity.Fix).ToArray();
        if (hard.Length == 0) return null;
        var worst = hard.Max(clash => clash.Severity);
        var (clash, way) = hard.Where(clash => clash.Severity == worst).GroupBy(clash => clash.Giver).Take(MostGivers)
            .Select(same => Nearest(same, ways, withSwitches ? blame.LeavesClosed : blame.LeavesOpen)).MinBy(found => found.Way.Length);
        return blame.Take(clash, way);
    }

    private static (Clash Clash, ImmutableArray<Join> Way) Nearest(IGrouping<CircuitContact, Clash> same, Ways ways, Func<Join, bool> allowed)
    {
        var way = ways.Between(same.Key.Index, [.. same.Select(clash => clash.Taker.Index)], allowed)!.Value;
        var end = Ways.End(same.Key.Index, way);
        return (same.First(clash => clash.Taker.Index == end), way);
    }

    // Of a net in which everything is at odds, a few starting points show the nearest clash well enough.
    private const int MostGivers = 8;
}
