namespace LooseGraft.Core.Findings.Subjects;

/// <summary>What a load takes from a rail.</summary>
/// <param name="Load">The id of the load.</param>
/// <param name="Rail">The name of the rail.</param>
/// <param name="Socket">The port that it enters by, apart from all others; null where it is none in particular.</param>
public sealed record DrawSubject(string Load, string Rail, string? Socket = null) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/loads/{Load}/draws/{Rail}{(Socket is null ? "" : $"/{Socket}")}";
}
