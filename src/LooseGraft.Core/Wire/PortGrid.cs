using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Where the numbered positions of a port lie.</summary>
/// <remarks>Both halves of a pair are laid out in the frame of the male half's mating face, so that a plug pushed straight on has each position on its own
/// number.</remarks>
public sealed class PortGrid
{
    private readonly Cell[] _cells;
    private readonly int[,] _positions;

    /// <summary>The grid of a port.</summary>
    public PortGrid(Port port)
    {
        (Rows, Columns) = (port.Rows, port.Columns);
        _cells = new Cell[port.PositionCount];
        _positions = new int[Rows, Columns];
        for (var index = 0; index < _cells.Length; index++)
        {
            var cell = CellOf(index, port.Numbering, Rows, Columns);
            _cells[index] = cell;
            _positions[cell.Row, cell.Column] = index + 1;
        }
    }

    /// <summary>Rows of positions.</summary>
    public int Rows { get; }

    /// <summary>Positions in a row.</summary>
    public int Columns { get; }

    /// <summary>Where a position lies.</summary>
    /// <param name="position">From 1 to rows × columns.</param>
    public Cell this[int position] => _cells[position - 1];

    /// <summary>The position that lies in a cell; null beyond the edge.</summary>
    public int? PositionAt(Cell cell)
        => (uint)cell.Row < (uint)Rows && (uint)cell.Column < (uint)Columns ? _positions[cell.Row, cell.Column] : null;

    private static Cell CellOf(int index, Numbering numbering, int rows, int columns) => numbering switch
    {
        Numbering.Zigzag => new Cell(index % rows, index / rows),
        Numbering.AlongRows => new Cell(index / columns, index % columns),
        Numbering.Around when index / columns % 2 == 1 => new Cell(index / columns, columns - 1 - index % columns),
        Numbering.Around => new Cell(index / columns, index % columns),
        _ => throw new ArgumentOutOfRangeException(nameof(numbering), numbering, null),
    };
}
