using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Where a board sits on a plane.</summary>
/// <param name="Part">The board.</param>
/// <param name="Plane">The plane.</param>
/// <param name="At">Where the origin of the board's frame lies in the plane's.</param>
/// <param name="TurnDegrees">How far it is turned, counter-clockwise seen from the component side.</param>
public sealed record BoardSeat(string Part, string Plane, PlanPoint At, double TurnDegrees)
{
    /// <summary>How high its solder side stands above the plane where it is not given by the mounts; about 6.5 mm is usual (common practice).</summary>
    public Millimetres Rise { get; init; } = UsualBoard.Rise;

    /// <summary>What holds it at each hole that no mount meets, by the hole's place in the list from 1.</summary>
    public ValueList<HoleMounting> Holes { get; init; } = [];

    /// <summary>What closes the opening round its ports.</summary>
    public IoPlate? Plate { get; init; }

    /// <summary>The plate that there is; null when nobody measured it, or there is none.</summary>
    public PlateSheet? PlateSheet { get; init; }

    /// <summary>The screw at every hole that a mount meets; null when nobody said.</summary>
    public Screw? Screw { get; init; }

    /// <summary>What joins its ground to the metal of the plane besides its screws; null for nothing.</summary>
    public BoardGround? Ground { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>A place of the board in the plane's frame.</summary>
    public PlanPoint Place(PlanPoint ofBoard) => ofBoard.Turned(TurnDegrees) + At;
}
