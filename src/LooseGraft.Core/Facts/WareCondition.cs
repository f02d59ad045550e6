namespace LooseGraft.Core.Facts;

/// <summary>What state something that is owned or offered is in.</summary>
public enum WareCondition
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
