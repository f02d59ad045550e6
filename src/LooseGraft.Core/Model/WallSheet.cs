using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a wall round a plane is made of, where that is not what the plane is made of.</summary>
/// <param name="Wall">Which.</param>
/// <param name="Material">What it is made of.</param>
/// <param name="Thickness">How thick it is.</param>
public sealed record WallSheet(PlaneWall Wall, PlaneMaterial Material, Millimetres Thickness)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>Whether it is sheet metal.</summary>
    public bool IsMetal => Material.IsMetal();
}
