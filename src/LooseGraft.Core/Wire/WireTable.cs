using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Wire;

/// <summary>The wire table that would make a joint right: who must meet whom, with as few terminals moved as possible.</summary>
public static class WireTable
{
    // Rewards differ by more than any sum of the next, so that they rank strictly: a needed contact over any number of others,
    // a pair over any number of stays. 2,048 exceeds the largest port (1,024 positions, see the file limits) twice over.
    private const double SparedTieReward = 1.0 / 2048;
    private const double StayReward = 1;
    private const double SameNameReward = 2048;
    private const double PairReward = SameNameReward * 2048;
    private const double NeededReward = PairReward * 2048;

    /// <summary>Proposes the table.</summary>
    /// <param name="from">Terminals of the fixed port, position 1 first.</param>
    /// <param name="to">Terminals of the port brought to it, position 1 first.</param>
    /// <param name="joined">Which positions are joined already, by chosen wires or by being pushed together.</param>
    /// <returns>Rows in order of the fixed port's positions. The pairing of greatest reward over all pairs that judge as right: exact.</returns>
    public static ImmutableArray<WireRow> Propose(IReadOnlyList<Terminal> from, IReadOnlyList<Terminal> to, IEnumerable<(int From, int To)> joined)
        => Propose(from, to, new ContactTable(from, to), joined);

    /// <inheritdoc cref="Propose(IReadOnlyList{Terminal}, IReadOnlyList{Terminal}, IEnumerable{ValueTuple{int, int}})"/>
    internal static ImmutableArray<WireRow> Propose(
        IReadOnlyList<Terminal> from, IReadOnlyList<Terminal> to, ContactTable table, IEnumerable<(int From, int To)> joined)
    {
        var stays = joined.ToHashSet();
        var rows = Enumerable.Range(1, from.Count).Where(position => IsWorthJoining(from[position - 1])).ToArray();
        var columns = Enumerable.Range(1, to.Count).Where(position => IsWorthJoining(to[position - 1])).ToArray();

        var (fromTies, toTies) = (Tieable(from), Tieable(to));
        var rewards = new double[rows.Length, columns.Length];
        for (var row = 0; row < rows.Length; row++)
        {
            for (var column = 0; column < columns.Length; column++)
            {
                var (fromPosition, toPosition) = (rows[row], columns[column]);
                var isSpare = (fromTies.Contains(fromPosition) && IsGiven(to[toPosition - 1]))
                    || (toTies.Contains(toPosition) && IsGiven(from[fromPosition - 1]));
                rewards[row, column] = Reward(
                    from[fromPosition - 1], to[toPosition - 1], table.At(fromPosition, toPosition), stays.Contains((fromPosition, toPosition)), isSpare);
            }
        }

        return [.. Pairing.Best(rewards).Index().Where(pair => pair.Item >= 0).Select(pair => Row(rows[pair.Index], columns[pair.Item], from, to, stays))];
    }

    private static WireRow Row(int from, int to, IReadOnlyList<Terminal> fromSide, IReadOnlyList<Terminal> toSide, HashSet<(int From, int To)> stays)
    {
        var signal = fromSide[from - 1].Signal;
        var colour = toSide[to - 1].Pin.WireColour ?? WireColours.UsualFor(signal);
        return new WireRow(from, to, signal, colour, stays.Contains((from, to)));
    }

    private static bool IsWorthJoining(Terminal terminal) => terminal.Conducts && terminal.Family != SignalFamily.Unknown;

    // What waits for a level that its own port has can be tied there, and must not take the other side's only ground or supply.
    private static HashSet<int> Tieable(IReadOnlyList<Terminal> end)
        => [.. end.Where(terminal => TieTable.Waits(terminal) && end.Any(other => IsGiven(other) && ContactRules.Judge(terminal, other).IsRight))
            .Select(terminal => terminal.Pin.Position)];

    private static bool IsGiven(Terminal terminal) => terminal.Conducts && terminal.Family is SignalFamily.Ground or SignalFamily.Supply;

    private static double Reward(Terminal from, Terminal to, ContactJudgement judgement, bool stays, bool isSpare)
    {
        if (!judgement.IsRight) return 0;
        if (isSpare) return SparedTieReward + (stays ? StayReward : 0);
        var needed = (from.Pin.NeededFor is null ? 0 : 1) + (to.Pin.NeededFor is null ? 0 : 1);
        return PairReward + (needed * NeededReward) + (from.Signal == to.Signal ? SameNameReward : 0) + (stays ? StayReward : 0);
    }
}
