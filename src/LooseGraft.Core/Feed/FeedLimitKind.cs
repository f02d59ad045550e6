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

    /// <summary>Of the wires of a string.</summary>
    Wire,

    /// <summary>Of the contacts of a plug.</summary>
    Plug,

    /// <summary>Of a port that feeds other parts on.</summary>
    Port,

    /// <summary>Of the wires of an adapter, a splitter or another lead.</summary>
    Lead,
}
