using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>Places from distances, with how well they are known and which readings do not belong to the rest.</summary>
public static class SurveyAdjustment
{
    /// <inheritdoc cref="SurveyBlame.SuspectAt"/>
    public const double SuspectAt = SurveyBlame.SuspectAt;

    /// <summary>Adjusts a survey.</summary>
    /// <returns>The places; of points that nothing fixes, some place.</returns>
    public static SurveyResult Of(Survey survey)
    {
        var all = new SurveySystem(survey.Spans.Where(span => SurveyText.Value(span) is not null));
        var blame = SurveyBlame.Of(all);
        var (system, at) = (blame.System, blame.Fit.At);
        var spread = SurveySpread.Of(system, at);
        var (mirrored, bounds) = (SurveyMirror.Of(system, at), SurveyBounds.Of(blame));
        var points = system.Points.Select((name, index) =>
        {
            var (longAxis, shortAxis, degrees) = spread.Ellipse(2 * index);
            return new SurveyedPoint(
                name, new PlanPoint(at[2 * index], at[(2 * index) + 1]), spread.IsDetermined(2 * index) && spread.IsDetermined((2 * index) + 1),
                longAxis, shortAxis, degrees, system.Diameters.TryGetValue(name, out var diameter) ? diameter : null, bounds[index],
                mirrored.TryGetValue(index, out var other) ? other : null);
        }).ToImmutableArray();
        var counted = system.Equations.ToHashSet();
        var spans = all.Equations.Select(equation => new SurveyedSpan(equation.Span, equation.Middle, system.Say(equation, at),
            counted.Contains(equation) ? spread.Weight(system, equation, at) : spread.WeightOutside(system, equation, at))).ToImmutableArray();
        return new SurveyResult(points, system.Has("right") ? at[system.Right] : null, system.Has("front") ? at[system.Front] : null, spans,
            system.Equations.Count - spread.Rank, blame.Doubts(points), SurveyPlanner.Next(system, at, spread, points), system.Datum);
    }
}
