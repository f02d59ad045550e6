using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Standing;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>All ways to seat a board on a plane that are worth a look: the exact search over turns, each judged by what it costs.</summary>
public static class Placements
{
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
        var holes = board.Holes.Select(hole => (new PlanPoint(hole.X, hole.Y), SeatedBoard.Slack(hole))).ToArray();
        var known = graft.Seating.SeatOf(part) ?? new BoardSeat(part, plane, default, 0);
        var turns = angle is { } own && !Quarters.Contains(own) ? Quarters.Add(own) : Quarters;
        var seats = new List<BoardSeat>();
        foreach (var turn in turns)
        {
            seats.AddRange(PlacementSearch.Of(holes, mounts, turn, band: holes.Length)
                .Select(fit => known with { Plane = plane, At = fit.Shift, TurnDegrees = turn }));
            if (AtOpening(board, ground, known with { Plane = plane, TurnDegrees = turn }) is { } bare) seats.Add(bare);
        }

        return BoardPlacement.Pareto(seats.Select(seat => Judge(graft, seat)).OfType<BoardPlacement>());
    }

    /// <summary>What one way to seat a board costs; null when nothing is known of the board.</summary>
    public static BoardPlacement? Judge(Graft graft, BoardSeat seat)
    {
        var tried = graft with { Seating = graft.Seating with { Seats = [.. graft.Seating.Seats.Where(other => other.Part != seat.Part), seat] } };
        if (SeatedBoard.At(tried, seat) is not { } board) return null;
        var (window, looksOut) = (PortWindow.Of(board), board.Board.Ports.Any(port => port.Place is { Faces: PortFacing.Rear }));
        var met = board.Holes.Count(hole => hole.Mount is not null);
        return new BoardPlacement(
            seat, met, board.Holes.Length - met, Beneath.OfMounts(board).Count(under => under.Verdict == BeneathVerdict.Shorts), window?.Offset,
            looksOut && window is null,
            board.Shape.Difference(Shapes.Polygon(board.Plane.Outline)).Area,
            Clash.Of(SolidBody.Of(tried)).Count(clash => clash.Gap < 0 && (clash.One.Owner == seat.Part || clash.Other.Owner == seat.Part)));
    }

    // Without a mount to go by, the ports are brought to their opening.
    private static BoardSeat? AtOpening(Part board, MountPlane plane, BoardSeat seat)
    {
        if (SeatedBoard.At(new Graft("", new Machine(""), new Machine("")) { Parts = [board], Seating = new Seating { Planes = [plane] } },
            seat) is not { } seated || PortWindow.Of(seated) is not { } window) return null;
        return seat with { At = seat.At + window.Correction };
    }
}
