using System.Net;
using System.Text;
using LooseGraft.Core.Model;

namespace LooseGraft.Web.Drawing;

/// <summary>The drawing of a lead as one SVG that stands by itself, in a page or as a file: its colours are attributes, not styles.</summary>
public static class LeadSvg
{
    private const string Ink = "#1c201d";

    private static readonly Dictionary<string, string> Colours = new()
    {
        ["black"] = "#151815",
        ["red"] = "#c5281c",
        ["yellow"] = "#b8960c",
        ["orange"] = "#e8841a",
        ["blue"] = "#2f63b5",
        ["green"] = "#3b8a43",
        ["brown"] = "#7a4a23",
        ["violet"] = "#7c4aa3",
        ["purple"] = "#7c4aa3",
        ["grey"] = "#8a8f8b",
        ["gray"] = "#8a8f8b",
        ["pink"] = "#de86a0",
    };

    /// <summary>Draws a lead. Every text in it is escaped.</summary>
    public static string Of(JointPicture picture)
    {
        var svg = new StringBuilder();
        svg.Append($"<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"lead-drawing\" width=\"{N(picture.Width)}\" height=\"{N(picture.Height)}\" viewBox=\"0 0 {N(picture.Width)} {N(picture.Height)}\" role=\"img\" aria-label=\"Drawing of the lead; the table says the same.\">");
        svg.Append($"<rect width=\"{N(picture.Width)}\" height=\"{N(picture.Height)}\" fill=\"#fffdf6\"/>");
        foreach (var line in picture.Scene.Lines)
        {
            svg.Append($"<path d=\"{picture.Path(line)}\" fill=\"none\" stroke=\"#5a6672\" stroke-width=\"5.4\"/>");
            svg.Append($"<path d=\"{picture.Path(line)}\" fill=\"none\" stroke=\"{Colours.GetValueOrDefault(picture.Colour(line), "#eee9da")}\" stroke-width=\"3.4\"/>");
        }

        foreach (var half in picture.Halves) Append(svg, half, picture.Unit);
        return svg.Append("</svg>").ToString();
    }

    private static void Append(StringBuilder svg, ConnectorPicture half, double unit)
    {
        svg.Append($"<rect x=\"{N(half.Left)}\" y=\"{N(half.Top)}\" width=\"{N(half.Width)}\" height=\"{N(half.Height)}\" rx=\"{N(unit * 0.2)}\" fill=\"none\" stroke=\"{Ink}\" stroke-width=\"1.5\"/>");
        foreach (var terminal in half.End.Terminals)
        {
            var (pin, centre) = (terminal.Pin, half.Centre(terminal.Pin.Position));
            var dash = pin.Contact == ContactState.Absent ? " stroke-dasharray=\"3 3\"" : "";
            svg.Append(pin.Position == 1
                ? $"<rect x=\"{N(centre.X - (unit * 0.3))}\" y=\"{N(centre.Y - (unit * 0.3))}\" width=\"{N(unit * 0.6)}\" height=\"{N(unit * 0.6)}\" fill=\"#d9b65c\" stroke=\"{Ink}\"{dash}/>"
                : $"<circle cx=\"{N(centre.X)}\" cy=\"{N(centre.Y)}\" r=\"{N(unit * 0.3)}\" fill=\"#d9b65c\" stroke=\"{Ink}\"{dash}/>");
            svg.Append($"<text x=\"{N(centre.X)}\" y=\"{N(centre.Y + (unit * 0.11))}\" text-anchor=\"middle\" font-family=\"monospace\" font-size=\"11\" fill=\"{Ink}\">{pin.Position}</text>");
            if (half.HasNames)
                svg.Append($"<text x=\"{N(half.NameX)}\" y=\"{N(half.NameY(pin.Position))}\" text-anchor=\"{half.NameAnchor}\" font-family=\"monospace\" font-size=\"12\" fill=\"{Ink}\">{WebUtility.HtmlEncode(ConnectorPicture.Name(pin))}</text>");
        }

        svg.Append($"<text x=\"{N(half.Left + (half.Width / 2))}\" y=\"{N(half.Top - (unit * 0.35))}\" text-anchor=\"middle\" font-family=\"sans-serif\" font-size=\"13\" fill=\"{Ink}\">{WebUtility.HtmlEncode(half.End.Port.Name)}</text>");
    }

    private static string N(double value) => JointPicture.Number(value);
}
