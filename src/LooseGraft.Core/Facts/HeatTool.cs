namespace LooseGraft.Core.Facts;

/// <summary>What a temperature is read with.</summary>
public enum HeatTool
{
    /// <summary>The sensor in the chip or drive itself.</summary>
    OwnSensor,

    /// <summary>A thermometer that touches it or hangs in the air.</summary>
    Contact,

    /// <summary>A thermometer that looks at it.</summary>
    Infrared,
}
