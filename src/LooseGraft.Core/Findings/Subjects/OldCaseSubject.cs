namespace LooseGraft.Core.Findings.Subjects;

/// <summary>What the old case did, as a whole.</summary>
public sealed record OldCaseSubject : Subject
{
    /// <inheritdoc/>
    public override string Text => "/old-case";
}
