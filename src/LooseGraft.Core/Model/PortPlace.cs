using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Where a port sits on its board, in the board's frame.</summary>
/// <param name="At">The middle of its opening, seen from above.</param>
/// <param name="Faces">Where its plug comes from.</param>
public sealed record PortPlace(PlanPoint At, PortFacing Faces)
{
    /// <summary>How wide its face is, along the edge it faces.</summary>
    public Millimetres Width { get; init; } = new(15);

    /// <summary>How tall its face is above the component side.</summary>
    public Millimetres Height { get; init; } = new(10);

    /// <summary>How far a plug with the bend of its lead stands out; a right-angle plug needs less.</summary>
    public Millimetres PlugRoom { get; init; } = new(25);

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
