namespace LooseGraft.Data.Meters;

/// <summary>A networked instrument whose address the builder entered.</summary>
public sealed class MeterEntry
{
    public int Id { get; init; }

    public required string Name { get; init; }

    public required string Host { get; init; }

    public required int Port { get; init; }

    /// <summary>Whether it may be contacted. Off until the builder turns it on.</summary>
    public bool IsOn { get; set; }
}
