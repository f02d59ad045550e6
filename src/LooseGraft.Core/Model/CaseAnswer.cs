using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>What the builder says about one thing the old case may have done for the board.</summary>
/// <param name="Duty">The thing.</param>
/// <param name="Did">Whether the old case did it.</param>
public sealed record CaseAnswer(CaseDuty Duty, bool Did)
{
    /// <summary>The part of the graft that does it now; null while none does.</summary>
    public string? MetBy { get; init; }

    /// <summary>What follows from leaving it off, in the builder's words; null while it is not left off.</summary>
    public string? LeftOff { get; init; }

    /// <summary>How the old case did it.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>Whether it is a need that nothing answers yet.</summary>
    public bool IsOpen => Did && MetBy is null && LeftOff is null;
}
