namespace LooseGraft.Core.Model;

/// <summary>What closes the opening round a board's ports.</summary>
public enum IoPlate
{
    /// <summary>The loose plate of the old case is kept.</summary>
    Kept,

    /// <summary>It is bent until it fits.</summary>
    Bent,

    /// <summary>It is cut from the old case.</summary>
    CutFromOldCase,

    /// <summary>It is made from sheet.</summary>
    Made,

    /// <summary>The opening stays open.</summary>
    LeftOpen,
}
