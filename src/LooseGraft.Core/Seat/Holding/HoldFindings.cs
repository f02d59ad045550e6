using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat.Holding;

/// <summary>Rules on what holds a board, and what joins it to the metal.</summary>
internal static class HoldFindings
{
    // From the nearest support to a corner or to where a plug is pushed down; beyond it a 1.6 mm board bends visibly (common practice).
    private const double SpanMm = 60;

    private const double HotMm = 30;

    // A mount farther off than this is another hole's.
    private const double NearMm = 15;

    public static IEnumerable<Finding> Of(SeatedBoard board)
    {
        var subject = new SeatSubject(board.Board.Id);
        var evidence = board.Board.Body?.Evidence ?? Evidence.Assumed;
        foreach (var hole in board.Holes.Where(hole => hole.Mount is null && hole.Method is null))
        {
            var near = hole.NearestOff is { } off and < NearMm ? new Millimetres(off) : (Millimetres?)null;
            yield return Finding.Of(SeatRules.HoleUndecided, new HoleSubject(board.Board.Id, hole.Number), new HoleUndecided(hole.Number, near),
                hole.Under is { } plain
                    ? $"Hole {hole.Name} of {board.Board.Name} rests on {plain.Id}, which has no thread, and nothing is decided that holds it down."
                    : $"Hole {hole.Name} of {board.Board.Name} meets no mount{(near is { } mount ? $"; the nearest mount is {Mm(mount.Value)} off" : "")}, and nothing is decided that holds it.", evidence,
                "choose what holds it", "seat the board so that it meets one");
        }

        if (!board.Holes.Any(hole => hole.IsHeld))
        {
            yield return board.Holes.IsEmpty
                ? Finding.Of(SeatRules.NothingHolds, subject, new NothingHolds(board.Board.Id),
                    $"No hole of {board.Board.Name} is written down, so whether anything holds it is not known.", Evidence.Assumed,
                    "write its holes down in the lists, or measure them") with
                { Severity = Severity.Check }
                : Finding.Of(SeatRules.NothingHolds, subject, new NothingHolds(board.Board.Id),
                    $"Nothing holds {board.Board.Name}: loose, it slides onto what shorts it.", evidence, "choose what holds it at three holes or more before first power");
        }

        foreach (var hole in board.Holes)
        {
            if (hole.Mount is not null || hole.Method is not { } method) continue;
            var (wrong, behind) = (Wrong(board, hole, method), IntoWhatIsBehind(board, hole, method, evidence));
            if (behind is not null && (wrong is null || behind.Severity == Severity.Stop)) yield return behind;
            else if (wrong is not null) yield return MethodFinding(board, hole, method, wrong, evidence);
        }

        if (board.Holes.Any(hole => hole.IsHeld) && !IsHeldAsMade(board) && Unsupported(board) is { } place)
            yield return Finding.Of(SeatRules.SpanUnsupported, subject, new SpanUnsupported(new Millimetres(place.Far), new Millimetres(SpanMm)),
                $"{place.Where} of {board.Board.Name} is {Mm(place.Far)} from the nearest support: the board bends when something is pushed in there.",
                evidence, "fit a support nearer by; a plastic stud that only keeps the distance will do");
        if (Ground(board) is { } words)
            yield return Finding.Of(SeatRules.NothingGrounds, subject, new NothingGrounds(board.Board.Id, board.Plane.Id), words, evidence,
                "screw it to one metal standoff at a hole that has a bare ring of copper", "join one such ring to the metal with a ring tag and a short wire, and say so beside its plate",
                "where its ports' shields press on bare metal, or a spring does it, say so there");
    }

    private static string? Wrong(SeatedBoard board, HoleMeeting hole, MountMethod method)
    {
        var plane = board.Plane;
        return method switch
        {
            MountMethod.DrillAndTap when !plane.IsMetal => "threads do not hold in what the base is made of",
            MountMethod.DrillAndTap when plane.Thickness.Value < board.ThreadOf(hole).LeastHoldMm => $"{plane.Thickness} of metal holds fewer than three threads of {board.ThreadOf(hole).Name}",
            MountMethod.Insert when plane.IsMetal => "an insert does not hold in sheet metal",
            MountMethod.Insert when plane.Thickness.Value < 5 => $"the base is {plane.Thickness} thick, and an insert wants about 5 mm",
            _ => null,
        };
    }

