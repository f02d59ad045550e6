namespace LooseGraft.Core.Facts;

/// <summary>What holds a cooler on its board.</summary>
public enum CoolerHold
{
    /// <summary>Its own screws, clip or lugs, as its maker has it.</summary>
    Own,

    /// <summary>A back plate or bracket that is made for it.</summary>
    Bracket,

    /// <summary>Posts that are part of the old case.</summary>
    CasePosts,

    /// <summary>Ties, bands, tape or glue.</summary>
    Ties,

    /// <summary>Nothing: it lies on the chip.</summary>
    Nothing,
}
