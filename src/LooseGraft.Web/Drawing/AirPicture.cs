using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Clashes;

namespace LooseGraft.Web.Drawing;

/// <summary>The air of a shell as it is drawn, in pixels: its spaces beside each other, what stands in them, the air that goes through, and what gets
/// hot.</summary>
public sealed class AirPicture
{
    private const double WidestPixels = 560;
    private const double TallestPixels = 310;
    private const double MostPixelsForMm = 2;
    private const double GapPixels = 84;
    private const double SidePixels = 126;
    private const double TopPixels = 60;
    private const double NamePixels = 150;
    private const int MostInARow = 3;

    private readonly CoolScene _scene;
    private readonly CoolOutlook _outlook;
    private readonly AirView[] _views;
    private readonly (double X, double Y)[] _corners;

    /// <param name="scene">What the air depends on.</param>
    /// <param name="outlook">How warm everything gets.</param>
    /// <param name="isFromSide">Whether it is seen from the side.</param>
    public AirPicture(CoolScene scene, CoolOutlook outlook, bool isFromSide)
    {
        (_scene, _outlook) = (scene, outlook);
        _views = [.. scene.Spaces.Select(space => new AirView(space, isFromSide))];
        var rows = _views.Chunk(MostInARow).ToArray();
        // One scale for both views, so that they stand below each other.
        Scale = rows.Concat(scene.Spaces.Select(space => new AirView(space, !isFromSide)).Chunk(MostInARow))
            .Select(row => Math.Min(MostPixelsForMm, Math.Min(
                (WidestPixels - (GapPixels * (row.Length - 1))) / row.Sum(view => view.Width), TallestPixels / row.Max(view => view.Height)))).Min();
        _corners = new (double, double)[_views.Length];
        var (at, y) = (0, TopPixels);
        foreach (var row in rows)
        {
            var x = SidePixels;
            foreach (var view in row)
            {
                _corners[at++] = (x, y);
                x += (view.Width * Scale) + GapPixels;
            }

            Width = Math.Max(Width, x - GapPixels + SidePixels);
            y += (row.Max(view => view.Height) * Scale) + GapPixels;
        }

        Height = y - GapPixels + TopPixels;
        Arrows = [.. AirArrows.Of(this, scene, outlook)];
    }

    /// <summary>Pixels for a millimetre.</summary>
    public double Scale { get; }

    public double Width { get; }

    public double Height { get; }

    /// <summary>The height with what was moved down past the lowest space.</summary>
    public double HeightWith(IEnumerable<AirSpot> spots) => spots.Select(spot => spot.Y + AirSpot.Tall).Append(Height).Max();

    /// <summary>The wall that is nearest to the eye in every space; null from above, and where spaces stand differently.</summary>
    public PlaneWall? Near => _views.Select(view => view.Near).Distinct().ToArray() is [var near] ? near : null;

    /// <summary>The air along each way.</summary>
    public IReadOnlyList<AirArrow> Arrows { get; }

    /// <summary>The spaces: left upper corner, width and height.</summary>
    public IEnumerable<AirBox> Boxes => _views.Select((view, at) => new AirBox(
        at, _corners[at].X, _corners[at].Y, view.Width * Scale, view.Height * Scale, view.IsSized,
        Warmth(_outlook.Spaces[at].Likely.Value - _outlook.State.Room))
    {
        // Its name stands over its left corner, or over the right one where air comes in there.
        IsNamedRight = Arrows.Any(arrow => Math.Abs(arrow.At.Y - _corners[at].Y) < 1 && arrow.At.X - _corners[at].X is > -NamePixels and < NamePixels),
    });

    /// <summary>How a space is filled: a word for each step of kelvins above the room.</summary>
    public static string Warmth(double kelvins) => kelvins switch { < 5 => "cool", < 12 => "mild", < 20 => "warm", _ => "hot" };

    /// <summary>A view of a space.</summary>
    internal AirView View(int space) => _views[space];

    /// <summary>A place in a view of a space, in pixels.</summary>
    internal (double X, double Y) Pixels(int space, (double X, double Y) at)
        => (_corners[space].X + (at.X * Scale), _corners[space].Y + (at.Y * Scale));

    /// <summary>What stands in the spaces: their rectangles.</summary>
    public IEnumerable<(SolidBody Body, double X, double Y, double Width, double Height)> Bodies(SeatReview seat)
    {
        foreach (var (at, space) in _scene.Spaces.Index())
        {
            foreach (var body in seat.Bodies.Where(body => body.Plane == space.Id && !body.IsPlug).OrderBy(body => body.From))
            {
                var (x, y, width, height) = Area(at, body);
                yield return (body, x, y, width, height);
            }
        }
    }

    /// <summary>Where each thing that has a limit is named, those above each other moved apart.</summary>
    public IReadOnlyList<AirSpot> Spots(Graft graft, SeatReview seat)
    {
        var (spots, loose) = (new List<AirSpot>(), new int[_scene.Spaces.Length]);
        foreach (var (index, outlook) in _outlook.Spots.Index())
        {
            var space = outlook.Spot.Space;
            if (space < 0) continue;
            if (BodyOf(graft, seat, outlook.Spot) is { } body)
            {
                var (x, y, width, height) = Area(space, body);
                spots.Add(new AirSpot(index, x + (width / 2), y + (height / 2), true));
            }
            else
            {
                var (x, y) = Pixels(space, (0, 0));
                spots.Add(new AirSpot(index, x + (_views[space].Width * Scale / 2), y + AirSpot.Tall + (AirSpot.Tall * loose[space]++), false));
            }
        }

        return AirSpot.Apart(spots, Arrows.Where(arrow => arrow.IsFacing).SelectMany(arrow => new[] { arrow.At, arrow.Label }));
    }

    private SolidBody? BodyOf(Graft graft, SeatReview seat, HotSpot spot)
    {
        var box = graft.Seating.Boxes.FirstOrDefault(box => box.Part == spot.Part)?.Id;
        return seat.Bodies.FirstOrDefault(body => !body.IsPlug && body.Id == (box ?? spot.Part) && body.Plane == _scene.Spaces[spot.Space].Id);
    }

    private (double X, double Y, double Width, double Height) Area(int space, SolidBody body)
    {
        var area = body.Bounds;
        var (one, other) = (_views[space].At(area.X, area.Y, body.From), _views[space].At(area.X + area.Width, area.Y + area.Depth, body.To));
        var (x, y) = Pixels(space, (Math.Min(one.X, other.X), Math.Min(one.Y, other.Y)));
        return (x, y, Math.Max(Math.Abs(other.X - one.X) * Scale, 1), Math.Max(Math.Abs(other.Y - one.Y) * Scale, 1));
    }
}
