namespace LooseGraft.Data.Owned;

/// <summary>What one change did to one entry: how it stood before and after, as JSON; null after it was taken out.</summary>
public sealed class BinChangeRow
{
    public int Id { get; init; }

    public int ChangeId { get; init; }

    public required int EntryId { get; init; }

    public required string Before { get; init; }

    public string? After { get; init; }
}
