namespace LooseGraft.Core.Facts;

/// <summary>How a driver moves its line.</summary>
public enum SignalDrive
{
    /// <summary>Up and down, from some tens of ohms: the usual logic output.</summary>
    PushPull,

    /// <summary>Down only; something else pulls up. Several may share a line.</summary>
    OpenToGround,

    /// <summary>In turn with the other side, from some tens of ohms.</summary>
    InTurn,

    /// <summary>Through a resistor that keeps any current harmless: an indicator's feed, sound at line level.</summary>
    ThroughResistor,

    /// <summary>From less than an ohm: the bridge of an amplifier.</summary>
    Bridge,
}
