using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>The shape of a board, in its own frame.</summary>
/// <param name="Outline">Its outline as a polygon of three corners or more, in order.</param>
/// <param name="Evidence">Where the outline is known from.</param>
public sealed record PartBody(ValueList<PlanPoint> Outline, Evidence Evidence)
{
    /// <summary>How thick the board is; 1.6 mm is usual (common practice).</summary>
    public Millimetres Thickness { get; init; } = UsualBoard.Thickness;

    /// <summary>How far solder tails stand out below; about 2.5 mm is usual (common practice).</summary>
    public Millimetres Tails { get; init; } = UsualBoard.Tails;

    /// <summary>What stands above or lies below, where it is known. Where nothing is said, the underside counts as bare solder.</summary>
    public ValueList<BodyZone> Zones { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
