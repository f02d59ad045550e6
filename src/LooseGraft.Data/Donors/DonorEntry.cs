namespace LooseGraft.Data.Donors;

/// <summary>A known donor as it is kept: its document as the file format writes it, and what it is found by.</summary>
public sealed class DonorEntry
{
    public int Id { get; init; }

    public required string Model { get; init; }

    public required string Revision { get; init; }

    public required string Document { get; init; }

    public required DateTimeOffset AddedAt { get; init; }

    /// <summary>When it was put aside; null while it is on the shelf.</summary>
    public DateTimeOffset? RemovedAt { get; set; }
}
