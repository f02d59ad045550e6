using LooseGraft.Core.Circuit.Elements;
using LooseGraft.Core.Circuit.Positions;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>Judges a whole graft as it is wired.</summary>
/// <remarks>
/// <para>Most switches only make: closing one more can only join more. So all of them closed shows every short there can be, and none closed what is so all the
/// time; what also opens is taken in each of its positions, as <see cref="PositionList"/> says. What a press is for (a start line held at ground while it is
/// pressed) is no fault, so with switches closed only what destroys is told, and what a load or an input gets. Exact for make contacts.</para>
/// <para>One wrong wire makes one net of many, and everything in it at odds with everything else. So the nearest clash is told, the join that is to blame for
/// it taken out, and what its net falls into judged again, until nothing is at odds: each wrong join is told once. Time: for each the square of the
/// acting contacts of its net, of which each plane counts as one.</para>
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
        var blame = new Blame(netlist);
        var first = new NetState(netlist, blame.LeavesOpen);
        var all = first.With(netlist.Joins.Where(join => join.Kind == JoinKind.Switch), blame.LeavesClosed);
        var (search, lights) = (new ClashSearch(netlist, blame), LightRules.Pairs(netlist));
        // Shorts first, whatever press they need: what is blamed for less must not hide one.
        var positions = PositionList.Of(netlist, position => CoilRules.Pulling(netlist, position), coil => CoilRules.IsDriven(coil, first));
        var lasting = positions.All.IsEmpty ? all : search.Tell(all, blame.LeavesClosed, IsStop);
        var moved = new PositionJudge(netlist, lights, blame, search, lasting).Judge(positions);
        var closed = search.Tell(
            search.Told.Count == 0 ? all : all.Without(search.Told.Select(conflict => conflict.Place!)), blame.LeavesClosed, IsToldOfClosed);
        var open = search.Tell(first.Without(search.Told.Select(conflict => conflict.Place!)), blame.LeavesOpen, _ => true);
        var told = search.Told;
        var solved = new ElementNetwork(netlist, closed, areDriversUp: false);

        var others = Clashes(open).Concat(Clashes(closed).Where(IsToldOfClosed))
            .Concat(LightRules.Of(lights, open)).Concat(LightRules.Of(lights, closed).Where(IsToldOfClosed))
            .Concat(SwitchRules.Of(netlist, closed)).Concat(LoadRules.Of(netlist, first, all)
                .Where(clash => clash.Kind != ConflictKind.NotFed || !BehindElements.Reach(clash.Taker, solved)))
            .Concat(LabelRules.Of(first).Where(clash => !blame.IsIn(first, clash.Taker))).Concat(PowerRules.Of(netlist, all))
            .Concat(IdentityRules.Of(netlist, all))
            // What goes on through an element may be worst by way of a wire that is to blame for less.
            .Concat(ElementRules.Of(netlist, all).Where(IsStop)).Concat(ElementRules.Of(netlist, open)).Concat(ElementRules.Of(netlist, closed))
            .Concat(moved)
            // What shorts its own supply by pulling lets go again: the short is told.
            .Concat(told.Exists(conflict => conflict.Severity == Severity.Stop) ? [] : CoilRules.Restless(netlist, positions.Restless))
            .Concat(ContactLimits.Of(netlist, first))
            .DistinctBy(Once);
        var conflicts = told.Concat(others.Take(MostTold + 1).Select(clash => search.TellOnly(clash))).ToArray();
        return new CircuitAnswer([.. conflicts.OrderByDescending(conflict => conflict.Severity).Take(MostTold)],
            conflicts.Length <= MostTold && search.IsAll && all.IsWhole && positions.IsAll && solved.IsWhole, first, all);
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

    internal static bool IsStop(Clash clash) => clash.Severity == Severity.Stop;

    internal static bool IsToldOfClosed(Clash clash)
        => IsStop(clash) || clash.Kind is ConflictKind.BelowLoad or ConflictKind.NotStandby or ConflictKind.LevelDiffers;

    private static IEnumerable<Clash> Clashes(NetState state) => state.Nets.SelectMany(net => ClashSearch.In(net, state));
}
