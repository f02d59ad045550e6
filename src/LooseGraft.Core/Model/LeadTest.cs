namespace LooseGraft.Core.Model;

/// <summary>What the meter said between two ends of a made lead, before it met anything.</summary>
/// <param name="One">Where one probe lay.</param>
/// <param name="Other">Where the other lay.</param>
/// <param name="Beeped">Whether the meter beeped.</param>
/// <param name="At">When.</param>
public sealed record LeadTest(LeadEnd One, LeadEnd Other, bool Beeped, DateTimeOffset At)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
