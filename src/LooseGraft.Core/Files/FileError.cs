namespace LooseGraft.Core.Files;

/// <summary>One thing wrong with a file.</summary>
/// <param name="Path">Where: a JSON path such as <c>$.parts[2].ports[0].pins[3].signal</c>, or a line of a broken text.</param>
/// <param name="Found">What stands there.</param>
/// <param name="Allowed">What may stand there.</param>
public sealed record FileError(string Path, string Found, string Allowed)
{
    /// <summary>The whole in one sentence.</summary>
    public override string ToString() => $"{Path}: found {Found}; allowed: {Allowed}.";
}
