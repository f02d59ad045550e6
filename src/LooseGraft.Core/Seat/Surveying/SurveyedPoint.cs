using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>A point whose place follows from distances.</summary>
/// <param name="Name">Its name.</param>
/// <param name="At">Where it is.</param>
/// <param name="IsDetermined">Whether the distances fix it.</param>
/// <param name="LongAxis">The long half axis of its uncertainty ellipse (one standard deviation), in millimetres.</param>
/// <param name="ShortAxis">The short half axis.</param>
/// <param name="AxisDegrees">Which way the long axis points, counter-clockwise from x.</param>
/// <param name="Diameter">Its diameter if that was measured, in millimetres.</param>
/// <param name="Bound">How far it may be off, in millimetres, in 999 of 1,000 surveys with at most one slip among the readings that count; infinite where a
/// reading that nothing checks moves it.</param>
/// <param name="Mirror">The other place that the distances fit as well; null when there is none.</param>
public sealed record SurveyedPoint(
    string Name, PlanPoint At, bool IsDetermined, double LongAxis, double ShortAxis, double AxisDegrees, double? Diameter, double Bound, PlanPoint? Mirror)
{
    /// <summary>Whether the distances fit a mirrored place as well.</summary>
    public bool HasMirror => Mirror is not null;
}
