namespace LooseGraft.Data.Records;

/// <summary>A record of a graft as it is kept: its document, and what it is looked up by. Rows are added and never changed; the database itself refuses
/// it.</summary>
public sealed class RecordEntry
{
    public int Id { get; init; }

    public int GraftId { get; init; }

    public required DateTimeOffset At { get; init; }

    public required string Document { get; init; }
}
