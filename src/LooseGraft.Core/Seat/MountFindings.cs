using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on what lies under a board.</summary>
internal static class MountFindings
{
    private const double LevelMm = 0.5;

    public static IEnumerable<Finding> Of(SeatedBoard board)
    {
        foreach (var under in UnderMount.Of(board))
        {
            var subject = new MountSubject(board.Plane.Id, under.Mount.Id);
            var gap = under.Gap < 0 ? $"reaches {Mm(-under.Gap)} into" : $"leaves {Mm(under.Gap)} to";
            if (under.Verdict == UnderVerdict.Shorts)
            {
                yield return Finding.Of(SeatRules.MountUnderSolder, subject, new MountShorts(under.Mount.Id, board.Board.Id, new Millimetres(under.Gap)),
                    $"The {Kind(under.Mount)} {under.Mount.Id} stands under {board.Board.Name} where no hole is: it {gap} {under.Where} and shorts it, at once or when a plug is pushed in.", under.Evidence,
                    Cure(board, under.Mount), $"cover {under.Mount.Id} with sheet that does not wear through, and say so here", "seat the board elsewhere");
            }
            else if (under.Verdict == UnderVerdict.Lifts)
            {
                yield return Finding.Of(SeatRules.MountLifts, subject, new MountLifts(under.Mount.Id, board.Board.Id, new Millimetres(under.Gap)),
                    $"The {Kind(under.Mount)} {under.Mount.Id} {gap} {under.Where}: {board.Board.Name} does not lie down on its mounts.", under.Evidence,
                    $"take {under.Mount.Id} out or flatten it", "use taller standoffs");
            }
        }

        foreach (var hole in board.Holes.Where(hole => hole.Mount is { } mount && Math.Abs(mount.Height.Value - board.Rise.Value) > LevelMm))
        {
            yield return Finding.Of(
                SeatRules.MountsUneven, new MountSubject(board.Plane.Id, hole.Mount!.Id), new MountUneven(hole.Mount.Id, board.Rise - hole.Mount.Height),
                $"{hole.Mount.Id} is {Mm(board.Rise.Value - hole.Mount.Height.Value)} lower than the mounts beside it: screwed down, {board.Board.Name} bends.",
                hole.Mount.Evidence, $"put a washer of that height on {hole.Mount.Id}");
        }
    }

    private static string Kind(Mount mount) => mount.Kind.ToString().ToLowerInvariant();

    private static string Cure(SeatedBoard board, Mount mount) => mount.Kind switch
    {
        MountKind.Standoff or MountKind.Stud => $"take {mount.Id} out",
        _ when board.Plane.IsMetal => $"flatten {mount.Id} or cut it off, with every board out of the shell and the swarf gone before one comes back",
        _ => $"take {mount.Id} off",
    };
}
