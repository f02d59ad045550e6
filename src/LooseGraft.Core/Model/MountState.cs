namespace LooseGraft.Core.Model;

/// <summary>What was done with a mount.</summary>
public enum MountState
{
    /// <summary>It stands as it was found.</summary>
    AsFound,

    /// <summary>It was taken out, cut off or flattened.</summary>
    Removed,

    /// <summary>It stands, with insulation over it that does not wear through.</summary>
    Insulated,
}
