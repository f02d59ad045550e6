using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>What follows from a material.</summary>
public static class PlaneMaterials
{
    /// <summary>Whether it is sheet metal.</summary>
    public static bool IsMetal(this PlaneMaterial material) => material is PlaneMaterial.Steel or PlaneMaterial.Aluminium;

    /// <summary>What goes through a wall of it.</summary>
    public static WallHeat Heat(this PlaneMaterial material)
        => WallHeat.All.First(each => each.Material.Equals(material.ToString(), StringComparison.OrdinalIgnoreCase));
}
