using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>One way to seat a board, and what it costs.</summary>
/// <param name="Seat">Where.</param>
/// <param name="Met">How many holes meet a mount.</param>
/// <param name="ToDrill">How many holes meet none.</param>
/// <param name="ToRemove">How many mounts under it would short it.</param>
/// <param name="EdgeOffset">How far its ports are from their opening, in millimetres; null when they look at no opening, or there are none.</param>
/// <param name="IsBlind">Whether it has ports that look out and no opening before them.</param>
/// <param name="Outside">How many square millimetres of it lie beyond the plane.</param>
/// <param name="Clashes">How many things it would run into.</param>
public sealed record BoardPlacement(BoardSeat Seat, int Met, int ToDrill, int ToRemove, double? EdgeOffset, bool IsBlind, double Outside, int Clashes)
{
    /// <summary>Whether it stays on the plane and touches nothing.</summary>
    public bool IsSound => Outside < 1 && Clashes == 0;

    /// <summary>Whether it is at least as good in everything and better in something.</summary>
    public bool Beats(BoardPlacement other)
    {
        var (mine, theirs) = (Costs(this), Costs(other));
        return mine.Zip(theirs).All(pair => pair.First <= pair.Second) && mine.Zip(theirs).Any(pair => pair.First < pair.Second);
    }

    /// <summary>Those that no other beats, one of each that cost the same, sound ones first, then by mounts met.</summary>
    public static ImmutableArray<BoardPlacement> Pareto(IEnumerable<BoardPlacement> all)
    {
        var every = all.DistinctBy(one => (one.Seat.TurnDegrees, string.Join(' ', Costs(one)))).ToArray();
        return [.. every.Where(one => !every.Any(other => other.Beats(one))).OrderByDescending(one => one.IsSound).ThenBy(one => one.IsBlind)
            .ThenByDescending(one => one.Met).ThenBy(one => one.ToRemove).ThenBy(one => one.EdgeOffset ?? 0)];
    }

    private static double[] Costs(BoardPlacement of)
        => [of.IsSound ? 0 : 1, -of.Met, of.ToRemove, of.IsBlind ? 1 : 0, Math.Round(of.EdgeOffset ?? 0), Math.Round(of.Outside), of.Clashes];
}
