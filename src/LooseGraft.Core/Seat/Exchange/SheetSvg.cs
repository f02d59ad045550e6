using System.Globalization;
using System.Text;
using LooseGraft.Core.Seat.Drawing;

namespace LooseGraft.Core.Seat.Exchange;

/// <summary>Writes a sheet as SVG in millimetres: one user unit is one millimetre, and the file says so.</summary>
public static class SheetSvg
{
    private const double MarginMm = 10;
    private const double FootMm = 14;

    /// <summary>The whole file.</summary>
    public static string Write(PlanSheet sheet)
    {
        var bounds = sheet.Bounds;
        var (width, height) = (Math.Max(bounds.Width, PlanSheet.RulerMm) + (2 * MarginMm), bounds.Depth + (2 * MarginMm) + FootMm);
        string X(double value) => N(value - bounds.X + MarginMm);
        string Y(double value) => N(bounds.Y + bounds.Depth - value + MarginMm);
        var text = new StringBuilder(
            Invariant($"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{N(width)}mm\" height=\"{N(height)}mm\" viewBox=\"0 0 {N(width)} {N(height)}\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.2\">\n<title>{Escaped(sheet.Title)}</title>\n"));
        foreach (var layer in Enum.GetValues<SheetLayer>())
        {
            text.Append(Invariant($"<g id=\"{layer.ToString().ToLowerInvariant()}\"{Style(layer)}>\n"));
            foreach (var path in sheet.Paths.Where(path => path.Layer == layer))
                text.Append(Invariant(
                    $"<{(path.IsClosed ? "polygon" : "polyline")} points=\"{string.Join(' ', path.Corners.Select(corner => $"{X(corner.X)},{Y(corner.Y)}"))}\"/>\n"));
            foreach (var circle in sheet.Circles.Where(circle => circle.Layer == layer))
                text.Append(Invariant($"<circle cx=\"{X(circle.Middle.X)}\" cy=\"{Y(circle.Middle.Y)}\" r=\"{N(circle.Radius)}\"/>\n"));
            if (layer == SheetLayer.Text)
            {
                foreach (var label in sheet.Labels)
                    text.Append(Invariant(
                        $"<text x=\"{X(label.At.X)}\" y=\"{Y(label.At.Y)}\" font-size=\"{N(label.Height)}\" font-family=\"sans-serif\" fill=\"#000\" stroke=\"none\">{Escaped(label.Text)}</text>\n"));
            }

            text.Append("</g>\n");
        }

        Check(text, width, height);
        return text.Append("</svg>\n").ToString();
    }

    // A ruler, and two crosses whose distance betrays a print that is stretched one way only.
    private static void Check(StringBuilder text, double width, double height)
    {
        const double inset = 4;
        var (x, y) = (MarginMm, height - inset - 4);
        text.Append(Invariant($"<g id=\"ruler\">\n<path d=\"M{N(x)} {N(y)}h{N(PlanSheet.RulerMm)}"));
        for (var mark = 0; mark <= PlanSheet.RulerMm; mark += 10) text.Append(Invariant($"M{N(x + mark)} {N(y)}v{(mark % 50 == 0 ? -4 : -2)}"));
        foreach (var (left, top) in new[] { (inset, inset), (width - inset, height - inset) })
            text.Append(Invariant($"M{N(left - 3)} {N(top)}h6M{N(left)} {N(top - 3)}v6"));
        var diagonal = Math.Sqrt(((width - (2 * inset)) * (width - (2 * inset))) + ((height - (2 * inset)) * (height - (2 * inset))));
        text.Append(Invariant(
            $"\"/>\n<text x=\"{N(x)}\" y=\"{N(y + 4)}\" font-size=\"3\" font-family=\"sans-serif\" fill=\"#000\" stroke=\"none\">ruler: {PlanSheet.RulerMm:0} mm; corner cross to corner cross: {diagonal:0.0} mm</text>\n</g>\n"));
    }

    private static string Style(SheetLayer layer) => layer switch
    {
        SheetLayer.Outline => " stroke-dasharray=\"3 1.5\"",
        SheetLayer.TakeOut => " stroke-dasharray=\"1 1\"",
        _ => "",
    };

    private static string N(double value) => value.ToString("0.###", CultureInfo.InvariantCulture);

    private static string Invariant(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);

    private static string Escaped(string text)
        => text.Replace("&", "&amp;", StringComparison.Ordinal).Replace("<", "&lt;", StringComparison.Ordinal)
        .Replace("\"", "&quot;", StringComparison.Ordinal);
}
