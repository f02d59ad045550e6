namespace LooseGraft.Core.Findings.Subjects;

/// <summary>The proof that the bare board lives.</summary>
public sealed record LifeSubject : Subject
{
    /// <inheritdoc/>
    public override string Text => "/life";
}
