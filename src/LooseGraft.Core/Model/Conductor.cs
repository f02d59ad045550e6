namespace LooseGraft.Core.Model;

/// <summary>One wire of a joint.</summary>
/// <param name="From">Position on the joint's first port.</param>
/// <param name="To">Position on the joint's second port.</param>
public sealed record Conductor(int From, int To)
{
    /// <summary>Its two ends, the fixed port's first.</summary>
    public (LeadEnd One, LeadEnd Other) Ends => (new LeadEnd(true, From), new LeadEnd(false, To));

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
