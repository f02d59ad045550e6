using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;

namespace LooseGraft.Web.Drawing;

/// <summary>Lays the air along each way of a scene into a picture of it.</summary>
internal static class AirArrows
{
    private const double Outside = 40;
    private const double Inside = 30;
    private const double Least = 4;
    private const double Most = 20;
    private const double LetterPixels = 38;
    private const double Line = 17;
    private const double UnderPixels = 7;

    // The ring of a way that is looked at closely, and the line below the words.
    private const double OverRing = 28;

    // What is less than this share of the most is drawn as thin as can be.
    private const double Stands = 0.002;

    public static IEnumerable<AirArrow> Of(AirPicture picture, CoolScene scene, CoolOutlook outlook)
    {
        var most = outlook.State.Ways.Select(Math.Abs).DefaultIfEmpty(0).Max();
        var (loose, labels) = (new int[scene.Spaces.Length], new List<(double X, double Y)>());
        foreach (var (index, way) in scene.Ways.Index())
        {
            var flow = outlook.State.Ways[index];
            var broad = most <= 0 || Math.Abs(flow) < Stands * most ? 0 : Least + ((Most - Least) * Math.Abs(flow) / most);
            if (!way.IsToRoom)
            {
                var (from, to) = Between(picture, way, loose);
                if (flow < 0) (from, to) = (to, from);
                var middle = (X: (from.X + to.X) / 2, Y: (from.Y + to.Y) / 2);
                yield return new AirArrow(index, from, to, middle, broad, false, false, Free(labels, (middle.X, middle.Y - Line)), false);
                continue;
            }

            var space = way.Inside;
            var view = picture.View(space);
            var isIn = way.From < 0 ? flow >= 0 : flow < 0;
            var (at, outward, isPlaced) = way is { At: { } place, Wall: { } wall } ? (view.At(place.X, place.Y, place.Z), view.Outward(wall), true)
                : way.Wall is { } somewhere ? (view.OnWall(somewhere, way.HeightM * 1000, Along(scene, way)), view.Outward(somewhere), true)
                : (Side(view, way, ++loose[space], scene), (X: 1.0, Y: 0.0), false);
            var (x, y) = picture.Pixels(space, at);
            if (outward == (0, 0))
            {
                var isTowards = isIn != (way.Wall is not null && way.Wall == view.Near);
                yield return new AirArrow(index, (x, y), (x, y), (x, y), broad, true, isTowards, Free(labels, (x, y - OverRing)), isPlaced);
                continue;
            }

            var (outer, inner) = ((X: x + (outward.X * Outside), Y: y + (outward.Y * Outside)), (X: x - (outward.X * Inside), Y: y - (outward.Y * Inside)));
            // Words stand beside an arrow's end, or over or under it.
            var label = outward.X != 0 ? (x + (outward.X * (Outside + LetterPixels)), y)
                : (x, y + (outward.Y * (Outside + UnderPixels)) + (outward.Y > 0 ? UnderPixels : 0));
            yield return new AirArrow(index, isIn ? outer : inner, isIn ? inner : outer, (x, y), broad, false, false, Free(labels, label), isPlaced);
        }
    }

    // What nobody placed is drawn at the right side: as high as was said, or one below the other.
    private static (double X, double Y) Side(AirView view, CoolWay way, int index, CoolScene scene)
    {
        var unplaced = scene.Ways.Count(other => other is { IsToRoom: true, At: null, Wall: null } && other.Inside == way.Inside);
        return view.IsFromSide ? view.AtHeight(way.HeightM * 1000) : (view.Width, view.Height * index / (1 + unplaced));
    }

    // Those of one wall of which only the height is known stand beside each other.
    private static double Along(CoolScene scene, CoolWay way)
    {
        var same = scene.Ways.Where(other => other.At is null && other.Wall == way.Wall && other.Inside == way.Inside).ToList();
        return (same.IndexOf(way) + 1.0) / (same.Count + 1);
    }

    // From the side of one that faces the other to the side of that.
    private static ((double X, double Y) From, (double X, double Y) To) Between(AirPicture picture, CoolWay way, int[] loose)
    {
        var (one, other) = (picture.View(way.From), picture.View(way.To));
        var turn = 0.25 + (0.5 * (loose[way.From]++ % 4) / 3);
        var (isRight, isSame) = (way.To > way.From, Math.Abs(picture.Pixels(way.From, (0, 0)).Y - picture.Pixels(way.To, (0, 0)).Y) < 1);
        return isSame
            ? (picture.Pixels(way.From, (isRight ? one.Width : 0, one.Height * turn)), picture.Pixels(way.To, (isRight ? 0 : other.Width, other.Height * turn)))
            : (picture.Pixels(way.From, (one.Width * turn, isRight ? one.Height : 0)),
                picture.Pixels(way.To, (other.Width * turn, isRight ? 0 : other.Height)));
    }

    // Words are never written over others.
    private static (double X, double Y) Free(List<(double X, double Y)> taken, (double X, double Y) wanted)
    {
        const double wide = 60;
        while (taken.Any(there => Math.Abs(there.X - wanted.X) < wide && Math.Abs(there.Y - wanted.Y) < Line)) wanted.Y += Line;
        taken.Add(wanted);
        return wanted;
    }
}
