namespace LooseGraft.Core.Seat.Drawing;

/// <summary>What a piece of a section is.</summary>
public enum SectionKind
{
    /// <summary>The sheet of the plane.</summary>
    Plane,

    /// <summary>A board with its solder tails.</summary>
    Board,

    /// <summary>A box, or something tall on a board.</summary>
    Box,

    /// <summary>The room of a plug.</summary>
    Plug,

    /// <summary>A mount.</summary>
    Mount,

    /// <summary>The lid, or what comes down from it.</summary>
    Ceiling,
}
