namespace LooseGraft.Data.Owned;

/// <summary>What state something in the bin is in.</summary>
public enum BinCondition
{
    /// <summary>Never used.</summary>
    New,

    /// <summary>Used, and known to work.</summary>
    Works,

    /// <summary>Nobody has tried it.</summary>
    Untested,

    /// <summary>Broken, kept for its parts.</summary>
    Broken,
}
