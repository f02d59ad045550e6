namespace LooseGraft.Core.Facts;

/// <summary>What a connector is for, as far as that decides what a name on it can mean.</summary>
public enum PortSort
{
    /// <summary>Nobody can tell.</summary>
    Other,

    /// <summary>It carries supplies.</summary>
    Power,

    /// <summary>It takes a fan.</summary>
    Fan,

    /// <summary>Switches and lights of the front.</summary>
    Panel,

    /// <summary>USB.</summary>
    Usb,

    /// <summary>Sound.</summary>
    Audio,

    /// <summary>A keyboard.</summary>
    Keyboard,

    /// <summary>A card's socket or edge.</summary>
    Slot,

    /// <summary>The legs of a switch.</summary>
    Switch,
}
