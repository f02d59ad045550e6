using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Reach;

/// <summary>Obstacles sorted into squares of the plane, so that a straight line is held against those it comes near and no others.</summary>
internal sealed class ObstacleGrid
{
    private readonly ImmutableArray<Obstacle> _obstacles;
    private readonly int[][] _cells;
    private readonly int _side;
    private readonly PlanRectangle _bounds;

    // By which question an obstacle was asked last: it lies in many squares, and is asked once.
    private readonly int[] _asked;
    private int _question;

    public ObstacleGrid(ImmutableArray<Obstacle> obstacles)
    {
        _obstacles = obstacles;
        _asked = new int[obstacles.Length];
        // As many squares as obstacles keeps both few: the squares that a line passes, and what lies in each.
        _side = Math.Max(1, (int)Math.Sqrt(obstacles.Length));
        _bounds = PlanRectangle.Round([.. obstacles.SelectMany(obstacle => obstacle.Corners)]);
        var cells = new List<int>[_side * _side];
        foreach (var (index, obstacle) in obstacles.Index())
        {
            var (fromX, fromY) = CellOf(obstacle.Bounds.X, obstacle.Bounds.Y);
            var (toX, toY) = CellOf(obstacle.Bounds.X + obstacle.Bounds.Width, obstacle.Bounds.Y + obstacle.Bounds.Depth);
            for (var y = fromY; y <= toY; y++)
            {
                for (var x = fromX; x <= toX; x++) (cells[(y * _side) + x] ??= []).Add(index);
            }
        }

        _cells = [.. cells.Select(cell => cell?.ToArray() ?? [])];
    }

    /// <summary>Whether a place lies truly inside an obstacle.</summary>
    public bool HoldsInside(PlanPoint place)
    {
        var (x, y) = CellOf(place.X, place.Y);
        foreach (var index in _cells[(y * _side) + x])
        {
            if (_obstacles[index].HoldsInside(place)) return true;
        }

        return false;
    }

    /// <summary>Whether a straight line runs through the inside of an obstacle.</summary>
    /// <param name="from">One end.</param>
    /// <param name="to">The other.</param>
    /// <param name="except">Obstacles that do not count; null where all do.</param>
    public bool IsCut(PlanPoint from, PlanPoint to, HashSet<int>? except = null)
    {
        _question++;
        // Column by column: in each, the squares between where the line enters and where it leaves.
        if (from.X > to.X) (from, to) = (to, from);
        var (first, last) = (CellOf(from.X, 0).X, CellOf(to.X, 0).X);
        for (var x = first; x <= last; x++)
        {
            var (enter, leave) = (x == first ? from.Y : At(Left(x)), x == last ? to.Y : At(Left(x + 1)));
            var (low, high) = (CellOf(0, Math.Min(enter, leave) - Margin).Y, CellOf(0, Math.Max(enter, leave) + Margin).Y);
            for (var y = low; y <= high; y++)
            {
                if (IsCutIn(_cells[(y * _side) + x], from, to, except)) return true;
            }
        }

        return false;

        double Left(int column) => _bounds.X + (column * _bounds.Width / _side);

        double At(double x) => from.Y + ((to.Y - from.Y) * Math.Clamp((x - from.X) / Math.Max(1e-12, to.X - from.X), 0, 1));
    }

    // What rounding may take from where a line passes from column to column, in millimetres.
    private const double Margin = 1e-6;

    private bool IsCutIn(int[] cell, PlanPoint from, PlanPoint to, HashSet<int>? except)
    {
        foreach (var index in cell)
        {
            if (_asked[index] == _question) continue;
            _asked[index] = _question;
            if (except?.Contains(index) != true && _obstacles[index].Cuts(from, to)) return true;
        }

        return false;
    }

    private (int X, int Y) CellOf(double x, double y)
        => (Cell(x - _bounds.X, _bounds.Width), Cell(y - _bounds.Y, _bounds.Depth));

    private int Cell(double along, double whole) => whole > 0 ? Math.Clamp((int)(along / whole * _side), 0, _side - 1) : 0;
}
