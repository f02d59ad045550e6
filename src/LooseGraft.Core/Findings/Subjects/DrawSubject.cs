namespace LooseGraft.Core.Findings.Subjects;

/// <summary>What a load takes from a rail.</summary>
/// <param name="Load">The id of the load.</param>
/// <param name="Rail">The name of the rail.</param>
public sealed record DrawSubject(string Load, string Rail) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/loads/{Load}/draws/{Rail}";
}
