using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>What a slot for a card gives where its maker says nothing.</summary>
public static class CardSlot
{
    /// <summary>Of a board of its maker's own: they often allow 25 to 50 W where a standard slot gives 75 (common practice); the upper is taken.</summary>
    public static readonly Watts OwnWatts = new(50);

    /// <summary>Of a standard slot for a graphics card (PCI Express card electromechanical specification).</summary>
    public static readonly Watts StandardWatts = new(75);

    /// <summary>Whence that is known.</summary>
    public const string Note = "a slot of a maker's own board, which often gives 25 to 50 W: look for its own figure";
}
