using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>Where a wall has room for one more opening.</summary>
internal static class FreeWall
{
    // Less sheet than this between two openings, or at an edge, bends (common practice).
    private const double RimMm = 10;
    private const double StepMm = 5;

    /// <summary>The highest place for it, and of those the first along the wall; null for none, or where the height of the wall is not known.</summary>
    /// <param name="plane">The plane that the wall stands round.</param>
    /// <param name="wall">The wall.</param>
    /// <param name="width">Along it, in millimetres.</param>
    /// <param name="height">Up it, in millimetres.</param>
    public static PlanRectangle? Place(MountPlane plane, PlaneWall wall, double width, double height)
    {
        if (plane.Lid is not { } lid || wall == PlaneWall.Floor) return null;
        var bounds = plane.Bounds;
        var (from, long_) = wall is PlaneWall.Rear or PlaneWall.Front ? (bounds.X, bounds.Width) : (bounds.Y, bounds.Depth);
        var taken = plane.Openings.Where(opening => opening.Wall == wall).Select(opening => opening.Area).ToArray();
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
