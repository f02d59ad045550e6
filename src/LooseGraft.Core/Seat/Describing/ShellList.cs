namespace LooseGraft.Core.Seat.Describing;

/// <summary>Which list of a shell's description a thing stands in.</summary>
public enum ShellList
{
    /// <summary>What stands on a plane.</summary>
    Mount,

    /// <summary>Openings of a plane and of the walls round it.</summary>
    Opening,

    /// <summary>What comes down from the lid.</summary>
    Ceiling,

    /// <summary>What lies behind a plane.</summary>
    Behind,

    /// <summary>What takes up room.</summary>
    Box,

    /// <summary>Leads that have to reach.</summary>
    Lead,
}
