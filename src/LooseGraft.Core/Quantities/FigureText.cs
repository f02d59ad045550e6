using System.Globalization;

namespace LooseGraft.Core.Quantities;

/// <summary>Reads figures the way people type them, under every culture setting alike.</summary>
public static class FigureText
{
    /// <summary>Reads a figure such as <c>1.5</c>, <c>1,5</c>, <c>−0.3</c> or <c>2 A</c>.</summary>
    /// <param name="text">What was typed.</param>
    /// <param name="unit">The unit that may stand behind it, such as <c>A</c>.</param>
    /// <returns>The figure; null when the text is not one finite figure. A comma is a decimal mark, never a mark of thousands.</returns>
    public static double? TryRead(string? text, string unit)
    {
        var figure = (text ?? "").Trim();
        if (figure.EndsWith(unit, StringComparison.OrdinalIgnoreCase)) figure = figure[..^unit.Length].TrimEnd();
        figure = figure.Replace('−', '-').Replace(',', '.');
        const NumberStyles plain = NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint;
        return double.TryParse(figure, plain, CultureInfo.InvariantCulture, out var value) && double.IsFinite(value) ? value : null;
    }
}
