namespace LooseGraft.Core.Model;

/// <summary>Two contacts of one end joined with each other: a bridge soldered on the board, or a short link in a lead.</summary>
/// <param name="One">One contact.</param>
/// <param name="Other">The other, of the same end.</param>
public sealed record LeadTie(LeadEnd One, LeadEnd Other)
{
    /// <summary>The two contacts as ends of a lead.</summary>
    public (LeadEnd One, LeadEnd Other) Ends => (One, Other);

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
