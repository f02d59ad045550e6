namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A joint.</summary>
/// <param name="Joint">Its id.</param>
public sealed record JointSubject(string Joint) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/joints/{Joint}";
}
