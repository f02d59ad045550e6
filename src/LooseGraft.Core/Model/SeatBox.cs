using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Something that takes up room: a cooler, a card, a drive cage, a brace, a region to be kept free.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="On">The plane or the seated board in whose frame it stands; with a board it moves along.</param>
/// <param name="Area">Where, seen from above.</param>
public sealed record SeatBox(string Id, string Name, string On, PlanRectangle Area)
{
    /// <summary>Where it begins: above the plane, or above the component side.</summary>
    public Millimetres From { get; init; }

    /// <summary>How tall it is.</summary>
    public Millimetres Height { get; init; } = new(10);

    /// <summary>What has to stay free round it.</summary>
    public Millimetres Clearance { get; init; }

    /// <summary>How far each of its sides may be off.</summary>
    public Millimetres Tolerance { get; init; } = new(0.5);

    /// <summary>The part it is; null for something of the shell.</summary>
    public string? Part { get; init; }

    /// <summary>Whether its outside is bare metal; null when nobody said. Paint counts as bare.</summary>
    public bool? IsMetal { get; init; }

    /// <summary>Whether it stands upright as a round thing, as wide as its area; otherwise it fills its area.</summary>
    public bool IsRound { get; init; }

    /// <summary>Whether it carries mains or high voltage: an inlet, a switch, a transformer, the inverter of a screen.</summary>
    public bool IsMains { get; init; }

    /// <summary>Whether it gets hot: glue near it softens.</summary>
    public bool IsHot { get; init; }

    /// <summary>Whether it is heavy: ties do not hold it.</summary>
    public bool IsHeavy { get; init; }

    /// <summary>How many slots a card's bracket takes; null for as many as it is wide.</summary>
    public int? Slots { get; init; }

    /// <summary>Whether a holder or screws of its own hold it, where neither a bracket nor a socket does.</summary>
    public bool IsHeld { get; init; }

    /// <summary>The size of drive it is; null for no drive.</summary>
    public DriveForm? Drive { get; init; }

    /// <summary>The size of bay that the drive is in; null for none, or when nobody said.</summary>
    public DriveForm? Bay { get; init; }

    /// <summary>Whether a frame makes up for what the drive is smaller than its bay.</summary>
    public bool HasFrame { get; init; }

    /// <summary>The screw that holds the drive; null when nobody said.</summary>
    public Screw? Screw { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
