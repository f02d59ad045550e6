namespace LooseGraft.Core.Findings.Subjects;

/// <summary>The air of a space of the shell.</summary>
/// <param name="Space">Its id.</param>
public sealed record SpaceSubject(string Space) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/cooling/spaces/{Space}";
}
