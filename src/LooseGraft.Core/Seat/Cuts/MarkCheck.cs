using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Cuts;

/// <summary>Marks against a template: how far each is off, and how the board would have to move for all of them to fit best.</summary>
/// <param name="Marks">Each mark.</param>
/// <param name="Move">The move that fits them best: their mean, which leaves the least sum of squares.</param>
public sealed record MarkCheck(ImmutableArray<CheckedMark> Marks, PlanPoint Move)
{
    /// <summary>Checks marks; those of holes the board does not have are passed over.</summary>
    public static MarkCheck Of(SeatedBoard board, IReadOnlyDictionary<int, PlanPoint> marks)
    {
        var corner = board.Plane.Bounds;
        var offs = board.Holes.Where(hole => marks.ContainsKey(hole.Number))
            .Select(hole => (Hole: hole, Mark: marks[hole.Number], Off: marks[hole.Number] + new PlanPoint(corner.X, corner.Y) - hole.At)).ToArray();
        if (offs.Length == 0) return new MarkCheck([], default);
        var move = new PlanPoint(offs.Average(mark => mark.Off.X), offs.Average(mark => mark.Off.Y));
        return new MarkCheck(
            [.. offs.Select(mark =>
            new CheckedMark(mark.Hole, mark.Mark, mark.Off, mark.Off.To(move), mark.Off.To(move) <= board.Slack(mark.Hole.Hole)))], move);
    }
}
