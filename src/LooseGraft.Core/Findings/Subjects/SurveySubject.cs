namespace LooseGraft.Core.Findings.Subjects;

/// <summary>Distances measured on a part or a plane.</summary>
/// <param name="Of">The id of what was measured.</param>
public sealed record SurveySubject(string Of) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/seating/surveys/{Of}";
}
