namespace LooseGraft.Core.Model;

/// <summary>Something that happened once at the bench. It is never changed or taken back, not even when the edit that came of it is undone; a correction is a
/// record of its own.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="At">When it was written down.</param>
/// <param name="Kind">What sort of thing.</param>
/// <param name="Says">What happened, in the words of the moment: names may have changed since.</param>
public sealed record BenchRecord(string Id, DateTimeOffset At, RecordKind Kind, string Says)
{
    /// <summary>What was ordered, for an order; null for anything else.</summary>
    public Order? Order { get; init; }

    /// <summary>What came, for an arrival; null for anything else.</summary>
    public Arrival? Arrival { get; init; }

    /// <summary>The record that was a slip, by its id, for a correction of an order or arrival; null for anything else.</summary>
    public string? Corrects { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
