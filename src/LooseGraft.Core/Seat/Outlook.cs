using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat;

/// <summary>The walls that the ports of boards on a plane look at: its own, or those of the plane that it stands on where the tray has no opening for ports
/// itself.</summary>
/// <param name="Plane">The plane whose walls they are.</param>
/// <param name="Stand">How the boards' plane stands on it; null where it is the same.</param>
/// <param name="Rise">From that plane up to the boards' own, in millimetres.</param>
public sealed record Outlook(MountPlane Plane, PlaneStand? Stand, double Rise)
{
    /// <summary>What boards on a plane look at.</summary>
    public static Outlook Of(Graft graft, MountPlane plane)
        => plane.Stand is { } stand && !plane.Openings.Any(opening => opening.Kind == OpeningKind.Ports) && graft.Seating.FindPlane(stand.Plane) is { } below
            ? new Outlook(below, stand, stand.Height.Value + plane.Thickness.Value) : new Outlook(plane, null, 0);

    /// <summary>A seat on the boards' plane, in the frame of the walls.</summary>
    public BoardSeat Seat(BoardSeat seat)
        => Stand is null ? seat : seat with { Plane = Plane.Id, At = Stand.Place(seat.At), TurnDegrees = seat.TurnDegrees + Stand.TurnDegrees };

    /// <summary>A move in the frame of the walls, as a move on the boards' plane.</summary>
    public PlanPoint Back(PlanPoint move) => Stand is null ? move : move.Turned(-Stand.TurnDegrees);
}
