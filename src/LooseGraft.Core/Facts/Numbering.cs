namespace LooseGraft.Core.Facts;

/// <summary>How positions are counted, looking at the mating face of the male half with position 1 at the upper left.</summary>
public enum Numbering
{
    /// <summary>1 above 2, then 3 above 4: the way of two-row headers.</summary>
    Zigzag,

    /// <summary>The whole first row from left to right, then the next.</summary>
    AlongRows,

    /// <summary>The first row from left to right, the second back from right to left.</summary>
    Around,
}
