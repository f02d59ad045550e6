using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>A distance that does not fit the others.</summary>
/// <param name="Span">The distance as written.</param>
/// <param name="Read">What it was taken for, middle to middle, in millimetres.</param>
/// <param name="Should">What the others say, in millimetres.</param>
/// <param name="Unit">The unit that was left off, where the reading fits with it: in or cm; otherwise null.</param>
/// <param name="Rivals">Other distances of which each alone would explain it as well.</param>
/// <param name="Decides">The measurement that tells it from its rivals; null when it has none, or when only measuring them again does.</param>
public sealed record SurveyDoubt(SurveySpan Span, double Read, double Should, string? Unit, ImmutableArray<SurveySpan> Rivals, SurveyAdvice? Decides)
{
    /// <summary>Read less what the others say, in millimetres.</summary>
    public double GrossError => Read - Should;
}
