using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>One distance against the places that all of them together give.</summary>
/// <param name="Span">The distance as written.</param>
/// <param name="Measured">Middle to middle, in millimetres.</param>
/// <param name="Adjusted">What the places say.</param>
/// <param name="Weight">The residual against its own standard deviation: over 3.29 it does not belong to the rest once in a thousand times (Baarda, 1968). Null
/// when nothing checks it.</param>
public sealed record SurveyedSpan(SurveySpan Span, double Measured, double Adjusted, double? Weight)
{
    /// <summary>Measured less adjusted, in millimetres.</summary>
    public double Residual => Measured - Adjusted;
}
