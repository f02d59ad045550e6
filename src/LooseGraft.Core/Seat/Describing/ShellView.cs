using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Describing;

/// <summary>A thing of a shell, or of a board, as it lies on the plan.</summary>
/// <param name="Thing">The thing.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Sort">What it is.</param>
/// <param name="Area">Where it is seen from above: of an opening in a wall the piece of the edge, of a lead what lies between its ends.</param>
public sealed record ShellView(ShellThing Thing, string Name, ShellSort Sort, PlanRectangle Area)
{
    // What an opening in a wall and the face of a port take of the plan, so that they can be seen and chosen.
    private const double WallMm = 3;

    /// <summary>Everything that is described on a plane, the largest first.</summary>
    /// <param name="seating">Everything that is placed.</param>
    /// <param name="plane">The plane.</param>
    /// <param name="placeOf">Where a port lies on the plane; null where it has no place.</param>
    public static IEnumerable<ShellView> On(Seating seating, MountPlane plane, Func<PortId, PlanPoint?> placeOf)
        => Flat(plane).Concat(Boxes(seating, plane)).Concat(Leads(seating, plane, placeOf)).OrderByDescending(view => view.Area.Width * view.Area.Depth);

    /// <summary>Everything that is described on a board, the largest first.</summary>
    public static IEnumerable<ShellView> On(Part board)
        => Holes(board).Concat(Zones(board)).Concat(Ports(board)).OrderByDescending(view => view.Area.Width * view.Area.Depth);

    /// <summary>The face of a port seen from above: along the edge that it faces, and as deep as is easily seen.</summary>
    public static PlanRectangle FaceOf(PortPlace place)
    {
        var (along, deep) = (place.Width.Value, 2 * WallMm);
        var (width, depth) = place.Faces is PortFacing.Left or PortFacing.Right ? (deep, along) : (along, deep);
        return new PlanRectangle(place.At.X - (width / 2), place.At.Y - (depth / 2), width, depth);
    }

    private static IEnumerable<ShellView> Holes(Part board)
        => board.Holes.Select((hole, index) => new ShellView(new ShellThing(ShellList.Hole, index.ToInvariant()), $"h{index + 1}", ShellSort.Hole,
            new PlanRectangle(hole.X - (hole.Diameter.Value / 2), hole.Y - (hole.Diameter.Value / 2), hole.Diameter.Value, hole.Diameter.Value)));

    private static IEnumerable<ShellView> Zones(Part board)
        => (board.Body?.Zones ?? []).Select((zone, index)
            => new ShellView(new ShellThing(ShellList.Zone, index.ToInvariant()), zone.Name, Enum.Parse<ShellSort>(zone.Kind.ToString()), zone.Area));

    private static IEnumerable<ShellView> Ports(Part board)
        => from port in board.Ports
           where port.Place is not null
           select new ShellView(new ShellThing(ShellList.Port, port.Id), port.Name, ShellSort.Port, FaceOf(port.Place!));

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
        var room = plane.Bounds;
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
