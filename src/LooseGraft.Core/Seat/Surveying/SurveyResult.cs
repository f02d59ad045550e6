using System.Collections.Immutable;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>What distances say of places.</summary>
/// <param name="Points">Every point, in the order it first came up.</param>
/// <param name="Width">Left to right edge in millimetres; null when no distance says so.</param>
/// <param name="Depth">Rear to front edge.</param>
/// <param name="Spans">Every distance that counts, in the order it was written.</param>
/// <param name="Redundancy">How many distances more than needed.</param>
/// <param name="Suspect">The distance that does not fit the rest; null when all do.</param>
/// <param name="Next">The one measurement more that would help most; null when there is nothing left to measure.</param>
/// <param name="Datum">Where coordinates are counted from, in words.</param>
public sealed record SurveyResult(
    ImmutableArray<SurveyedPoint> Points, double? Width, double? Depth, ImmutableArray<SurveyedSpan> Spans, int Redundancy, SurveyedSpan? Suspect,
    SurveyAdvice? Next, string Datum)
{
    /// <summary>The points that the distances do not fix.</summary>
    public IEnumerable<SurveyedPoint> Undetermined => Points.Where(point => !point.IsDetermined);

    /// <summary>The largest half axis of any ellipse, in millimetres; 0 when there is no point.</summary>
    public double LargestAxis => Points.Where(point => point.IsDetermined).Select(point => point.LongAxis).DefaultIfEmpty().Max();
}
