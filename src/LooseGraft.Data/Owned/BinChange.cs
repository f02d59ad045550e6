namespace LooseGraft.Data.Owned;

/// <summary>One change of the bin, from which it can be undone and redone.</summary>
public sealed class BinChange
{
    public int Id { get; init; }

    public required string What { get; init; }

    public required DateTimeOffset At { get; init; }

    public bool IsUndone { get; set; }

    public List<BinChangeRow> Rows { get; init; } = [];
}
