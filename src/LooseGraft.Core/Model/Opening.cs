using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>An opening in a wall round a plane, or in the plane itself.</summary>
/// <param name="Id">Unique within the plane.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Wall">Which wall it is in.</param>
/// <param name="Area">In a wall: along it, and up from the plane; in the plane: where it lies.</param>
public sealed record Opening(string Id, string Name, OpeningKind Kind, PlaneWall Wall, PlanRectangle Area)
{
    /// <summary>Whether it is there or still to be cut.</summary>
    public bool IsToCut { get; init; }

    /// <summary>How exactly it has to be cut, each way.</summary>
    public Millimetres Tolerance { get; init; } = new(0.5);

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
