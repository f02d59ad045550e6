namespace LooseGraft.Data.Owned;

/// <summary>One change of the bin, from which it can be undone and redone.</summary>
public sealed class BinChange
{
    public int Id { get; init; }

    public required string What { get; init; }

    public required DateTimeOffset At { get; init; }

    public bool IsUndone { get; set; }

    /// <summary>The change that was the last in force when this one was made; null where there was none.</summary>
    public int? Upon { get; init; }

    /// <summary>The first entry that the change put in; null when it put none in. What it put in are all entries up to <see cref="LastAdded"/>.</summary>
    public int? FirstAdded { get; init; }

    /// <summary>The last entry that the change put in.</summary>
    public int? LastAdded { get; init; }

    /// <summary>The entries that the change altered or took out.</summary>
    public List<BinChangeRow> Rows { get; init; } = [];
}
