using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat.Holding;

/// <summary>Rules on the screws at a board's holes: their threads, and how deep they go. Where nobody said which screw, nothing is told.</summary>
internal static class ScrewFindings
{
    // Two readings of a caliper, or a worn drill.
    private const double BoreErrorMm = 0.1;
    private const double RoundingMm = 1e-6;

    public static IEnumerable<Finding> Of(SeatedBoard board)
        => board.Holes.SelectMany(hole => Of(board, hole)).GroupBy(told => (told.Rule, told.Words)).Select(same => Told(board, [.. same]));

    /// <summary>The worst that is to tell of the screw at one hole; null for nothing.</summary>
    public static Severity? Worst(SeatedBoard board, HoleMeeting hole) => Of(board, hole).Select(told => (Severity?)told.Severity).Max();

    private static IEnumerable<Judged> Of(SeatedBoard board, HoleMeeting hole)
    {
        if (!hole.IsHeld) yield break;
        var (written, mount) = (ScrewFit.Written(board, hole), hole.Mount);
        if (Goes(hole, written, mount) is { } wrong)
        {
            // Of a screw that does not go in, its length tells nothing.
            yield return wrong;
            yield break;
        }

        if (written is null || ScrewFit.Of(board, hole) is not { } fit) yield break;
        var length = written.Length.Value;
        if (length < fit.Least - RoundingMm)
        {
            yield return new Judged(SeatRules.ScrewLength, hole, Case(),
                $"{written} is too short: {fit.Thread.Name} wants {Mm(fit.Least)} there to hold", [$"take one of {fit.Words}"], Severity.Fix);
        }
        else if (fit.Most is { } most && length > most + RoundingMm)
        {
            var ends = fit.Through is null ? $"it stops after {Mm(most)}, before it clamps the board"
                : fit.Behind is { } thing ? $"it comes out {Mm(length - fit.Through.Value)} behind the base, and {thing.Name} lies {Mm(thing.Free.Value)} behind it there"
                : $"it comes out {Mm(length - fit.Through.Value)} behind the base, where {Mm(most - fit.Through.Value)} is free";
            var isDangerous = fit.Behind?.Kind is BehindKind.Battery or BehindKind.Mains;
            yield return new Judged(SeatRules.ScrewLength, hole, Case(), $"{written} is too long: {ends}",
                [$"take one of {fit.Words}", "put a washer under its head"], isDangerous ? Severity.Stop : Severity.Fix);
        }

        ScrewLength Case() => new(hole.Number, written.Length, new Millimetres(fit.Least), fit.Most is { } longest ? new Millimetres(longest) : null);
    }

    private static Judged? Goes(HoleMeeting hole, Screw? written, Mount? mount)
    {
        if ((mount?.Kind == MountKind.Stud ? mount.Thread : written?.Thread ?? mount?.Thread) is not { } thread) return null;
        Judged Wrong(string words, params string[] remedies)
            => new(SeatRules.ScrewUnsuited, hole, new ScrewUnsuited(hole.Number, thread.Name, mount?.Id), words, remedies, Severity.Fix);
        if (thread.DiameterMm > hole.Hole.Diameter.Value + BoreErrorMm)
        {
            return Wrong($"{thread.Name} is {Mm(thread.DiameterMm)} thick and does not go through a hole of {hole.Hole.Diameter}",
                "a thinner one, and a standoff for it; never drill a hole of a board wider: copper lies round it");
        }

        if (mount is null || written is null || mount.Kind == MountKind.Stud) return null;
        if (mount.Thread is { } own && own != thread)
            return Wrong($"{thread.Name} does not go into the {own.Name} of its mounts: it binds after a turn or two and strips them", $"take {own.Name}", "put other standoffs in");
        if (mount.Kind != MountKind.Boss)
            return thread.Family == ScrewFamily.Machine ? null : Wrong($"{thread.Name} cuts its own way and spoils a thread that is there", "take the screw that the thread is made for");
        if (mount.Thread is not null) return null;
        if (thread.Family == ScrewFamily.Machine)
            return Wrong($"{thread.Name} finds no thread in a plain bore and cuts none", "take a self-tapping screw", "set a threaded insert in, and say so");
        var (from, to) = thread.PilotMm;
        return mount.Bore is not { } bore || (bore.Value >= from - BoreErrorMm && bore.Value <= to + BoreErrorMm) ? null
            : Wrong($"{thread.Name} wants a bore of {Mm(from)} to {Mm(to)}, and it is {bore}: {(bore.Value < from ? "the boss splits" : "it does not hold")}",
                bore.Value < from ? $"drill the bore to {Mm(to)}, or take a thinner screw" : "take a thicker screw, if the board's hole lets it through", "set a threaded insert in");
    }

    private static Finding Told(SeatedBoard board, Judged[] same)
        => Finding.Of(same[0].Rule, new HoleSubject(board.Board.Id, same[0].Hole.Number),
            $"{string.Join(", ", same.Select(told => told.Hole.Name))} of {board.Board.Name}: {same[0].Words}.", Evidence.Assumed, [.. same[0].Remedies]) with
        { Case = same[0].Case, Severity = same.Max(told => told.Severity) };

    private sealed record Judged(Rule Rule, HoleMeeting Hole, FindingCase Case, string Words, string[] Remedies, Severity Severity);
}
