using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Holding;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on things that want the same room.</summary>
internal static class RoomFindings
{
    public static IEnumerable<Finding> Of(ImmutableArray<SeatedBoard> boards, ImmutableArray<SolidBody> bodies, ImmutableArray<Clash> clashes)
    {
        foreach (var clash in clashes)
        {
            var remedies = Remedies(clash);
            yield return clash.Gap < -1e-9
                ? Finding.Of(SeatRules.Clash, Subject(clash), new SameRoom(clash.One.Id, clash.Other.Id, new Millimetres(-clash.Gap)),
                    clash.Shorts
                        ? $"{clash.One.Name} and {clash.Other.Name} want the same room: {Mm(-clash.Gap)} too much, and bare metal shorts what it touches."
                        : $"{clash.One.Name} and {clash.Other.Name} want the same room: {Mm(-clash.Gap)} too much.", Evidence.Assumed, remedies) with
                {
                    Severity = clash.Shorts ? Severity.Stop : Severity.Fix,
                }
                : Finding.Of(SeatRules.TooClose, Subject(clash),
                    new TooClose(clash.One.Id, clash.Other.Id, new Millimetres(clash.Gap), new Millimetres(clash.Needed)),
                    $"{clash.One.Name} comes within {Mm(clash.Gap)} of {clash.Other.Name}; clearance and tolerance ask for {Mm(clash.Needed)}.",
                    Evidence.Assumed, remedies);
        }

        foreach (var (board, hole, body) in from board in boards from hole in board.Holes from body in bodies select (board, hole, body))
        {
            if (HoldFindings.NearBox(board, hole, body) is { } finding) yield return finding;
        }
    }

    private static Subject Subject(Clash clash) => clash.Other.Box is null && clash.One.Box is not null ? clash.One.Subject : clash.Other.Subject;

    private static ImmutableArray<string> Remedies(Clash clash)
    {
        // The second is told to move, unless only the first is a thing that can.
        var (moved, sign) = clash.Other.Box is null && clash.One.Box is not null ? (clash.One, -1) : (clash.Other, 1);
        var remedies = ImmutableArray.CreateBuilder<string>();
        if (clash.One.IsPlug || clash.Other.IsPlug) remedies.Add("use a right-angle plug or lead");
        remedies.Add($"move {moved.Name} {new ClashMove(sign * clash.Aside.X, sign * clash.Aside.Y, 0)}, or {new ClashMove(0, 0, sign * clash.Upright.Up)}");
        if (clash.One.Box?.Part is not null || clash.Other.Box?.Part is not null) remedies.Add("choose a smaller part, or a riser that takes it elsewhere");
        return remedies.ToImmutable();
    }
}
