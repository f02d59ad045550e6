using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A way for air that Seat has no opening for: a gap, a duct, an opening between two spaces.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="From">The space that it starts from; null for the room.</param>
/// <param name="To">The space that it leads to; null for the room.</param>
/// <param name="Area">Its area where it is narrowest, cover and all.</param>
public sealed record AirWay(string Id, string Name, string? From, string? To, SquareCentimetres Area)
{
    /// <summary>What is in it.</summary>
    public AirCover Cover { get; init; }

    /// <summary>The share of it that is free, where somebody measured it; null for what the cover usually leaves.</summary>
    public double? FreeShare { get; init; }

    /// <summary>The dust filter in it.</summary>
    public AirFilter Filter { get; init; }

    /// <summary>The side of the shell that it is in; null where nobody said, and for one between two spaces.</summary>
    public PlaneWall? Wall { get; init; }

    /// <summary>How high it lies above what the shell stands on.</summary>
    public Millimetres Height { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
