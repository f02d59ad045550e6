namespace LooseGraft.Core.Prove.Switches;

/// <summary>How a switch behaves.</summary>
public enum SwitchKind
{
    /// <summary>Closed only while it is held.</summary>
    MomentaryNormallyOpen,

    /// <summary>Open only while it is held.</summary>
    MomentaryNormallyClosed,

    /// <summary>Changes with each press; it was found open.</summary>
    LatchingFoundOpen,

    /// <summary>Changes with each press; it was found closed.</summary>
    LatchingFoundClosed,

    /// <summary>Three legs: the common one changes from one to the other while it is held.</summary>
    MomentaryChangeover,

    /// <summary>Three legs: the common one changes from one to the other with each press.</summary>
    LatchingChangeover,

    /// <summary>Nothing moves: no switch between these legs, or a dead one.</summary>
    Still,
}
