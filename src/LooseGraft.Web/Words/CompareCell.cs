namespace LooseGraft.Web.Words;

/// <summary>What one offer has of one thing.</summary>
/// <param name="Text">What it is; null where nobody said.</param>
/// <param name="More">What follows from it, each a line; empty for nothing.</param>
public sealed record CompareCell(string? Text, params IReadOnlyList<string> More)
{
    /// <summary>Nobody said.</summary>
    public static readonly CompareCell Unknown = new((string?)null);

    /// <summary>The shape of something to look at before it is bought; null for nothing to look at.</summary>
    public string? Shape { get; init; }

    /// <summary>What it is among the others, such as the quietest; null where it is not the best of them.</summary>
    public string? Best { get; init; }
}
