namespace LooseGraft.Data.History;

/// <summary>One change of a graft. Changes form a tree: undoing and then changing something else starts a new branch, and the old one stays
/// reachable.</summary>
public sealed class ChangeEntry
{
    public int Id { get; init; }

    public int GraftId { get; init; }

    /// <summary>The change this one was made upon; null for one made upon the graft as it began.</summary>
    public int? ParentId { get; init; }

    /// <summary>The revision of the graft that it made; null where that was not noted, or was never shown.</summary>
    public int? Revision { get; init; }

    public required string What { get; init; }

    public required DateTimeOffset At { get; init; }

    public required int Offset { get; init; }

    public required string Removed { get; init; }

    public required string Inserted { get; init; }

    public TextSplice Splice => new(Offset, Removed, Inserted);
}
