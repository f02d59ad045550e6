using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Seat.Describing;

/// <summary>What a thing begins as when it is put down on a plan: figures to be corrected, marked as assumed where a thing has a mark for that.</summary>
internal static class PutDown
{
    // A drag that is shorter is a press.
    private const double LeastDragMm = 3;

    // Nearer to an edge than this, an opening is meant for the wall that stands there.
    private const double WallMm = 4;

    private const double WallOpeningHeight = 20;

    // Nearer to an edge than this, a port looks over it.
    private const double NearEdgeMm = 8;

    // For an M3 screw, with some play (common practice).
    private static readonly Millimetres UsualHole = new(3.2);
    private static readonly Millimetres UsualTall = new(15);
    private static readonly Millimetres UsualLid = new(40);
    private static readonly Millimetres UsualBehind = new(5);

    /// <summary>The graft with one more thing on a plane or a board, and what it is called; nothing where there is neither.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="of">The plane or the board.</param>
    /// <param name="sort">What is put down.</param>
    /// <param name="from">Where.</param>
    /// <param name="to">Where the hand was lifted again; the same place for a press.</param>
    /// <param name="port">The port whose place it is.</param>
    public static (Graft Graft, ShellThing Thing)? On(Graft graft, string of, ShellSort sort, PlanPoint from, PlanPoint to, string? port)
    {
        if (sort >= ShellSort.Hole) return graft.FindPart(of) is { } board ? OnBoard(graft, board, sort, from, to, port) : null;
        if (graft.Seating.FindPlane(of) is not { } plane) return null;
        var (seating, thing) = On(graft.Seating, plane, sort, from, to);
        return (graft with { Seating = seating }, thing);
    }

    private static (Graft Graft, ShellThing Thing)? OnBoard(Graft graft, Part board, ShellSort sort, PlanPoint from, PlanPoint to, string? port)
    {
        if (sort == ShellSort.Hole)
        {
            var hole = new MountHole(from.X, from.Y, board.Holes.LastOrDefault()?.Diameter ?? UsualHole);
            return (graft.WithPart(board.Id, part => part with { Holes = part.Holes.Add(hole) }),
                new ShellThing(ShellList.Hole, board.Holes.Length.ToInvariant()));
        }

        if (sort == ShellSort.Port)
        {
            if (board.Ports.All(each => each.Id != port)) return null;
            var place = new PortPlace(from, Facing(board, from));
            return (graft.WithPort(new PortId(board.Id, port!), found => found with { Place = place }), new ShellThing(ShellList.Port, port!));
        }

        if (board.Body is not { } body) return null;
        var kind = Enum.Parse<BodyZoneKind>(sort.ToString());
        var zone = new BodyZone(kind, $"{ShellWords.Plain(sort)} {body.Zones.Length + 1}", Area(from, to, 20, 20))
        {
            Height = kind switch
            {
                BodyZoneKind.Tall => UsualTall,
                BodyZoneKind.Below or BodyZoneKind.Aerial => UsualBehind,
                _ => default,
            },
        };
        return (graft.WithPart(board.Id, part => part with { Body = body with { Zones = body.Zones.Add(zone) } }),
            new ShellThing(ShellList.Zone, body.Zones.Length.ToInvariant()));
    }

    // At an edge it looks over it.
    private static PortFacing Facing(Part board, PlanPoint at)
    {
        if (board.Body is not { } body) return PortFacing.Up;
        var (far, wall) = Nearest(PlanRectangle.Round(body.Outline), at);
        return far > NearEdgeMm ? PortFacing.Up : Enum.Parse<PortFacing>(wall.ToString());
    }

    private static (double Far, PlaneWall Wall) Nearest(PlanRectangle room, PlanPoint at)
    {
        (double Far, PlaneWall Wall)[] walls =
        [
            (at.Y - room.Y, PlaneWall.Rear), (room.Y + room.Depth - at.Y, PlaneWall.Front),
            (at.X - room.X, PlaneWall.Left), (room.X + room.Width - at.X, PlaneWall.Right),
        ];
        return walls.MinBy(each => each.Far);
    }

