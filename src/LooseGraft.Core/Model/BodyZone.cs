using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A region of a board that stands out or is bare of solder, in the board's frame.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Area">Where.</param>
public sealed record BodyZone(BodyZoneKind Kind, string Name, PlanRectangle Area)
{
    /// <summary>How far it stands above the component side, for a tall zone, or below the solder side, for what is below.</summary>
    public Millimetres Height { get; init; }

    /// <summary>Whether what is below conducts, so that metal shorts it.</summary>
    public bool Conducts { get; init; } = true;

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
