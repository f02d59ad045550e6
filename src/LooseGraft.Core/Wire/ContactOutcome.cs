namespace LooseGraft.Core.Wire;

/// <summary>What happens between two pins that meet.</summary>
public enum ContactOutcome
{
    /// <summary>Nothing meets nothing that matters.</summary>
    Idle,

    /// <summary>As it should be.</summary>
    Right,

    /// <summary>A switch, which has no polarity: right either way.</summary>
    Switch,

    /// <summary>A pin runs into a filled cavity.</summary>
    Blocked,

    /// <summary>A contact of the right shape with no conductor.</summary>
    Unwired,

    /// <summary>Nobody knows what one of them carries.</summary>
    Unknown,

    /// <summary>A supply shorted to ground.</summary>
    SupplyToGround,

    /// <summary>Two different supplies joined.</summary>
    SupplyToSupply,

    /// <summary>A supply into a contact not made for it.</summary>
    SupplyIntoSignal,

    /// <summary>Two outputs driving each other.</summary>
    OutputAgainstOutput,

    /// <summary>A signal held at ground.</summary>
    HeldAtGround,

    /// <summary>A light the wrong way round.</summary>
    LightReversed,

    /// <summary>A signal on another.</summary>
    WrongSignal,

    /// <summary>The right signal at another level.</summary>
    LevelDiffers,
}
