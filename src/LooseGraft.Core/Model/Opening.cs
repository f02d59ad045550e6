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
    // The half side of the square in a circle of diameter one.
    private const double Chord = 0.353_553_390_593;

    /// <summary>Whether it is there or still to be cut.</summary>
    public bool IsToCut { get; init; }

    /// <summary>Whether it is round, as wide as its area; otherwise it fills its area.</summary>
    public bool IsRound { get; init; }

    /// <summary>The largest rectangle of its area's shape that is open in it.</summary>
    public PlanRectangle Inner => !IsRound ? Area
        : new PlanRectangle(Area.Middle.X - (Area.Width * Chord), Area.Middle.Y - (Area.Depth * Chord), Area.Width * 2 * Chord, Area.Depth * 2 * Chord);

    /// <summary>How exactly it has to be cut, each way.</summary>
    public Millimetres Tolerance { get; init; } = new(0.5);

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
