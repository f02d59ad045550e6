using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on things that want the same room, and on the lid.</summary>
internal static class RoomFindings
{
    public static IEnumerable<Finding> Of(Graft graft, ImmutableArray<SeatedBoard> boards, ImmutableArray<SolidBody> bodies, ImmutableArray<Clash> clashes)
    {
        foreach (var clash in clashes)
        {
            yield return clash.Gap < -1e-9
                ? Finding.Of(SeatRules.Clash, Subject(clash), new SameRoom(clash.One.Id, clash.Other.Id, new Millimetres(-clash.Gap)),
                    $"{clash.One.Name} and {clash.Other.Name} want the same room: {Mm(-clash.Gap)} too much.", Evidence.Assumed, Remedies(clash))
                : Finding.Of(SeatRules.TooClose, Subject(clash),
                    new TooClose(clash.One.Id, clash.Other.Id, new Millimetres(clash.Gap), new Millimetres(clash.Needed)),
                    $"{clash.One.Name} comes within {Mm(clash.Gap)} of {clash.Other.Name}; clearance and tolerance ask for {Mm(clash.Needed)}.",
                    Evidence.Assumed, Remedies(clash));
        }

        foreach (var body in bodies)
        {
            if (graft.Seating.FindPlane(body.Plane) is { } plane && Ceiling(plane, body) is var (name, free) && free < body.To)
            {
                yield return Finding.Of(
                    SeatRules.UnderLid, body.Box is null ? new SeatSubject(body.Owner) : new BoxSubject(body.Id),
                    new UnderLid(body.Id, new Millimetres(body.To), new Millimetres(free)),
                    $"{body.Name} stands {Mm(body.To)} above {plane.Name}, and under {name} only {Mm(free)} is free: {Mm(body.To - free)} too tall.",
                    Evidence.Assumed,
                    body.IsPlug ? "use a right-angle plug" : "choose a lower one, or move it", $"measure the room under {name} again");
            }
        }

        foreach (var (board, hole, body) in from board in boards from hole in board.Holes from body in bodies select (board, hole, body))
        {
            if (HoldFindings.NearBox(board, hole, body) is { } finding) yield return finding;
        }
    }

    /// <summary>The lowest thing above a body.</summary>
    public static (string Name, double Free)? Ceiling(MountPlane plane, SolidBody body)
    {
        var shape = Shapes.Polygon(body.Footprint);
        var lows = plane.Ceilings.Where(ceiling => Shapes.Polygon(ceiling.Area.Corners).Intersection(shape).Area > 1e-6)
            .Select(ceiling => (ceiling.Name, Free: ceiling.Height.Value));
        var all = plane.Lid is { } lid && !plane.Ceilings.Any(ceiling => Shapes.Polygon(ceiling.Area.Corners).Covers(shape))
            ? lows.Append(("the lid", lid.Value))
            : lows;
        return all.OrderBy(low => low.Item2).Select(low => ((string, double)?)low).FirstOrDefault();
    }

    private static Subject Subject(Clash clash)
        => clash.Other.Box is not null ? new BoxSubject(clash.Other.Id) : clash.One.Box is not null ? new BoxSubject(clash.One.Id)
        : new SeatSubject(clash.One.Owner);

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
