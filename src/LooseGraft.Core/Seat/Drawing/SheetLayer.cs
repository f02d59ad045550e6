namespace LooseGraft.Core.Seat.Drawing;

/// <summary>What a line on a sheet stands for.</summary>
public enum SheetLayer
{
    /// <summary>The outline of a board or a plane.</summary>
    Outline,

    /// <summary>A hole to drill, or a board's hole.</summary>
    Hole,

    /// <summary>An edge to cut along.</summary>
    Cut,

    /// <summary>Something to take out.</summary>
    TakeOut,

    /// <summary>The datum, the ruler and the marks that check the print.</summary>
    Datum,

    /// <summary>Words.</summary>
    Text,
}