    private static (Seating Seating, ShellThing Thing) On(Seating seating, MountPlane plane, ShellSort sort, PlanPoint from, PlanPoint to)
    {
        switch (sort)
        {
            case ShellSort.Opening:
                var opening = Opening(plane, from, to);
                return (With(found => found with { Openings = found.Openings.Add(opening) }), new ShellThing(ShellList.Opening, opening.Id));
            case ShellSort.Ceiling:
                var ceiling = new Ceiling($"ceiling {plane.Ceilings.Length + 1}", Area(from, to, 60, 20), plane.Lid ?? UsualLid);
                return (With(found => found with { Ceilings = found.Ceilings.Add(ceiling) }),
                    new ShellThing(ShellList.Ceiling, plane.Ceilings.Length.ToInvariant()));
            case ShellSort.Behind:
                var named = $"thing behind {plane.BehindAreas.Length + 1}";
                var behind = new BehindArea(named, Area(from, to, 40, 30), plane.Behind ?? UsualBehind, BehindKind.Thing);
                return (With(found => found with { BehindAreas = found.BehindAreas.Add(behind) }),
                    new ShellThing(ShellList.Behind, plane.BehindAreas.Length.ToInvariant()));
            case ShellSort.Box:
                var id = ShellThings.Fresh("box1", seating.Boxes.Select(each => each.Id));
                var box = new SeatBox(id, Named(id), plane.Id, Area(from, to, 40, 40)) { Height = new Millimetres(40) };
                return (seating with { Boxes = seating.Boxes.Add(box) }, new ShellThing(ShellList.Box, id));
            case ShellSort.Lead:
                var lead = ShellThings.Fresh("lead1", seating.Runs.Select(each => each.Id));
                return (seating with { Runs = seating.Runs.Add(new LeadRun(lead, Named(lead), plane.Id, End(from), End(to))) },
                    new ShellThing(ShellList.Lead, lead));
            default:
                var mount = Mount(plane, Enum.Parse<MountKind>(sort.ToString()), from);
                return (With(found => found with { Mounts = found.Mounts.Add(mount) }), new ShellThing(ShellList.Mount, mount.Id));
        }

        Seating With(Func<MountPlane, MountPlane> change) => seating.WithPlane(plane.Id, change);
    }

    // The next of a kind is most often like the last.
    private static Mount Mount(MountPlane plane, MountKind kind, PlanPoint at)
    {
        var id = ShellThings.Fresh(kind == MountKind.Standoff ? "s1" : $"{kind.ToString().ToLowerInvariant()}1", plane.Mounts.Select(mount => mount.Id));
        return plane.Mounts.LastOrDefault(mount => mount.Kind == kind) is { } last
            ? ShellThings.Like(last, id, at)
            : new Mount(id, kind, at, kind switch
            {
                MountKind.Bump or MountKind.Tab => new Millimetres(3),
                MountKind.Brace => new Millimetres(10),
                _ => UsualBoard.Rise,
            })
            { IsMetal = kind != MountKind.Boss };
    }

    private static Opening Opening(MountPlane plane, PlanPoint from, PlanPoint to)
    {
        var id = ShellThings.Fresh("opening1", plane.Openings.Select(each => each.Id));
        var area = Area(from, to, 40, 20);
        var (far, wall) = Nearest(plane.Bounds, from);
        if (far > WallMm) return new Opening(id, Named(id), OpeningKind.Way, PlaneWall.Floor, area);
        var (along, wide) = wall is PlaneWall.Rear or PlaneWall.Front ? (area.X, area.Width) : (area.Y, area.Depth);
        return new Opening(id, Named(id), OpeningKind.Ports, wall, new PlanRectangle(along, 0, wide, WallOpeningHeight));
    }

    private static RunEnd End(PlanPoint at) => new(null, at, 0);

    private static string Named(string id) => $"{Stem(id)} {id[Stem(id).Length..]}";

    private static string Stem(string id) => id.TrimEnd([.. "0123456789"]);

    private static PlanRectangle Area(PlanPoint from, PlanPoint to, double width, double depth)
    {
        var drawn = PlanRectangle.Round([from, to]);
        return drawn.Width >= LeastDragMm && drawn.Depth >= LeastDragMm ? drawn
            : new PlanRectangle(Math.Round(from.X - (width / 2), 2), Math.Round(from.Y - (depth / 2), 2), width, depth);
    }
}
