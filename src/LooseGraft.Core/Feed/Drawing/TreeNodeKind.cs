namespace LooseGraft.Core.Feed.Drawing;

/// <summary>What a node of the feed tree is.</summary>
public enum TreeNodeKind
{
    /// <summary>The wall.</summary>
    Wall,

    /// <summary>A supply, brick, converter or box.</summary>
    Supply,

    /// <summary>A rail of it.</summary>
    Rail,

    /// <summary>A string of plugs.</summary>
    Lead,

    /// <summary>A plug.</summary>
    Plug,

    /// <summary>An adapter, a splitter or another lead.</summary>
    Adapter,

    /// <summary>A part.</summary>
    Part,

    /// <summary>A port of a part that feeds on.</summary>
    Port,
}
