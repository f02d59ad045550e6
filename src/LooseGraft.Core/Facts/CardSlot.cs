namespace LooseGraft.Core.Facts;

/// <summary>What a slot for a card gives where its maker says nothing.</summary>
public static class CardSlot
{
    /// <summary>Makers' own boards often allow 25 to 50 W where a standard slot gives 75 (PCI Express card electromechanical specification; common practice);
    /// the upper of what is often allowed is taken.</summary>
    public static readonly PortBearing Usual = new(Watts: 50, WattsAtBest: 75);

    /// <summary>Whence that is known.</summary>
    public const string Note = "a slot for a card, which on a maker's own board often gives less than the standard: look for its own figure";
}
