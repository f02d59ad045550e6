namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A lead that has to reach.</summary>
/// <param name="Run">Its id.</param>
public sealed record RunSubject(string Run) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/seating/runs/{Run}";
}
