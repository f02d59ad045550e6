namespace LooseGraft.Core.Wire;

/// <summary>The verdict on a joint as it has been decided, harmless first.</summary>
public enum JointVerdictKind
{
    /// <summary>Deliberately not joined.</summary>
    LeftOff,

    /// <summary>Pushed on as it is, and right.</summary>
    GoesStraightIn,

    /// <summary>Joined by another method, and right.</summary>
    Joined,

    /// <summary>Right, if unproven facts are true.</summary>
    ProveFirst,

    /// <summary>Harmless, but does not do its job yet.</summary>
    MoveWires,

    /// <summary>Does not go on as it is.</summary>
    NeedsGoBetween,

    /// <summary>Would destroy something.</summary>
    WouldDamage,
}
