namespace LooseGraft.Core.Wire.Drawing;

/// <summary>From which side a connector is looked at. Mixing the two up is the classic mistake.</summary>
public enum ConnectorView
{
    /// <summary>The face that meets the other half.</summary>
    MatingFace,

    /// <summary>The side where the wires or solder joints are.</summary>
    WireSide,
}
