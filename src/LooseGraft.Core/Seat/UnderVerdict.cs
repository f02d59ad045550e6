namespace LooseGraft.Core.Seat;

/// <summary>What a mount does to a board that it does not hold, mildest first.</summary>
public enum UnderVerdict
{
    /// <summary>Enough air, or nothing there to short.</summary>
    Clear,

    /// <summary>It does not conduct, but stands so high that the board does not lie down.</summary>
    Lifts,

    /// <summary>It touches solder, or would once a plug is pushed in.</summary>
    Shorts,
}
