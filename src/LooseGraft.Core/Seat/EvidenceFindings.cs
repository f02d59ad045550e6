using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on what a seating rests on: a board that meets mounts whose places nobody measured meets them on paper.</summary>
internal static class EvidenceFindings
{
    private const int MostNamed = 3;

    public static IEnumerable<Finding> Of(SeatedBoard board)
    {
        // The one with the least to spare is the first that a caliper may turn over.
        var mounts = board.Holes.Where(hole => hole.Mount is { } mount && !mount.Evidence.IsProven())
            .Select(hole => (Hole: hole, Mount: hole.Mount!, Spare: board.Slack(hole.Hole) - hole.NearestOff!.Value)).OrderBy(pair => pair.Spare).ToArray();
        var outline = board.Board.Body is { } body && !body.Evidence.IsProven() ? body.Evidence : (Evidence?)null;
        if (mounts.Length == 0 && outline is null) yield break;
        string[] facts =
        [
            .. mounts.Take(MostNamed).Select(pair => $"where {pair.Mount.Id} stands"),
            .. mounts.Length > MostNamed ? [$"{(mounts.Length - MostNamed).Counted("mount")} more"] : Array.Empty<string>(),
            .. outline is null ? Array.Empty<string>() : ["its outline"],
        ];
        ImmutableArray<string> remedies =
        [
            .. mounts.Take(1).Select(pair => $"measure where {pair.Mount.Id} stands first: {pair.Hole.Name} meets it with {Mm(Math.Max(0, pair.Spare))} to spare"),
            .. outline is null ? Array.Empty<string>() : ["measure the width and depth of the board"],
            "or lay the board, or its template, on before anything is drilled or powered",
        ];
        yield return Finding.Of(SeatRules.SeatUnproven, new SeatSubject(board.Board.Id), new SeatUnproven(board.Board.Id, mounts.Length, outline is not null),
            $"That {board.Board.Name} sits like this rests on what nobody measured: {string.Join(", ", facts)}. Prove it first.",
            mounts.Select(pair => pair.Mount.Evidence).Append(outline ?? Evidence.Measured).Weakest(), remedies);
    }
}
