namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A part.</summary>
/// <param name="Part">Its id.</param>
public sealed record PartSubject(string Part) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/parts/{Part}";
}
