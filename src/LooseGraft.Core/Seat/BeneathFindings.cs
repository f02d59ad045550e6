using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Standing;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on what lies under a board, and on how high that stands.</summary>
internal static class BeneathFindings
{
    private const double LevelMm = 0.5;

    public static IEnumerable<Finding> Of(SeatedBoard board, IReadOnlyCollection<Beneath> beneath)
        => beneath.Select(under => Of(board, under)).OfType<Finding>().Concat(Uneven(board));

    private static Finding? Of(SeatedBoard board, Beneath under)
    {
        var name = board.Board.Name;
        var gap = Math.Round(under.Gap, 6) < 0 ? $"reaches {Mm(-under.Gap)} into" : $"leaves {Mm(Math.Abs(under.Gap))} to";
        var seat = new SeatSubject(board.Board.Id);
        var found = new LiesBeneath(under.Id, board.Board.Id, new Millimetres(under.Gap));
        return (under.Verdict, under.Kind) switch
        {
            (BeneathVerdict.Shorts, BeneathKind.Plane) when board.Standing.IsFlat => Finding.Of(SeatRules.MetalUnderSolder, seat, found,
                $"{name} lies flat on the bare {Material(board.Plane)} of {under.Name}: it shorts {under.Where}.", under.Evidence,
                "stand it on standoffs", $"cover {under.Name} with sheet that does not wear through, and say so in the lists; paint is none"),
            (BeneathVerdict.Shorts, BeneathKind.Plane) => Finding.Of(SeatRules.MetalUnderSolder, seat, found,
                $"{name} stands so low that the bare {Material(board.Plane)} of {under.Name} {gap} {under.Where}, and shorts it, at once or when a plug is pushed in.", under.Evidence,
                "use taller standoffs", $"cover {under.Name} with sheet that does not wear through, and say so in the lists; paint is none"),
            (BeneathVerdict.Shorts, BeneathKind.Mount) when board.Holes.Any(hole => hole.Mount?.Id == under.Id) => Finding.Of(
                SeatRules.MetalUnderSolder, new MountSubject(board.Plane.Id, under.Id), found,
                $"{under.Name} holds {name} and is so wide that it {gap} {under.Where} beside the ring that is free of it: it shorts it.", under.Evidence,
                "put a narrower one there", $"lay an insulating washer on {under.Id}, and say here that it is insulated"),
            (BeneathVerdict.Shorts, BeneathKind.Mount) => Finding.Of(SeatRules.MetalUnderSolder, new MountSubject(board.Plane.Id, under.Id), found,
                $"{under.Name} stands under {name} where no hole is: it {gap} {under.Where} and shorts it, at once or when a plug is pushed in.", under.Evidence,
                Cure(board, under.Mount!), $"cover {under.Id} with sheet that does not wear through, and say so here", "seat the board elsewhere"),
            (BeneathVerdict.Shorts, _) => Finding.Of(SeatRules.MetalUnderSolder, under.Body!, found,
                $"{under.Name} is bare metal under {name}: it {gap} {under.Where} and shorts it, at once or when a plug is pushed in.", under.Evidence,
                $"move {under.Name} away", "use taller standoffs", $"cover {under.Name} with sheet that does not wear through, and say that it is not bare metal"),
            (BeneathVerdict.MayShort, _) => Finding.Of(SeatRules.UnderUnknown, under.Body!, found,
                $"{under.Name} lies under {name} and {gap} {under.Where}: if it is bare metal it shorts it, and nobody said whether it is.", under.Evidence,
                $"say in the lists whether {under.Name} is bare metal", $"move {under.Name} away"),
            (BeneathVerdict.Lifts, BeneathKind.Mount) => Finding.Of(SeatRules.BeneathLifts, new MountSubject(board.Plane.Id, under.Id), found,
                $"{under.Name} {gap} {under.Where}: {name} does not lie down on its mounts.", under.Evidence,
                $"take {under.Id} out or flatten it", "use taller standoffs"),
            (BeneathVerdict.Lifts, BeneathKind.Box) => Finding.Of(SeatRules.BeneathLifts, under.Body!, found,
                $"{under.Name} {gap} {under.Where}: {name} does not lie down on its mounts.", under.Evidence,
                $"move {under.Name} away", "use taller standoffs"),
            _ => null,
        };
    }

    private static IEnumerable<Finding> Uneven(SeatedBoard board)
    {
        var mounts = board.Holes.Select(hole => hole.Mount).OfType<Mount>().ToArray();
        return from mount in mounts
               let lower = mounts.Max(other => other.Height.Value) - mount.Height.Value
               where lower > LevelMm
               select Finding.Of(
                   SeatRules.MountsUneven, new MountSubject(board.Plane.Id, mount.Id), new MountUneven(mount.Id, new Millimetres(lower)),
                   $"{mount.Id} is {Mm(lower)} lower than the mounts beside it: screwed down, {board.Board.Name} bends.",
                   mount.Evidence, $"put a washer of that height on {mount.Id}");
    }

    private static string Material(MountPlane plane) => plane.Material.ToString().ToLowerInvariant();

    private static string Cure(SeatedBoard board, Mount mount) => mount.Kind switch
    {
        MountKind.Standoff or MountKind.Stud => $"take {mount.Id} out",
        _ when board.Plane.IsMetal => $"flatten {mount.Id} or cut it off, with every board out of the shell and the swarf gone before one comes back",
        _ => $"take {mount.Id} off",
    };
}
