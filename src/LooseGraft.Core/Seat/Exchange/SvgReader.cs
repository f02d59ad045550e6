using System.Collections.Immutable;
using System.Globalization;
using System.Xml;
using System.Xml.Linq;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Exchange;

/// <summary>Reads rectangles, circles, lines, polylines and polygons out of an SVG whose size is given in millimetres. Curves and transforms are refused with
/// words, so that nothing is placed wrongly.</summary>
public static class SvgReader
{
    /// <summary>Levels of groups within groups.</summary>
    public const int MostLevels = 64;

    /// <summary>Attributes of one element.</summary>
    public const int MostAttributes = 256;

    /// <summary>Reads a file; y is turned so that it grows to the front, counted from the lower edge of the drawing.</summary>
    public static ReadSheet Read(string text)
    {
        if (text.Length > ReadSheet.MostBytes) return ReadSheet.Failed($"The drawing is larger than {ReadSheet.MostBytes / 1024 / 1024} MiB.");
        XElement root;
        try
        {
            // Looked through before it is loaded: what is nested without end, or has attributes without end, would take minutes to load.
            using (var ahead = Reader(text))
            {
                while (ahead.Read())
                {
                    if (ahead.Depth > MostLevels) return ReadSheet.Failed($"It is nested more than {MostLevels} levels deep.");
                    if (ahead.AttributeCount > MostAttributes) return ReadSheet.Failed($"A {ahead.LocalName} in it has more than {MostAttributes} attributes.");
                }
            }

            using var reader = Reader(text);
            root = XDocument.Load(reader).Root!;
        }
        catch (XmlException error)
        {
            return ReadSheet.Failed($"This is not an SVG: line {error.LineNumber} cannot be read.");
        }

        if (root.Name.LocalName != "svg") return ReadSheet.Failed("This is not an SVG: it begins with something else.");
        if (Millimetres(root.Attribute("width")?.Value) is not { } width || Millimetres(root.Attribute("height")?.Value) is not { } height)
            return ReadSheet.Failed("The drawing does not say its size in mm, cm or in, so nothing in it has a size.");
        var box = (root.Attribute("viewBox")?.Value ?? $"0 0 {width.ToString(CultureInfo.InvariantCulture)} {height.ToString(CultureInfo.InvariantCulture)}")
            .Split([' ', ','], StringSplitOptions.RemoveEmptyEntries).Select(Figure).ToArray();
        if (box is not [{ } left, { } top, > 0 and { } across, > 0 and { } down]) return ReadSheet.Failed("Its viewBox cannot be read.");
        if (Math.Abs((width / across) - (height / down)) > 1e-3 * width / across)
            return ReadSheet.Failed("It is stretched: millimetres across and down differ.");
        var shapes = new Collector(left, top, width / across, height);
        foreach (var element in root.Descendants())
        {
            if (element.Attribute("transform") is not null)
                return ReadSheet.Failed($"A {element.Name.LocalName} in it is transformed. Apply the transforms before saving.");
            if (shapes.Add(element) is { } problem) return ReadSheet.Failed(problem);
        }

        return ReadSheet.Of(shapes.Closed, shapes.Lines, shapes.Circles, [.. shapes.Left.Select(name => $"left out: {name}")]);
    }

    private static XmlReader Reader(string text)
        => XmlReader.Create(
            new StringReader(text),
            new XmlReaderSettings { DtdProcessing = DtdProcessing.Prohibit, XmlResolver = null, MaxCharactersInDocument = ReadSheet.MostBytes });

    private static double? Figure(string? text)
        => double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && double.IsFinite(value) ? value : null;

    private static double? Millimetres(string? text)
    {
        var factor = text switch
        {
            null => 0,
            _ when text.EndsWith("mm", StringComparison.Ordinal) => 1,
            _ when text.EndsWith("cm", StringComparison.Ordinal) => 10,
            _ when text.EndsWith("in", StringComparison.Ordinal) => 25.4,
            _ => 0
        };
        return factor > 0 && Figure(text![..^2]) is > 0 and { } value ? value * factor : null;
    }

    private sealed class Collector(double left, double top, double scale, double height)
    {
        public List<ImmutableArray<PlanPoint>> Closed { get; } = [];

        public List<(PlanPoint From, PlanPoint To)> Lines { get; } = [];

        public List<(PlanPoint Middle, double Radius)> Circles { get; } = [];

        public SortedSet<string> Left { get; } = new(StringComparer.Ordinal);

        public string? Add(XElement element)
        {
            var name = element.Name.LocalName;
            double At(string attribute) => element.Attribute(attribute) is { } found ? Figure(found.Value) ?? double.NaN : 0;
            PlanPoint Place(double x, double y) => new((x - left) * scale, height - ((y - top) * scale));
            switch (name)
            {
                case "rect":
                    var (x, y, width, deep) = (At("x"), At("y"), At("width"), At("height"));
                    Closed.Add([Place(x, y + deep), Place(x + width, y + deep), Place(x + width, y), Place(x, y)]);
                    break;
                case "circle":
                    Circles.Add((Place(At("cx"), At("cy")), At("r") * scale));
                    break;
                case "line":
                    Lines.Add((Place(At("x1"), At("y1")), Place(At("x2"), At("y2"))));
                    break;
                case "polygon" or "polyline":
                    var figures = (element.Attribute("points")?.Value ?? "").Split([' ', ',', '\n', '\r', '\t'], StringSplitOptions.RemoveEmptyEntries)
                        .Select(Figure).ToArray();
                    if (figures.Length < 4 || figures.Length % 2 != 0 || figures.Any(figure => figure is null))
                        return $"The points of a {name} cannot be read.";
                    ImmutableArray<PlanPoint> corners = [.. figures.Chunk(2).Select(pair => Place(pair[0]!.Value, pair[1]!.Value))];
                    if (name == "polygon" && corners.Length >= 3) Closed.Add(corners);
                    else Lines.AddRange(corners.Zip(corners.Skip(1)));
                    break;
                case "path" or "ellipse" or "use" or "image":
                    Left.Add(name);
                    break;
            }

            return Closed.Count + Lines.Count + Circles.Count > ReadSheet.MostShapes ? $"There are more than {ReadSheet.MostShapes} shapes in it." : null;
        }
    }
}
