using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Standing;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>All ways to seat a board on a plane that are worth a look: the exact search over turns, each judged by what it costs.</summary>
public static class Placements
{
    // So many pairs of a hole and a mount are searched to the last; of more, the best two numbers of holes met.
    private const int FewPairs = 400;
    private const int MostBlocked = 12;
    private const int MostJudged = 64;
    private const double RoundingMm = 1e-6;

    private static readonly ImmutableArray<double> Quarters = [0, 90, 180, 270];

    /// <summary>Finds them.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="part">The board.</param>
    /// <param name="plane">The plane.</param>
    /// <param name="angle">Another turn to try besides the four, in degrees; null for none.</param>
    /// <returns>Those that no other beats; empty when the board or the plane is not described.</returns>
    public static ImmutableArray<BoardPlacement> Of(Graft graft, string part, string plane, double? angle = null)
    {
        if (graft.FindPart(part) is not { } board || graft.Seating.FindPlane(plane) is not { } ground || (board.Holes.IsEmpty && board.Body is null)) return [];
        var mounts = ground.Mounts.Where(mount => mount.TakesScrew).Select(mount => mount.At).ToArray();
        var known = graft.Seating.SeatOf(part) ?? new BoardSeat(part, plane, default, 0);
        var holes = board.Holes.Select(hole => (new PlanPoint(hole.X, hole.Y), SeatedBoard.Slack(hole, known, ground))).ToArray();
        var outlook = Outlook.Of(graft, ground);
        var turns = angle is { } own && !Quarters.Contains(own) ? Quarters.Add(own) : Quarters;
        var ways = new List<BoardPlacement>();
        var (blocked, open) = (new List<(BoardSeat Seat, PlacementFit Fit)>(), new List<BoardSeat>());
        var band = holes.Length * mounts.Length <= FewPairs ? holes.Length : 1;
        var (goal, blockedGoal) = (new PlacementGoal(1, band), new PlacementGoal(1, 0));
        var searches = turns.Select(turn => known with { Plane = plane, TurnDegrees = turn })
            .Select(seat => (Seat: seat, Free: new TurnSearch(holes, mounts, seat.TurnDegrees, FreeSpace.Of(graft, seat), goal))).ToArray();
        foreach (var search in searches) search.Free.Cross();
        foreach (var search in searches) search.Free.Meet();
        foreach (var (seat, free) in searches)
        {
            ways.AddRange(free.Found.Select(fit => Free(board, outlook, seat with { At = fit.Shift }, fit)));
            if (AtOpening(board, outlook, seat) is { } bare) open.Add(bare);
            var anywhere = new TurnSearch(holes, mounts, seat.TurnDegrees, null, blockedGoal);
            anywhere.Cross();
            blocked.AddRange(anywhere.Found.Select(fit => (seat with { At = fit.Shift }, fit)));
        }

        if (graft.Seating.SeatOf(part) is { } now && now.Plane == plane) open.Add(now);
        // What meets more holes than anything free, but runs into something, is shown beside.
        var most = ways.Select(way => way.Met).DefaultIfEmpty(0).Max();
        var beside = blocked.Where(way => way.Fit.Pairs.Length > most).OrderByDescending(way => way.Fit.Pairs.Length).ThenBy(way => way.Fit.Worst)
            .Take(MostBlocked).Select(way => way.Seat);
        return Proven(graft, [.. ways, .. open.Concat(beside).Select(seat => Judge(graft, seat)).OfType<BoardPlacement>()]);
    }

    // What the search found is judged once more by everything before it is shown: on mounts of unequal height a board bends, which the search only knows in the
    // rough.
    private static ImmutableArray<BoardPlacement> Proven(Graft graft, List<BoardPlacement> ways)
    {
        var judged = new Dictionary<BoardSeat, BoardPlacement>();
        while (true)
        {
            var front = BoardPlacement.Pareto(ways);
            var doubtful = front.Where(way => !judged.ContainsKey(way.Seat)).Take(MostJudged - judged.Count).ToArray();
            if (doubtful.Length == 0) return [.. front.Where(way => judged.ContainsKey(way.Seat))];
            foreach (var way in doubtful) judged[way.Seat] = Judge(graft, way.Seat)!;
            ways = [.. ways.Select(way => judged.GetValueOrDefault(way.Seat, way))];
        }
    }

    /// <summary>What one way to seat a board costs; null when nothing is known of the board.</summary>
    public static BoardPlacement? Judge(Graft graft, BoardSeat seat)
    {
        var tried = graft with { Seating = graft.Seating with { Seats = [.. graft.Seating.Seats.Where(other => other.Part != seat.Part), seat] } };
        var boards = SeatedBoard.Of(tried);
        if (boards.FirstOrDefault(each => each.Seat == seat) is not { } board) return null;
        var window = PortWindow.Of(board);
        var met = board.Holes.Count(hole => hole.Mount is not null);
        var bodies = SolidBody.Of(tried, boards);
        var beneath = Beneath.Of(board, bodies);
        var mine = bodies.Where(body => body.Owner == seat.Part).ToImmutableArray();
        var inTheWay = Clash.Of(bodies).Count(clash => clash.Gap < -RoundingMm && (clash.One.Owner == seat.Part || clash.Other.Owner == seat.Part))
            + beneath.Count(under => under is { Kind: BeneathKind.Box, Verdict: BeneathVerdict.Shorts })
            + WallFindings.Of(tried, mine).Count(finding => finding.Rule == SeatRules.ThroughWall || finding.Case is UnderLid { IsLid: false });
        return new BoardPlacement(
            seat, met, board.Holes.Length - met, beneath.Count(under => under is { Kind: BeneathKind.Mount, Verdict: BeneathVerdict.Shorts }),
            window?.Offset, LooksOut(board.Board) && window is null, board.Shape.Difference(Shapes.Polygon(board.Plane.Outline)).Area, inTheWay);
    }

    private static BoardPlacement Free(Part board, Outlook outlook, BoardSeat seat, PlacementFit fit)
    {
        var window = PortWindow.Of(board, outlook, seat);
        return new BoardPlacement(
            seat, fit.Pairs.Length, board.Holes.Length - fit.Pairs.Length, fit.Shorts, window?.Offset, LooksOut(board) && window is null, 0, 0);
    }

    private static bool LooksOut(Part board) => board.Ports.Any(port => port.Place is { Faces: PortFacing.Rear });

    // Without a mount to go by, the ports are brought to their opening.
    private static BoardSeat? AtOpening(Part board, Outlook outlook, BoardSeat seat)
        => PortWindow.Of(board, outlook, seat) is { } window ? seat with { At = seat.At + window.Correction } : null;
}
