namespace LooseGraft.Core.Facts;

/// <summary>How a fan is built.</summary>
public enum FanKind
{
    /// <summary>It blows straight through.</summary>
    Axial,

    /// <summary>It takes air in at its side and throws it out at its edge.</summary>
    Blower,
}
