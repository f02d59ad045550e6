namespace LooseGraft.Core.Findings.Subjects;

/// <summary>Something that takes up room.</summary>
/// <param name="Box">Its id.</param>
public sealed record BoxSubject(string Box) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/seating/boxes/{Box}";
}
