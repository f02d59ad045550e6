namespace LooseGraft.Core.Facts;

/// <summary>Sorts of things that have a limit of temperature.</summary>
public enum HotKind
{
    /// <summary>A processor.</summary>
    Chip,

    /// <summary>The chip of a card.</summary>
    CardChip,

    /// <summary>A drive with something that turns.</summary>
    SpinningDrive,

    /// <summary>A drive without.</summary>
    SolidState,

    /// <summary>The air that a supply takes in.</summary>
    SupplyIntake,
}
