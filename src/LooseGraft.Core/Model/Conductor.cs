namespace LooseGraft.Core.Model;

/// <summary>One wire of a joint.</summary>
/// <param name="From">Position on the joint's first port.</param>
/// <param name="To">Position on the joint's second port.</param>
public sealed record Conductor(int From, int To)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
