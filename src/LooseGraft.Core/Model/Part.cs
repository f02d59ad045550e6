using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Any physical thing in the graft.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Name">As a builder says it.</param>
/// <param name="Kind">What sort of thing it is.</param>
public sealed record Part(string Id, string Name, PartKind Kind)
{
    /// <summary>Where it comes from; null when nobody said.</summary>
    public PartOrigin? Origin { get; init; }

    /// <summary>Which of several donors it came out of; null for the first, and for what came out of none.</summary>
    public string? Donor { get; init; }

    /// <summary>Id of the part whose work it does instead, which is set aside while this one is there; null for most.</summary>
    public string? InPlaceOf { get; init; }

    /// <summary>What it cost or will cost; null when that is not known or nothing.</summary>
    public Money? Cost { get; init; }

    /// <summary>Anything worth remembering.</summary>
    public string? Note { get; init; }

    /// <summary>The maker's revision of it, and how that is known; null when it has none or nobody looked.</summary>
    public Known<string>? BoardRevision { get; init; }

    /// <summary>What it takes from the bin; null when it does not come from there.</summary>
    public BinClaim? Bin { get; init; }

    /// <summary>The shape of it, for a board; null when nobody measured.</summary>
    public PartBody? Body { get; init; }

    /// <summary>Its mounting holes.</summary>
    public ValueList<MountHole> Holes { get; init; } = [];

    /// <summary>Its connectors.</summary>
    public ValueList<Port> Ports { get; init; } = [];

    /// <summary>Which of its contacts are joined inside it: the wires of a lead, a link in a block, a switch.</summary>
    public ValueList<PartLink> Links { get; init; } = [];

    /// <summary>Who made it; null where nobody said.</summary>
    public PartMaking? Making { get; init; }

    /// <summary>Gauge of its wires, an American wire gauge number, for a lead, a splitter or an adapter; null where nobody looked.</summary>
    public int? Awg { get; init; }

    /// <summary>What the meter said between its contacts, for a lead that was made by hand.</summary>
    public ValueList<ContinuityTest<InnerEnd>> Tests { get; init; } = [];

    /// <summary>Its keys, if it is a keyboard of rows and columns.</summary>
    public KeyMatrix? Matrix { get; init; }

    /// <summary>Whether it may have a place on a plane: a board, or anything whose shape or holes are known.</summary>
    public bool CanBeSeated => Kind == PartKind.Board || Body is not null || !Holes.IsEmpty;

    /// <summary>The part said to come from there; a donor counts only for what comes out of one.</summary>
    public Part From(PartOrigin? origin, string? donor) => this with { Origin = origin, Donor = origin == PartOrigin.Donor ? donor : null };

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
