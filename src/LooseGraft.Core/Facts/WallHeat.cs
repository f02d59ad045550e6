namespace LooseGraft.Core.Facts;

/// <summary>What goes through a wall with still air outside. Practice, not a standard.</summary>
/// <param name="Material">What it is made of, as files write it.</param>
/// <param name="Low">Least watts for each square metre and kelvin.</param>
/// <param name="Likely">The likely figure.</param>
/// <param name="High">Most.</param>
/// <param name="Source">Where that comes from.</param>
public sealed record WallHeat(string Material, double Low, double Likely, double High, string Source)
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<WallHeat> All { get; } = FactFile.Load<IReadOnlyList<WallHeat>>("wall-heat.json");
}
