using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Writes down the distances measured on a part or a plane; none takes the survey out.</summary>
public sealed record WriteSurvey(string Of, ValueList<SurveySpan> Spans) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.FindPart(Of) is null && graft.Seating.FindPlane(Of) is null ? graft : graft.WithSeating(seating => seating.WithSurvey(Of, Spans));

    public override string Words(Graft graft)
        => $"{graft.FindPart(Of)?.Name ?? graft.Seating.FindPlane(Of)?.Name ?? Of} measured: {Spans.Length.Counted("distance")}";

    public override string Standing(Graft graft)
        => (graft.Seating.Surveys.FirstOrDefault(survey => survey.Of == Of)?.Spans.Length ?? 0).Counted("distance");
}
