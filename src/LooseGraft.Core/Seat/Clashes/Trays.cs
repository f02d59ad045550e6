using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Clashes;

/// <summary>Trays that stand on another plane: what is on them takes up room there as well, under that plane's lid and between its walls.</summary>
internal static class Trays
{
    /// <summary>Every tray, and all that is on it, in the frame of the plane that it stands on.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="bodies">Everything that takes up room, each on its own plane.</param>
    public static IEnumerable<SolidBody> Of(Graft graft, IReadOnlyCollection<SolidBody> bodies)
        => from tray in graft.Seating.Planes
           let stand = tray.Stand
           where stand is not null && graft.Seating.FindPlane(stand.Plane) is not null
           from body in bodies.Where(body => body.Plane == tray.Id).Select(body => Lifted(body, tray, stand)).Prepend(Sheet(tray, stand))
           select body;

    private static SolidBody Sheet(MountPlane tray, PlaneStand stand)
    {
        ImmutableArray<PlanPoint> corners = [.. tray.Outline.Select(stand.Place)];
        var box = new SeatBox(tray.Id, tray.Name, stand.Plane, PlanRectangle.Round(corners)) { IsMetal = tray.IsMetal };
        return new SolidBody(
            tray.Name, tray.Id, stand.Plane, stand.Plane, corners, stand.Height.Value,
                stand.Height.Value + tray.Thickness.Value, 0, BodyKind.Tray, box)
        { Via = tray.Id };
    }

    private static SolidBody Lifted(SolidBody body, MountPlane tray, PlaneStand stand)
    {
        var up = stand.Height.Value + tray.Thickness.Value;
        return new SolidBody(
            body.Name, body.Id, body.Owner, stand.Plane, [.. body.Footprint.Select(stand.Place)], body.From + up,
                body.To + up, body.Clearance, body.Kind, body.Box)
        { Via = tray.Id };
    }
}
