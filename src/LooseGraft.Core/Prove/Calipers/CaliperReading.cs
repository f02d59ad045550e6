using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove.Calipers;

/// <summary>A reading of a caliper with a sliding scale: the last line of the main scale before the zero line, and the sliding line that stands in line with
/// any line.</summary>
/// <param name="Scale">The caliper.</param>
/// <param name="Main">Lines of the main scale before the sliding zero: whole millimetres on a metric one. 0 or more.</param>
/// <param name="Coincident">The line of the sliding scale that coincides, 0 up to the last but one.</param>
/// <param name="ZeroLine">What the closed caliper shows, as the coincident line; negative when it reads from the far end.</param>
public sealed record CaliperReading(CaliperScale Scale, int Main, int Coincident, int ZeroLine)
{
    /// <summary>The longest caliper that is looked into: 1 m.</summary>
    public const double LongestMm = 1000;

    /// <summary>What the scales show, before the zero error is taken off.</summary>
    public Millimetres Shown => new((Main * Scale.MainMm) + (Coincident * Scale.ResolutionMm));

    /// <summary>What the closed caliper shows.</summary>
    public Millimetres ZeroError => new(ZeroLine * Scale.ResolutionMm);

    /// <summary>The length: shown less the zero error. Half a line of the sliding scale either way is what an eye can tell.</summary>
    public Millimetres Length => Shown - ZeroError;

    /// <summary>How far it may be off by eye.</summary>
    public Millimetres Uncertainty => new(Scale.ResolutionMm / 2);

    /// <summary>What is wrong with the figures; null when nothing is.</summary>
    public string? Problem
        => Main < 0 || Main * Scale.MainMm > LongestMm ? $"The main scale has lines from 0 to {(int)(LongestMm / Scale.MainMm)}."
            : Coincident < 0 || Coincident >= Scale.Lines
                ? $"The sliding scale has lines from 0 to {Scale.Lines - 1}; the one at its end is the zero of the next division."
            : Math.Abs(ZeroLine) >= Scale.Lines ? $"A zero error is less than {Scale.Lines} lines either way."
            : null;
}
