using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>What a board is taken for while nobody measured it (common practice).</summary>
public static class UsualBoard
{
    /// <summary>How thick it is.</summary>
    public static Millimetres Thickness { get; } = new(1.6);

    /// <summary>How far solder tails stand out below.</summary>
    public static Millimetres Tails { get; } = new(2.5);

    /// <summary>How high its solder side stands above a plane: the usual standoff.</summary>
    public static Millimetres Rise { get; } = new(6.5);
}
