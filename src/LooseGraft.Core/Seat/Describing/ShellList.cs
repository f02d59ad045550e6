namespace LooseGraft.Core.Seat.Describing;

/// <summary>Which list of the description of a shell, or of a board, a thing stands in.</summary>
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

    /// <summary>Mounting holes of a board.</summary>
    Hole,

    /// <summary>Zones of a board.</summary>
    Zone,

    /// <summary>Ports of a board that have a place.</summary>
    Port,
}
