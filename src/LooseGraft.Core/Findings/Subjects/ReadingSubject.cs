namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A reading.</summary>
/// <param name="Reading">Its id.</param>
public sealed record ReadingSubject(string Reading) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/readings/{Reading}";
}
