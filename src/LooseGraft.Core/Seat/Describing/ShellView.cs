using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Describing;

/// <summary>A thing of a shell as it lies on the plan.</summary>
/// <param name="Thing">The thing.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Sort">What it is.</param>
/// <param name="Area">Where it is seen from above: of an opening in a wall the piece of the edge, of a lead what lies between its ends.</param>
public sealed record ShellView(ShellThing Thing, string Name, ShellSort Sort, PlanRectangle Area)
{
    // What an opening in a wall takes of the plan, so that it can be seen and chosen.
    private const double WallMm = 3;

    /// <summary>Everything that is described on a plane, the largest first.</summary>
    /// <param name="seating">Everything that is placed.</param>
    /// <param name="plane">The plane.</param>
    /// <param name="placeOf">Where a port lies on the plane; null where it has no place.</param>
    public static IEnumerable<ShellView> On(Seating seating, MountPlane plane, Func<PortId, PlanPoint?> placeOf)
        => Flat(plane).Concat(Boxes(seating, plane)).Concat(Leads(seating, plane, placeOf)).OrderByDescending(view => view.Area.Width * view.Area.Depth);

    private static IEnumerable<ShellView> Flat(MountPlane plane)
    {
        foreach (var mount in plane.Mounts)
        {
            var across = mount.Across.Value;
            yield return new ShellView(new ShellThing(ShellList.Mount, mount.Id), mount.Id, Enum.Parse<ShellSort>(mount.Kind.ToString()),
                new PlanRectangle(mount.At.X - (across / 2), mount.At.Y - (across / 2), across, across));
        }

        foreach (var opening in plane.Openings)
            yield return new ShellView(new ShellThing(ShellList.Opening, opening.Id), opening.Name, ShellSort.Opening, OnPlan(plane, opening));
        foreach (var (index, ceiling) in plane.Ceilings.Index())
            yield return new ShellView(new ShellThing(ShellList.Ceiling, index.ToInvariant()), ceiling.Name, ShellSort.Ceiling, ceiling.Area);
        foreach (var (index, behind) in plane.BehindAreas.Index())
            yield return new ShellView(new ShellThing(ShellList.Behind, index.ToInvariant()), behind.Name, ShellSort.Behind, behind.Area);
    }

    private static IEnumerable<ShellView> Boxes(Seating seating, MountPlane plane)
        => seating.Boxes.Where(box => box.On == plane.Id)
            .Select(box => new ShellView(new ShellThing(ShellList.Box, box.Id), box.Name, ShellSort.Box, box.Area));

    private static IEnumerable<ShellView> Leads(Seating seating, MountPlane plane, Func<PortId, PlanPoint?> placeOf)
        => from run in seating.Runs.Where(run => run.Plane == plane.Id)
           let ends = new[] { run.From, run.To }.Select(end => end.Port is { } port ? placeOf(port) : end.At).OfType<PlanPoint>().ToArray()
           where ends.Length > 0
           select new ShellView(new ShellThing(ShellList.Lead, run.Id), run.Name, ShellSort.Lead, PlanRectangle.Round(ends));

    private static PlanRectangle OnPlan(MountPlane plane, Opening opening)
    {
        var room = PlanRectangle.Round(plane.Outline);
        var (along, wide) = (opening.Area.X, opening.Area.Width);
        return opening.Wall switch
        {
            PlaneWall.Floor => opening.Area,
            PlaneWall.Rear => new PlanRectangle(along, room.Y - WallMm, wide, 2 * WallMm),
            PlaneWall.Front => new PlanRectangle(along, room.Y + room.Depth - WallMm, wide, 2 * WallMm),
            PlaneWall.Left => new PlanRectangle(room.X - WallMm, along, 2 * WallMm, wide),
            _ => new PlanRectangle(room.X + room.Width - WallMm, along, 2 * WallMm, wide),
        };
    }
}
