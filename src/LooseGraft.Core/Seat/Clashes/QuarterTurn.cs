using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Clashes;

/// <summary>Whether something that is in the way stands clear when it is turned by a quarter, about its middle or one of its corners.</summary>
internal static class QuarterTurn
{
    // What is nearly square gains nothing.
    private const double SquareMm = 0.5;
    private const double RoundingMm = 1e-6;

    /// <summary>Where it would lie then, in the frame of what it stands on; null where no turn helps.</summary>
    /// <param name="body">What is turned; a box.</param>
    /// <param name="bodies">Everything that takes up room.</param>
    /// <param name="plane">The plane.</param>
    public static PlanRectangle? Of(SolidBody body, ImmutableArray<SolidBody> bodies, MountPlane plane)
    {
        if (body.Kind != BodyKind.Box || body.Box is not { IsRound: false, IsMains: false } box || box.On != plane.Id
            || Math.Abs(box.Area.Width - box.Area.Depth) < SquareMm) return null;
        var (area, room) = (box.Area, PlanRectangle.Round(plane.Outline));
        var (width, depth) = (area.Depth, area.Width);
        var (right, front) = (area.X + area.Width - width, area.Y + area.Depth - depth);
        PlanRectangle[] turned =
        [
            new(area.Middle.X - (width / 2), area.Middle.Y - (depth / 2), width, depth),
            .. from x in new[] { area.X, right } from y in new[] { area.Y, front } select new PlanRectangle(x, y, width, depth),
        ];
        return turned.Where(place => Holds(room, place) && bodies.All(other => other.Id == body.Id || Clash.Between(Moved(body, place), other) is null))
            .Select(place => (PlanRectangle?)place).FirstOrDefault();
    }

    private static SolidBody Moved(SolidBody body, PlanRectangle place)
        => new(body.Name, body.Id, body.Owner, body.Plane, [.. place.Corners], body.From, body.To, body.Clearance, body.Kind, body.Box);

    private static bool Holds(PlanRectangle room, PlanRectangle place)
        => place.X >= room.X - RoundingMm && place.Y >= room.Y - RoundingMm && place.X + place.Width <= room.X + room.Width + RoundingMm
            && place.Y + place.Depth <= room.Y + room.Depth + RoundingMm;
}
