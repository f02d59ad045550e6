using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Cuts;
using LooseGraft.Core.Seat.Holding;
using LooseGraft.Core.Seat.Reach;

namespace LooseGraft.Core.Buy.Needs;

/// <summary>What holds the boards, what is cut for them, and what makes leads long enough.</summary>
internal static class SeatNeeds
{
    // What the chuck of a hand drill takes (common practice).
    private const double WidestDrillMm = 13;

    // A pack of glue lasts for so many pillars (common practice).
    private const double PillarsOfPack = 20;

    public static IEnumerable<(Ware Ware, NeedAsk Ask)> Of(Graft graft, SeatReview seat)
        => seat.Boards.SelectMany(Holding).Concat(seat.Boards.SelectMany(Plate)).Concat(CutList.Of(graft, seat).Select(Tools))
            .Concat(graft.Seating.Planes.SelectMany(Edges)).Concat(seat.Reaches.SelectMany(reach => Longer(graft, reach)));

    private static IEnumerable<(Ware, NeedAsk)> Holding(SeatedBoard board)
        => from hole in board.Holes
           from ware in new[] { ScrewOf(board, hole) }.OfType<Ware>().Concat(hole is { Mount: null, Method: { } method } ? By(board, hole, method) : [])
           select (ware, new NeedAsk(Stage.Seat, new HoleSubject(board.Board.Id, hole.Number), $"{hole.Name} of {board.Board.Name}",
               ware.Kind == WareKind.Glue ? 1 / PillarsOfPack : 1));

    // The longest that goes for sure: where nobody looked what lies behind, one that does not come out there.
    private static Ware? ScrewOf(SeatedBoard board, HoleMeeting hole)
    {
        if (ScrewFit.Of(board, hole) is not { } fit) return null;
        if (ScrewFit.Written(board, hole) is { } written)
            return new Ware(WareKind.Screw) { Thread = written.Thread, Least = written.Length, Most = written.Length };
        var most = fit.Sure ?? fit.Most ?? fit.Through;
        return most < fit.Least ? null
            : new Ware(WareKind.Screw) { Thread = fit.Thread, Least = Up(fit.Least), Most = most is { } longest ? Down(longest) : null };
    }

    private static IEnumerable<Ware> By(SeatedBoard board, HoleMeeting hole, MountMethod method)
    {
        var thread = board.ThreadOf(hole);
        var standoff = new Ware(WareKind.Standoff) { Thread = thread, Least = Round(board.Spacer), Most = Round(board.Spacer) };
        return method switch
        {
            MountMethod.Move => [Ware.Tool("nut driver")],
            MountMethod.DrillAndTap => [standoff, Ware.Tool($"tap {thread.Name}"), Ware.Tool("cutting oil")],
            MountMethod.ThroughBolt => [standoff, new Ware(WareKind.Nut) { Thread = thread }],
            MountMethod.Insert => [standoff, new Ware(WareKind.Insert) { Thread = thread }],
            MountMethod.AdhesivePillar => [standoff, new Ware(WareKind.Glue) { Word = "slow epoxy" }, Ware.Tool("abrasive and solvent wipe")],
            MountMethod.PlasticStud => [new Ware(WareKind.Stud)],
            MountMethod.Tie => [new Ware(WareKind.Tie)],
            MountMethod.Tray => [new Ware(WareKind.Sheet) { Word = "for a tray" }],
            _ => [],
        };
    }

    private static IEnumerable<(Ware, NeedAsk)> Plate(SeatedBoard board)
    {
        var ask = new NeedAsk(Stage.Seat, new SeatSubject(board.Board.Id), $"plate round the ports of {board.Board.Name}", 1);
        return board.Seat.Plate switch
        {
            IoPlate.Made => [(new Ware(WareKind.Sheet) { Word = "for a plate" }, ask), (Ware.Tool("snips and file"), ask)],
            IoPlate.CutFromOldCase => [(Ware.Tool("snips and file"), ask)],
            _ => [],
        };
    }

    private static (Ware, NeedAsk) Tools(Cut cut)
        => (Ware.Tool(cut.DrillMm is > 0 and <= WidestDrillMm ? FormattableString.Invariant($"drill {cut.DrillMm:0.##} mm") : cut.Tools),
            new NeedAsk(Stage.Seat, new PlaneSubject(cut.Plane.Id), cut.Name, 1));

    // A lead that lies on a cut edge of metal is cut by it.
    private static IEnumerable<(Ware, NeedAsk)> Edges(MountPlane plane)
        => from opening in plane.Openings
           where opening is { IsToCut: true, Kind: OpeningKind.Way } && plane.SheetOf(opening.Wall).IsMetal
           select (new Ware(WareKind.Grommet) { Word = "edge strip" }, new NeedAsk(Stage.Seat, new PlaneSubject(plane.Id), opening.Name, 1));

    private static IEnumerable<(Ware, NeedAsk)> Longer(Graft graft, LeadReach reach)
    {
        if (reach is not { Verdict: ReachVerdict.FallsShort, Run.IsMakersOwn: false, Spare: { } spare }) yield break;
        if ((reach.Run.From.Port ?? reach.Run.To.Port) is not { } at || graft.FindPort(at) is not { } port) yield break;
        yield return (new Ware(WareKind.Extension) { Word = port.Type.Id, Least = new Millimetres(Math.Ceiling(-spare)) },
            new NeedAsk(Stage.Seat, new RunSubject(reach.Run.Id), reach.Run.Name, 1));
    }

    private static Millimetres Round(double millimetres) => new(Math.Round(millimetres, 1));

    private static Millimetres Up(double millimetres) => new(Math.Ceiling(Math.Round(millimetres * 10, 6)) / 10);

    private static Millimetres Down(double millimetres) => new(Math.Floor(Math.Round(millimetres * 10, 6)) / 10);
}
