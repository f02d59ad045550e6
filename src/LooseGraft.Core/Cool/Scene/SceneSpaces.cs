using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>The spaces of a shell and what their walls give to the room.</summary>
internal static class SceneSpaces
{
    private const double SquareMillimetres = 1e6;

    /// <summary>Each plane that stands on no other is the base of a space, and each typed space that is no plane's is one more.</summary>
    public static List<CoolSpace> Of(Graft graft, UnsureFigures figures)
    {
        var spaces = new List<CoolSpace>();
        foreach (var plane in graft.Seating.Planes.Where(plane => plane.Stand is null))
        {
            var typed = graft.Cooling.Spaces.FirstOrDefault(space => space.Id == plane.Id);
            var size = typed?.Size ?? SizeOf(plane);
            spaces.Add(new CoolSpace(plane.Id, typed?.Name ?? plane.Name, size, Wall(graft, figures, plane.Id, size, typed, plane))
            {
                Base = plane.Bounds,
                Sheets = typed?.Material is { } said ? [said] : [.. Enum.GetValues<Side>().Select(side => SheetOf(plane, side)).Distinct()],
                Top = typed?.Top ?? ShellTop.Lid,
            });
        }

        foreach (var space in graft.Cooling.Spaces.Where(space => spaces.All(other => other.Id != space.Id)))
        {
            spaces.Add(new CoolSpace(space.Id, space.Name, space.Size, Wall(graft, figures, space.Id, space.Size, space, null))
            {
                Base = new PlanRectangle(0, 0, space.Size?.Width.Value ?? 0, space.Size?.Depth.Value ?? 0),
                Sheets = space.Material is { } said ? [said] : [],
                Top = space.Top,
            });
        }

        return spaces;
    }

    // A plane of whose lid nobody said anything may be open: nothing is known of its walls.
    private static SpaceSize? SizeOf(MountPlane plane)
    {
        if (plane.Lid is not { Value: > 0 } lid) return null;
        return new SpaceSize(new(plane.Bounds.Width), new(plane.Bounds.Depth), lid);
    }

    private static int? Wall(Graft graft, UnsureFigures figures, string id, SpaceSize? size, AirSpace? typed, MountPlane? plane)
    {
        if (size is not { } known) return null;
        var top = typed?.Top ?? ShellTop.Lid;
        double low = 0, likely = 0, high = 0;
        foreach (var (side, area) in FreeSides(known, top, graft.Cooling.Stand))
        {
            var heat = (typed?.Material ?? SheetOf(plane, side)).Heat();
            low += area * heat.Low;
            likely += area * heat.Likely;
            high += area * heat.High;
        }

        return figures.Add($"walls of {id}", low, likely, high);
    }

    private static PlaneMaterial SheetOf(MountPlane? plane, Side side) => plane is null ? PlaneMaterial.Steel : side switch
    {
        Side.Rear => plane.SheetOf(PlaneWall.Rear).Material,
        Side.Front => plane.SheetOf(PlaneWall.Front).Material,
        Side.Left => plane.SheetOf(PlaneWall.Left).Material,
        Side.Right => plane.SheetOf(PlaneWall.Right).Material,
        _ => plane.Material,
    };

    /// <summary>The sides through which heat goes, in square metres: none against what the shell stands on or at.</summary>
    private static IEnumerable<(Side Side, double Area)> FreeSides(SpaceSize size, ShellTop top, ShellStand stand)
    {
        var (width, depth, height) = (size.Width.Value, size.Depth.Value, size.Height.Value);
        (Side Side, double Area)[] all =
        [
            (Side.Base, width * depth / SquareMillimetres), (Side.Lid, width * depth / SquareMillimetres), (Side.Rear, width * height / SquareMillimetres),
            (Side.Front, width * height / SquareMillimetres), (Side.Left, depth * height / SquareMillimetres),
            (Side.Right, depth * height / SquareMillimetres),
        ];
        var (up, below) = top switch
        {
            ShellTop.Lid => (Side.Lid, Side.Base),
            ShellTop.Rear => (Side.Rear, Side.Front),
            ShellTop.Front => (Side.Front, Side.Rear),
            ShellTop.Left => (Side.Left, Side.Right),
            _ => (Side.Right, Side.Left),
        };
        var upright = all.Where(each => each.Side != up && each.Side != below).ToArray();
        return stand switch
        {
            ShellStand.Free => all.Where(each => each.Side != below),
            ShellStand.AgainstWall => all.Where(each => each.Side != below && each != upright.MaxBy(side => side.Area)),
            // What looks out of a cupboard is the front, or what the builder sees of an upright one.
            _ => [upright.Any(each => each.Side == Side.Front) ? upright.First(each => each.Side == Side.Front) : upright.MinBy(side => side.Area)],
        };
    }

    private enum Side
    {
        Base,
        Lid,
        Rear,
        Front,
        Left,
        Right,
    }
}
