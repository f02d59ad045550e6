namespace LooseGraft.Core.Feed;

/// <summary>What sort of limit.</summary>
public enum FeedLimitKind
{
    /// <summary>Of one rail.</summary>
    Rail,

    /// <summary>Shared by several rails.</summary>
    Combined,

    /// <summary>Of the whole supply.</summary>
    Total,
}