    // A drill that breaks through does not know what it meets.
    private static Finding? IntoWhatIsBehind(SeatedBoard board, HoleMeeting hole, MountMethod method, Evidence evidence)
    {
        if (board.HeldBy(hole)?.DrillMm is not (> 0 and var drill)
            || RoomBehind.At(board.Plane, hole.At, drill / 2) is not { Usable: < RoomBehind.DrillMm } room)
            return null;
        var because = room.Area is { } area ? $"{area.Name} lies {Mm(room.Free)} behind the base there, and a drill runs on"
            : $"only {Mm(room.Free)} is free behind the base for a nut or a drill";
        var finding = MethodFinding(board, hole, method, because, evidence);
        return room.IsDangerous ? finding with
        {
            Severity = Severity.Stop,
            Remedies = [$"take {room.Area!.Name} out before anything is drilled there", .. finding.Remedies]
        } : finding;
    }

    /// <summary>What is wrong with a way of holding near something hot or heavy; null when nothing is.</summary>
    public static Finding? NearBox(SeatedBoard board, HoleMeeting hole, Clashes.SolidBody body)
    {
        if (hole.Mount is not null || hole.Method is null || body.Box is not { } box || body.Plane != board.Plane.Id || !(box.IsHot || box.IsHeavy))
            return null;
        var far = Shapes.Polygon(body.Footprint).Distance(Shapes.Point(hole.At));
        var because = hole.Method switch
        {
            MountMethod.AdhesivePillar or MountMethod.Tie when box.IsHot && far < HotMm => $"{box.Name} gets hot {Mm(far)} away, and softens it",
            MountMethod.AdhesivePillar or MountMethod.Tie when box.IsHeavy && box.On == board.Board.Id
                => $"{box.Name} hangs on the board, and it does not hold that",
            MountMethod.PlasticStud when box.IsHeavy && box.On == board.Board.Id && !IsBorne(board, body)
                => $"{box.Name} hangs on the board, and it does not hold that",
            _ => null,
        };
        return because is null ? null : MethodFinding(board, hole, hole.Method!.Value, because, Evidence.Assumed);
    }

    private static Finding MethodFinding(SeatedBoard board, HoleMeeting hole, MountMethod method, string because, Evidence evidence)
        => Finding.Of(SeatRules.MountMethodWrong, new HoleSubject(board.Board.Id, hole.Number), new MethodWrong(hole.Number, method),
            $"{board.HeldBy(hole)!.Name} at {hole.Name}: {because}.", evidence, "choose another way to hold it");

    // Screwed at every hole that its maker gave it: a plug far from all of them is his design, and no fault of this shell.
    private static bool IsHeldAsMade(SeatedBoard board)
        => board.Holes.All(Bears) && Shapes.Hull(board.Holes.Select(hole => hole.At)).Covers(board.Shape.Centroid);

    // Bolts round it bear what is heavy; a stud between them only keeps the distance.
    private static bool IsBorne(SeatedBoard board, Clashes.SolidBody heavy)
        => board.Holes.Where(Bears).Select(hole => hole.At).ToArray() is { Length: > 1 } bolted
            && Shapes.Hull(bolted).Distance(Shapes.Point(heavy.Bounds.Middle)) <= SpanMm;

    private static bool Bears(HoleMeeting hole) => hole.Mount is not null || (hole.Method is { } method && MountMethodFact.Of(method).Bears);

    private static (string Where, double Far)? Unsupported(SeatedBoard board)
    {
        var supports = board.Holes.Where(hole => hole.IsHeld).Select(hole => hole.At).Concat(board.Standing.Places.Select(place => place.At)).ToArray();
        double Far(PlanPoint place) => supports.Min(place.To);
        var pushed = board.Board.Ports.Where(port => port.Place is { Faces: PortFacing.Up })
            .Select(port => (Where: $"The {port.Name}", Far: Far(board.Seat.Place(port.Place!.At))))
            .Concat(board.Outline.Select(corner => (Where: $"The corner at {corner}", Far: Far(corner))));
        var worst = pushed.MaxBy(place => place.Far);
        return worst.Far > SpanMm ? worst : null;
    }

    private static string? Ground(SeatedBoard board)
    {
        if (!board.Plane.IsMetal || board.Holes.IsEmpty || board.Seat.Ground is not null
            || board.Holes.Any(hole => hole.Mount is { CanShort: true } || (hole.Method is { } method && MountMethodFact.Of(method).Grounds))) return null;
        return board.Holes.Any(hole => hole.IsHeld)
            ? $"Nothing that holds {board.Board.Name} joins its ground to the metal of {board.Plane.Name}: the shields of its ports find their own way, often through a lead. This is not the protective earth of a mains shell, which is work for a qualified person."
            : null;
    }
}
