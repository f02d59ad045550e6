namespace LooseGraft.Core.Wire;

/// <summary>One way of pushing a plug on a header: turned by whole quarters, then shifted by whole positions.</summary>
/// <param name="QuarterTurns">0 to 3, clockwise on the mating face of the male half.</param>
/// <param name="RowShift">Rows downwards.</param>
/// <param name="ColumnShift">Columns to the right.</param>
public readonly record struct PlugPlacement(int QuarterTurns, int RowShift, int ColumnShift)
{
    /// <summary>Position 1 on position 1.</summary>
    public static readonly PlugPlacement Straight = new(0, 0, 0);

    /// <summary>Where a cell of the plug comes to lie on the header's grid.</summary>
    public Cell Move(Cell cell, PortGrid plug)
    {
        var turned = Turn(cell, QuarterTurns, plug.Rows, plug.Columns);
        return new Cell(turned.Row + RowShift, turned.Column + ColumnShift);
    }

    /// <summary>The placement, turned as asked, that brings the plug's position 1 onto a given cell of the header.</summary>
    public static PlugPlacement PinOneOn(Cell target, int quarterTurns, PortGrid plug)
    {
        var pinOne = Turn(plug[1], quarterTurns, plug.Rows, plug.Columns);
        return new PlugPlacement(quarterTurns, target.Row - pinOne.Row, target.Column - pinOne.Column);
    }

    /// <summary>How it differs from another, as a builder would say it.</summary>
    public string WordsAgainst(PlugPlacement intended)
    {
        var turn = ((QuarterTurns - intended.QuarterTurns + 4) % 4) switch { 0 => null, 2 => "turned end for end", _ => "turned a quarter" };
        var columns = Shift(ColumnShift - intended.ColumnShift, "to the left", "to the right");
        var rows = (RowShift - intended.RowShift) switch { 0 => null, 1 or -1 => "one row over", var n => $"{Math.Abs(n)} rows over" };
        var parts = new[] { turn, columns, rows }.OfType<string>().ToArray();
        return parts.Length == 0 ? "straight on, unchanged" : string.Join(", ", parts);
    }

    private static string? Shift(int by, string back, string on) => by switch
    {
        0 => null,
        1 or -1 => $"one position {(by < 0 ? back : on)}",
        _ => $"{Math.Abs(by)} positions {(by < 0 ? back : on)}",
    };

    private static Cell Turn(Cell cell, int quarters, int rows, int columns) => quarters switch
    {
        0 => cell,
        1 => new Cell(cell.Column, rows - 1 - cell.Row),
        2 => new Cell(rows - 1 - cell.Row, columns - 1 - cell.Column),
        3 => new Cell(columns - 1 - cell.Column, cell.Row),
        _ => throw new ArgumentOutOfRangeException(nameof(quarters), quarters, "A quarter turn is 0, 1, 2 or 3."),
    };
}
