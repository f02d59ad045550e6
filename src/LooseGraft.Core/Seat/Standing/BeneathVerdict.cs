namespace LooseGraft.Core.Seat.Standing;

/// <summary>What something under a board does to it, mildest first.</summary>
public enum BeneathVerdict
{
    /// <summary>Enough air, or nothing there to short.</summary>
    Clear,

    /// <summary>It would short the board if it conducts, and nobody said whether it does.</summary>
    MayShort,

    /// <summary>It does not conduct, but stands so high that the board does not lie down.</summary>
    Lifts,

    /// <summary>It touches solder, or would once a plug is pushed in.</summary>
    Shorts,
}
