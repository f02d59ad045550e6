namespace LooseGraft.Data;

/// <summary>A graft as it is kept: its document as the file format writes it, and what the shelf looks it up by.</summary>
public sealed class GraftEntry
{
    public int Id { get; init; }

    public required string Name { get; set; }

    public required string Document { get; set; }

    /// <summary>Counts every change, undo and redo; a save that expects another number is stale.</summary>
    public int Revision { get; set; }

    /// <summary>The change whose state the document is in; null as it began.</summary>
    public int? HeadId { get; set; }

    public required DateTimeOffset ChangedAt { get; set; }

    /// <summary>When it was thrown on the compost; null while it is on the shelf.</summary>
    public DateTimeOffset? ThrownAwayAt { get; set; }
}
