using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>A part as lines describe it. What they do not say stays as it is.</summary>
/// <param name="Name">What it is called; a part of that name is meant where there is one.</param>
/// <param name="Kind">What sort of thing it is.</param>
public sealed record WrittenPart(string Name, PartKind Kind)
{
    /// <summary>The usual part it begins as, where it is new.</summary>
    public PartTemplate? Like { get; init; }

    /// <summary>Whether that is said, and not only its name.</summary>
    public bool IsLikeSaid { get; init; }

    /// <summary>Where it comes from; null when that is not said.</summary>
    public PartOrigin? Origin { get; init; }

    /// <summary>Name of the one of several donors that it came out of, where that is said; null for the first.</summary>
    public string? Donor { get; init; }

    /// <summary>Name of the part in whose place it stands; null when that is not said.</summary>
    public string? InPlaceOf { get; init; }

    /// <summary>What it costs; null when that is not said.</summary>
    public Money? Cost { get; init; }

    /// <summary>How many of it are new, from 1.</summary>
    public int Count { get; init; } = 1;

    /// <summary>The maker's revision; null when that is not said.</summary>
    public string? Revision { get; init; }

    /// <summary>A note; null when there is none.</summary>
    public string? Note { get; init; }

    /// <summary>Its connectors.</summary>
    public ValueList<WrittenPort> Ports { get; init; } = [];

    /// <summary>Its conductors, by the names of its connectors.</summary>
    public ValueList<WrittenWire> Wires { get; init; } = [];
}
