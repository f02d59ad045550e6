using System.Collections.Immutable;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>What distances say of places.</summary>
/// <param name="Points">Every point, in the order it first came up.</param>
/// <param name="Width">Left to right edge in millimetres; null when no distance says so.</param>
/// <param name="Depth">Rear to front edge.</param>
/// <param name="Spans">Every distance that counts, in the order it was written.</param>
/// <param name="Redundancy">How many distances more than needed.</param>
/// <param name="Doubts">Distances that do not fit the rest, the worst first. Places follow from the others, and from what was read with the unit that was left
/// off.</param>
/// <param name="Next">The one measurement more that would help most; null when there is nothing left to measure.</param>
/// <param name="Datum">Where coordinates are counted from, in words.</param>
public sealed record SurveyResult(
    ImmutableArray<SurveyedPoint> Points, double? Width, double? Depth, ImmutableArray<SurveyedSpan> Spans, int Redundancy, ImmutableArray<SurveyDoubt> Doubts,
    SurveyAdvice? Next, string Datum)
{
    /// <summary>The points that the distances do not fix.</summary>
    public IEnumerable<SurveyedPoint> Undetermined => Points.Where(point => !point.IsDetermined);

    /// <summary>The points that are holes: those called h and a number, by that number; h1 comes before h10.</summary>
    public IEnumerable<SurveyedPoint> Holes
        => Points.Where(point => point.Name.StartsWith('h')).OrderBy(point => int.TryParse(point.Name.AsSpan(1), out var number) ? number : int.MaxValue);

    /// <summary>How far the least certain place may be off in 999 of 1,000 surveys, in millimetres; infinite where a slip would not show.</summary>
    public double LargestBound => Points.Where(point => point.IsDetermined).Select(point => point.Bound).DefaultIfEmpty().Max();

    /// <summary>The largest half axis of any ellipse, in millimetres; 0 when there is no point.</summary>
    public double LargestAxis => Points.Where(point => point.IsDetermined).Select(point => point.LongAxis).DefaultIfEmpty().Max();
}
