using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Reads mounting holes, typed a line each: across, deep, wide in millimetres.</summary>
public static class HoleLines
{
    private const double LongestMm = 1000;
    private const double WidestMm = 20;

    /// <summary>Reads the lines; what is wrong with them stands under <c>holes</c>.</summary>
    public static ValueList<MountHole> Read(ModelStateDictionary errors, string? lines)
        => [.. (lines ?? "").Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Select(line => Hole(errors, line))
            .OfType<MountHole>()];

    /// <summary>The lines that <see cref="Read"/> reads.</summary>
    public static string Write(IEnumerable<MountHole> holes)
        => string.Join('\n', holes.Select(hole => string.Create(CultureInfo.InvariantCulture, $"{hole.X} {hole.Y} {hole.Diameter.Value}")));

    private static MountHole? Hole(ModelStateDictionary errors, string line)
    {
        var figures = line.Split([' ', '\t', ';'], StringSplitOptions.RemoveEmptyEntries).Select(text => FigureText.TryRead(text, "mm")).ToArray();
        if (figures is [>= -LongestMm and <= LongestMm and { } x, >= -LongestMm and <= LongestMm and { } y, > 0 and <= WidestMm and { } wide])
            return new MountHole(x, y, new Millimetres(wide));
        errors.AddModelError(
            "holes", $"“{line}” is not a hole. Type three figures in mm, such as 6.35 33.02 3.96: across, deep, and how wide (to {WidestMm}).");
        return null;
    }
}
