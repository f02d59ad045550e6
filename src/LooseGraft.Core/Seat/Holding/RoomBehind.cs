using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Holding;

/// <summary>How much is free behind a plane at one place.</summary>
/// <param name="Free">Millimetres from the far side of the plane to what lies there.</param>
/// <param name="Area">What lies there; null where only the plane's own figure tells.</param>
internal sealed record RoomBehind(double Free, BehindArea? Area)
{
    /// <summary>How far a drill runs on when it breaks through, in millimetres; a nut of M3 with the end of its bolt is as high (ISO 4032).</summary>
    public const double DrillMm = 3;

    // A pouch of a battery swells with age (common practice).
    private const double BatteryMm = 3;

    // A hand's error with punch and drill.
    private const double HandMm = 1;

    /// <summary>What of it may be used, in millimetres: a battery keeps some of it.</summary>
    public double Usable => Area?.Kind == BehindKind.Battery ? Math.Max(0, Free - BatteryMm) : Free;

    /// <summary>Whether to touch it hurts people or starts a fire.</summary>
    public bool IsDangerous => Area?.Kind is BehindKind.Battery or BehindKind.Mains;

    /// <summary>What is free at a place; null when nobody looked. Where something is written down, its own figure counts, and beside it the plane's,
    /// or what a tray stands on.</summary>
    /// <param name="plane">The plane.</param>
    /// <param name="at">The middle, in the plane's frame.</param>
    /// <param name="radius">How far round that it reaches, in millimetres.</param>
    public static RoomBehind? At(MountPlane plane, PlanPoint at, double radius)
    {
        var areas = plane.BehindAreas.Where(area => area.Area.DistanceTo(at) <= radius + HandMm).ToArray();
        var rooms = areas.Select(area => new RoomBehind(area.Free.Value, area));
        return ((plane.Behind ?? plane.Stand?.Height) is { } behind && !areas.Any(area => area.Area.Holds(at))
            ? rooms.Append(new RoomBehind(behind.Value, null)) : rooms)
            .MinBy(room => room.Usable);
    }
}
