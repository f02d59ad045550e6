namespace LooseGraft.Core.Model;

/// <summary>What the builder says of a need that the decisions ask for.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Marking">What is said of it.</param>
/// <param name="Reason">Why it is left out; null where it is there.</param>
public sealed record NeedMark(string Need, NeedMarking Marking, string? Reason)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
