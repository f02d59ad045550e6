using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove.Calipers;

/// <summary>The divisions of a caliper with a sliding scale.</summary>
/// <param name="Id">A short name.</param>
/// <param name="Name">As a builder says it.</param>
/// <param name="MainMm">Millimetres from one line of the main scale to the next.</param>
/// <param name="Lines">Divisions of the sliding scale; its last line stands one division of the main scale short of as many.</param>
/// <param name="LongEvery">Every how many lines of the main scale a long one stands.</param>
/// <param name="LongUnit">What one long line counts, in the unit printed on it.</param>
/// <param name="Unit">The unit printed on it.</param>
public sealed record CaliperScale(string Id, string Name, double MainMm, int Lines, int LongEvery, double LongUnit, string Unit)
{
    /// <summary>Those in use.</summary>
    public static ImmutableArray<CaliperScale> All { get; } =
    [
        new("tenth", "0.1 mm", 1, 10, 10, 10, "mm"),
        new("twentieth", "0.05 mm", 1, 20, 10, 10, "mm"),
        new("fiftieth", "0.02 mm", 1, 50, 10, 10, "mm"),
        new("thousandth-inch", "0.001 in", ReadingText.MillimetresPerInch / 40, 25, 4, 0.1, "in"),
        new("fraction-inch", "1/128 in", ReadingText.MillimetresPerInch / 16, 8, 16, 1, "in"),
    ];

    /// <summary>What one line of the sliding scale is worth, in millimetres.</summary>
    public double ResolutionMm => MainMm / Lines;

    /// <summary>Millimetres from one line of the sliding scale to the next.</summary>
    public double SlidingMm => MainMm - ResolutionMm;

    /// <summary>The scale of that name; the first when there is none.</summary>
    public static CaliperScale Find(string? id) => All.FirstOrDefault(scale => scale.Id == id) ?? All[0];
}
