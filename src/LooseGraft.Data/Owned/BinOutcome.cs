namespace LooseGraft.Data.Owned;

/// <summary>What came of a change of the bin.</summary>
/// <param name="What">What was done, in words; null when nothing was.</param>
/// <param name="Problem">Why nothing was done; null when it was.</param>
public sealed record BinOutcome(string? What, string? Problem = null)
{
    /// <summary>Whether nothing was done because the bin was changed in between.</summary>
    public bool IsStale { get; init; }

    internal static BinOutcome Refused(string problem) => new(null, problem);
}
