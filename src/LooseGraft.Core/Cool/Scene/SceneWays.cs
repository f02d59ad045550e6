using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>The ways that air has: the openings for air that Seat knows, others that somebody said air goes through, and typed ways.</summary>
internal static class SceneWays
{
    private const double SquareMillimetres = 1e6;
    private const double SquareCentimetres = 1e4;
    private const double MillimetresInAMetre = 1e3;

    // Where nobody looked: feet are 5 to 15 mm high (common practice).
    private const double UsualFeetMm = 8;

    // What lies flat on the table still leaks.
    private const double LeastSquareMillimetres = 1;

    public static List<CoolWay> Of(Graft graft, List<CoolSpace> spaces, UnsureFigures figures)
    {
        var ways = new List<CoolWay>();
        foreach (var plane in graft.Seating.Planes.Where(plane => plane.Stand is null))
        {
            var space = spaces.FindIndex(each => each.Id == plane.Id);
            var top = graft.Cooling.Spaces.FirstOrDefault(each => each.Id == plane.Id)?.Top ?? ShellTop.Lid;
            foreach (var opening in plane.Openings)
            {
                var vent = graft.Cooling.Vents.FirstOrDefault(each => each.Plane == plane.Id && each.Opening == opening.Id);
                // What is made for ports, cards and leads is filled by them unless somebody says otherwise.
                if (vent is { IsShut: true } || (vent is null && opening.Kind != OpeningKind.Air)) continue;
                var at = PlaceOf(plane, opening);
                var cover = vent?.Cover ?? AirCover.Open;
                var area = AreaOf(opening, top, graft.Cooling.Feet);
                ways.Add(new CoolWay(
                    $"{plane.Id}/{opening.Id}", opening.Name, -1, space, area, cover, vent?.Filter ?? AirFilter.None, HeightOf(plane, at, top))
                {
                    At = at,
                    Wall = opening.Wall,
                    IsToCut = opening.IsToCut,
                    Share = ShareOf(graft, figures, cover, vent?.FreeShare, $"{plane.Id}/{opening.Id}"),
                });
            }
        }

        foreach (var way in graft.Cooling.Ways)
        {
            // One to the room is written from the room, whichever way it was told: a fan in it blows into the shell or out of it.
            var (from, to) = way.To is null ? (-1, IndexOf(way.From)) : (IndexOf(way.From), IndexOf(way.To));
            ways.Add(new CoolWay(way.Id, way.Name, from, to, way.Area.Value / SquareCentimetres, way.Cover, way.Filter,
                way.Height.Value / MillimetresInAMetre)
            {
                Wall = way.Wall,
                Share = ShareOf(graft, figures, way.Cover, way.FreeShare, way.Id),
            });
        }

        return ways;

        int IndexOf(string? space) => space is null ? -1 : spaces.FindIndex(each => each.Id == space);
    }

    // All covers of a class are alike, better or worse; what was measured is its own.
    private static int ShareOf(Graft graft, UnsureFigures figures, AirCover cover, double? measured, string way)
    {
        var fact = AirCoverFact.Of(cover);
        return measured is { } share ? figures.Add($"free share of {way}", share, share, share)
            : figures.Add($"cover {cover}", fact.Low, fact.Likely, fact.High, graft.Cooling.AirFactor is not null);
    }

    // Air comes to an opening in what the shell stands on only through the gap that its feet leave all round it.
    private static double AreaOf(Opening opening, ShellTop top, Millimetres? feet)
    {
        var (width, depth) = (opening.Area.Width, opening.Area.Depth);
        var area = width * depth * (opening.IsRound ? Math.PI / 4 : 1);
        var round = opening.IsRound ? Math.PI * width : 2 * (width + depth);
        var isBelow = opening.Wall == PlaneWall.Floor && top == ShellTop.Lid;
        return Math.Max(isBelow ? Math.Min(area, round * (feet?.Value ?? UsualFeetMm)) : area, LeastSquareMillimetres) / SquareMillimetres;
    }

    private static (double X, double Y, double Z) PlaceOf(MountPlane plane, Opening opening)
    {
        var (bounds, middle) = (plane.Bounds, opening.Area.Middle);
        return opening.Wall switch
        {
            PlaneWall.Rear => (middle.X, bounds.Y, middle.Y),
            PlaneWall.Front => (middle.X, bounds.Y + bounds.Depth, middle.Y),
            PlaneWall.Left => (bounds.X, middle.X, middle.Y),
            PlaneWall.Right => (bounds.X + bounds.Width, middle.X, middle.Y),
            _ => (middle.X, middle.Y, 0),
        };
    }

    private static double HeightOf(MountPlane plane, (double X, double Y, double Z) at, ShellTop top)
    {
        var bounds = plane.Bounds;
        return top switch
        {
            ShellTop.Rear => bounds.Y + bounds.Depth - at.Y,
            ShellTop.Front => at.Y - bounds.Y,
            ShellTop.Left => bounds.X + bounds.Width - at.X,
            ShellTop.Right => at.X - bounds.X,
            _ => at.Z,
        } / MillimetresInAMetre;
    }
}
