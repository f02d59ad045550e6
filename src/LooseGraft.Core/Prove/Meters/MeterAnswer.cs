namespace LooseGraft.Core.Prove.Meters;

/// <summary>What came of asking an instrument.</summary>
/// <param name="Text">What it showed, readable as a reading; null when there is none.</param>
/// <param name="Problem">What to tell the builder: why there is no reading, or why not to trust it; null when all is well.</param>
public sealed record MeterAnswer(string? Text, string? Problem = null)
{
    /// <summary>No reading, and why.</summary>
    public static MeterAnswer Failed(string problem) => new(null, problem);
}
