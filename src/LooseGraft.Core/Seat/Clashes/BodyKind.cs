namespace LooseGraft.Core.Seat.Clashes;

/// <summary>What takes up room.</summary>
public enum BodyKind
{
    /// <summary>A board with its solder tails.</summary>
    Board,

    /// <summary>What stands on a board, or out below it.</summary>
    Zone,

    /// <summary>The room that a plug needs.</summary>
    Plug,

    /// <summary>A box.</summary>
    Box,

    /// <summary>A tray that stands on another plane.</summary>
    Tray,
}
