namespace LooseGraft.Core.Seat.Describing;

/// <summary>What can be put down on the plan of a plane, and of a board.</summary>
public enum ShellSort
{
    /// <summary>A pillar with a thread.</summary>
    Standoff,

    /// <summary>A threaded bolt that stands up.</summary>
    Stud,

    /// <summary>A hollow pillar that a screw cuts its own thread into.</summary>
    Boss,

    /// <summary>A place where the sheet is pressed up.</summary>
    Bump,

    /// <summary>A tongue of the sheet that is bent up.</summary>
    Tab,

    /// <summary>A bar or fold across.</summary>
    Brace,

    /// <summary>An opening, in the plane or in the wall at whose edge it is put down.</summary>
    Opening,

    /// <summary>Where the lid or something under it comes down lower.</summary>
    Ceiling,

    /// <summary>Something that lies behind the plane.</summary>
    Behind,

    /// <summary>Something that takes up room.</summary>
    Box,

    /// <summary>A lead that has to reach from one place to another.</summary>
    Lead,

    /// <summary>A mounting hole of a board.</summary>
    Hole,

    /// <summary>What stands tall on a board.</summary>
    Tall,

    /// <summary>Where a board's underside has neither copper nor solder.</summary>
    BareBoard,

    /// <summary>Where a sheet below a board keeps metal away.</summary>
    Insulated,

    /// <summary>What stands out below a board, farther than solder.</summary>
    Below,

    /// <summary>An aerial on a board.</summary>
    Aerial,

    /// <summary>A port of a board, whose place is given.</summary>
    Port,
}
