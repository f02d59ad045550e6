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
/// <param name="Mirror">The other place that the distances fit as well; null when there is none.</param>
public sealed record SurveyedPoint(
    string Name, PlanPoint At, bool IsDetermined, double LongAxis, double ShortAxis, double AxisDegrees, double? Diameter, PlanPoint? Mirror)
{
    /// <summary>Whether the distances fit a mirrored place as well.</summary>
    public bool HasMirror => Mirror is not null;
}
