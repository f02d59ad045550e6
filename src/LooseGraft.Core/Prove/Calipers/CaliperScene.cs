using System.Collections.Immutable;
using System.Globalization;

namespace LooseGraft.Core.Prove.Calipers;

/// <summary>A drawing of the two scales around a reading, in millimetres from its left edge.</summary>
/// <param name="WidthMm">Width of the window.</param>
/// <param name="Main">Lines of the main scale.</param>
/// <param name="Sliding">Lines of the sliding scale.</param>
public sealed record CaliperScene(double WidthMm, ImmutableArray<CaliperScene.Line> Main, ImmutableArray<CaliperScene.Line> Sliding)
{
    private const double MarginMm = 6;

    /// <summary>One line of a scale.</summary>
    /// <param name="AtMm">Millimetres from the left edge of the drawing.</param>
    /// <param name="IsLong">Whether it is a long one.</param>
    /// <param name="Label">The figure beside it; null when it has none.</param>
    /// <param name="IsCoincident">Whether it is the line that stands in line with one of the other scale.</param>
    public sealed record Line(double AtMm, bool IsLong, string? Label, bool IsCoincident);

    /// <summary>Draws a reading without a problem.</summary>
    public static CaliperScene Of(CaliperReading reading)
    {
        var scale = reading.Scale;
        var (left, slidingLength) = (reading.Shown.Value - MarginMm, scale.Lines * scale.SlidingMm);
        var width = slidingLength + (2 * MarginMm);
        var first = Math.Max(0, (int)Math.Ceiling(left / scale.MainMm));
        var last = (int)Math.Floor((left + width) / scale.MainMm);
        var meets = reading.Main + reading.Coincident;
        return new CaliperScene(width,
            [.. Enumerable.Range(first, last - first + 1).Select(line => new Line((line * scale.MainMm) - left, line % scale.LongEvery == 0,
                line % scale.LongEvery == 0 ? (line / scale.LongEvery * scale.LongUnit).ToString("0.##", CultureInfo.InvariantCulture) : null, line == meets))],
            [.. Enumerable.Range(0, scale.Lines + 1).Select(line => new Line(MarginMm + (line * scale.SlidingMm), line % Step(scale) == 0,
                line % Step(scale) == 0 ? line.ToString(CultureInfo.InvariantCulture) : null, line == reading.Coincident))]);
    }

    private static int Step(CaliperScale scale) => scale.Lines switch { 50 or 25 => 5, 20 => 2, _ => 1 };
}
