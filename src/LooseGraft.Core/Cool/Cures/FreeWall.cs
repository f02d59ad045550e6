using LooseGraft.Core.Model;
using LooseGraft.Core.Seat;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>Where a wall has room for one more opening.</summary>
internal static class FreeWall
{
    // Less sheet than this between two openings, or at an edge, bends (common practice).
    private const double RimMm = 10;
    private const double StepMm = 5;

    // What stands nearer to the wall takes the air of an opening before it (common practice); and a cutter that breaks through meets nothing, mains least.
    private const double NearMm = 15;

    /// <summary>The highest place for it, and of those the first along the wall; null for none, or where the height of the wall is not known.</summary>
    /// <param name="seating">What stands on planes.</param>
    /// <param name="plane">The plane that the wall stands round.</param>
    /// <param name="wall">The wall.</param>
    /// <param name="width">Along it, in millimetres.</param>
    /// <param name="height">Up it, in millimetres.</param>
    public static PlanRectangle? Place(Seating seating, MountPlane plane, PlaneWall wall, double width, double height)
    {
        if (plane.Lid is not { } lid || wall == PlaneWall.Floor) return null;
        var bounds = plane.Bounds;
        var isAcross = wall is PlaneWall.Rear or PlaneWall.Front;
        var (from, long_) = isAcross ? (bounds.X, bounds.Width) : (bounds.Y, bounds.Depth);
        var near = from box in seating.Boxes
                   where box.On == plane.Id && Walls.Distance([.. box.Area.Corners], plane, wall) < NearMm
                   select isAcross ? new PlanRectangle(box.Area.X, box.From.Value, box.Area.Width, box.Height.Value)
                       : new PlanRectangle(box.Area.Y, box.From.Value, box.Area.Depth, box.Height.Value);
        var taken = plane.Openings.Where(opening => opening.Wall == wall).Select(opening => opening.Area).Concat(near).ToArray();
        for (var up = lid.Value - RimMm - height; up >= RimMm; up -= StepMm)
        {
            for (var along = from + RimMm; along + width + RimMm <= from + long_; along += StepMm)
            {
                var place = new PlanRectangle(along, up, width, height);
                if (!taken.Any(other => Meets(place, other))) return place;
            }
        }

        return null;
    }

    private static bool Meets(PlanRectangle one, PlanRectangle other)
        => one.X < other.X + other.Width + RimMm && other.X < one.X + one.Width + RimMm
            && one.Y < other.Y + other.Depth + RimMm && other.Y < one.Y + one.Depth + RimMm;
}
