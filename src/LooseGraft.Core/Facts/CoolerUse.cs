namespace LooseGraft.Core.Facts;

/// <summary>What a cooler is for.</summary>
public enum CoolerUse
{
    /// <summary>A processor.</summary>
    Chip,

    /// <summary>A card's chip.</summary>
    Card,

    /// <summary>A drive, which is its own cooler.</summary>
    Drive,
}
