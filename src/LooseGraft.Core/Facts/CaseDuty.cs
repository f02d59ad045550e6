namespace LooseGraft.Core.Facts;

/// <summary>Something an old case silently does for its board.</summary>
public enum CaseDuty
{
    /// <summary>Held the cooler down.</summary>
    CoolerMount,

    /// <summary>Was the plate around the rear sockets.</summary>
    IoPlate,

    /// <summary>Carried the drive.</summary>
    StorageCarrier,

    /// <summary>Held a card that is not in a slot of the board.</summary>
    OffBoardCard,

    /// <summary>Left the drives to be fed from the board.</summary>
    DrivePower,

    /// <summary>Moved the air.</summary>
    CaseFan,

    /// <summary>Held a sensor the board reads.</summary>
    Sensor,

    /// <summary>Closed a switch with its lid.</summary>
    LidSwitch,

    /// <summary>Held a panel that the firmware looks for.</summary>
    PanelCheck,

    /// <summary>Held the speaker.</summary>
    Speaker,

    /// <summary>Held the aerials.</summary>
    Aerials,

    /// <summary>Held the switch that starts the machine inside a keyboard or another unit.</summary>
    KeyboardSwitch,
}
