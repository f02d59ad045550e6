using System.Globalization;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Web.Drawing;

/// <summary>The feed tree in pixels, over the width of a page: a column for each step from the wall, a row for each end.</summary>
/// <param name="Root">The wall.</param>
/// <param name="Case">The load case drawn.</param>
public sealed record TreePicture(TreeNode Root, LoadCase Case)
{
    private const double PagePixels = 1226;
    private const double LeastStep = 152;
    private const double Gap = 24;
    private const double WidestBox = 210;
    private const double LetterPixels = 6.3;
    public const double LinePixels = 14;
    private const double Between = 10;
    private const double Edge = 14;
    private const double ThickestPixels = 15;

    /// <summary>With room for the longest name, on one line or two, and its figures.</summary>
    public double BoxHeight => 36 + (LinePixels * (MostLines - 1));

    public double BoxWidth => Math.Min(WidestBox, Step - Gap);

    /// <summary>Every node with its place and what it hangs on, the wall first.</summary>
    public IReadOnlyList<Place> Places { get; } = [.. Lay(Root, null, 0, 0)];

    public double Width => (Columns * Step) + BoxWidth + (2 * Edge);

    public double Height => (Root.Rows * (BoxHeight + Between)) + (2 * Edge);

    private int Columns => field == 0 ? field = Places.Max(place => place.Column) : field;

    // As wide as the page allows: the boxes take what is left of a step, and the last column ends at the edge.
    private double Step => Columns == 0 ? LeastStep
        : Math.Max(LeastStep, Math.Max((PagePixels - (2 * Edge) + Gap) / (Columns + 1), (PagePixels - (2 * Edge) - WidestBox) / Columns));

    private int MostLines => field == 0 ? field = Places.Max(place => NameLines(place.Node.Name).Length) : field;

    private int Letters => (int)((BoxWidth - 16) / LetterPixels);

    /// <summary>A name on one line, or parted at a blank on two; cut off only where two do not hold it.</summary>
    public string[] NameLines(string name)
    {
        if (name.Length <= Letters) return [name];
        var blank = name.LastIndexOf(' ', Letters);
        return blank < 1 ? [Shortened(name)] : [name[..blank], Shortened(name[(blank + 1)..])];
    }

    /// <summary>Where the first line of a node's name stands, and its figures below the last.</summary>
    public (double Name, double Figure) Lines(Place place)
    {
        var half = LinePixels / 2 * (NameLines(place.Node.Name).Length - 1);
        return (Middle(place) - 3 - half, Middle(place) + 12 + half);
    }

    /// <summary>The height at which a place has its middle.</summary>
    public double Middle(Place place) => Edge + ((place.Row + 0.5) * (BoxHeight + Between));

    private string Shortened(string name) => name.Length <= Letters ? name : name[..(Letters - 1)] + "…";

    /// <summary>The left edge of a place.</summary>
    public double Left(Place place) => Edge + (place.Column * Step);

    /// <summary>A node with its place.</summary>
    /// <param name="Node">The node.</param>
    /// <param name="Parent">What it hangs on; null for the wall.</param>
    /// <param name="Column">Steps from the wall.</param>
    /// <param name="Row">Its row, between those of its ends.</param>
    public sealed record Place(TreeNode Node, Place? Parent, int Column, double Row);

    /// <summary>The link to a node from what it hangs on, thick by what runs through it.</summary>
    public string Path(Place place)
    {
        var (x1, y1, x2, y2) = (Left(place.Parent!) + BoxWidth, Middle(place.Parent!), Left(place), Middle(place));
        var half = (x1 + x2) / 2;
        return string.Create(CultureInfo.InvariantCulture, $"M{x1:0.#} {y1:0.#}C{half:0.#} {y1:0.#} {half:0.#} {y2:0.#} {x2:0.#} {y2:0.#}");
    }

    public string Thickness(Place place)
        => Number(Math.Max(1.5, ThickestPixels * (Root.Power.Likely > Watts.Zero ? Math.Sqrt(place.Node.Power.Likely / Root.Power.Likely) : 0)));

    /// <summary>How full the link is: a word's shape and a share; null where no limit is known.</summary>
    public string? Share(TreeNode node)
        => node.Limit is { } limit && limit.Limit.Value.Value > 0
            ? string.Create(CultureInfo.InvariantCulture, $"{100 * (limit.In(Case).Used.High / limit.Limit.Value):0} %")
            : null;

    public string Shape(TreeNode node) => node.Limit is { } limit ? Words.SeverityWords.ShapeAt(limit, Case) : "none";

    public static string Number(double pixels) => pixels.ToString("0.#", CultureInfo.InvariantCulture);

    private static IEnumerable<Place> Lay(TreeNode node, Place? parent, int column, double top)
    {
        var place = new Place(node, parent, column, top + ((node.Rows - 1) / 2.0));
        yield return place;
        foreach (var child in node.Children)
        {
            foreach (var below in Lay(child, place, column + 1, top)) yield return below;
            top += child.Rows;
        }
    }
}
