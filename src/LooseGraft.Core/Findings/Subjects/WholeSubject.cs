namespace LooseGraft.Core.Findings.Subjects;

/// <summary>The graft as a whole.</summary>
public sealed record WholeSubject : Subject
{
    /// <inheritdoc/>
    public override string Text => "/";
}
