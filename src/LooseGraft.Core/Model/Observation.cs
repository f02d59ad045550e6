namespace LooseGraft.Core.Model;

/// <summary>What was seen when the bare board was started.</summary>
/// <param name="At">When.</param>
/// <param name="Watched">What was watched.</param>
/// <param name="WasSeen">Whether it happened.</param>
public sealed record Observation(DateTimeOffset At, WatchPoint Watched, bool WasSeen)
{
    /// <summary>Of which donor's board; null for the first donor's.</summary>
    public string? Donor { get; init; }

    /// <summary>What exactly: the beeps counted, the words on the screen.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
