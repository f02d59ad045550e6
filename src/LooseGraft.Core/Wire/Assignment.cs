namespace LooseGraft.Core.Wire;

/// <summary>The assignment of rows to columns of least total cost.</summary>
/// <remarks>
/// The Hungarian method in its shortest-augmenting-path form with potentials (Kuhn 1955; Jonker and Volgenant 1987): exact, O(rows² · columns).
/// </remarks>
public static class Assignment
{
    /// <summary>Assigns every row to a column of its own so that the costs add up to the least possible.</summary>
    /// <param name="costs">Finite costs, with at least as many columns as rows.</param>
    /// <returns>The column of each row.</returns>
    /// <exception cref="ArgumentException">There are more rows than columns.</exception>
    public static int[] Cheapest(double[,] costs)
    {
        var (rows, columns) = (costs.GetLength(0), costs.GetLength(1));
        if (rows > columns) throw new ArgumentException($"{rows} rows cannot each have one of {columns} columns.", nameof(costs));

        // Index 0 of every array stands for "none"; rows and columns count from 1.
        var rowPotential = new double[rows + 1];
        var columnPotential = new double[columns + 1];
        var rowOfColumn = new int[columns + 1];
        for (var row = 1; row <= rows; row++)
            Augment(costs, row, rowPotential, columnPotential, rowOfColumn);

        var columnOfRow = new int[rows];
        for (var column = 1; column <= columns; column++)
        {
            if (rowOfColumn[column] > 0) columnOfRow[rowOfColumn[column] - 1] = column - 1;
        }

        return columnOfRow;
    }

    private static void Augment(double[,] costs, int newRow, double[] rowPotential, double[] columnPotential, int[] rowOfColumn)
    {
        var columns = columnPotential.Length - 1;
        var slack = new double[columns + 1];
        Array.Fill(slack, double.PositiveInfinity);
        var cameFrom = new int[columns + 1];
        var visited = new bool[columns + 1];
        var current = 0;
        rowOfColumn[0] = newRow;
        while (rowOfColumn[current] != 0)
        {
            visited[current] = true;
            var row = rowOfColumn[current];
            var (next, least) = (0, double.PositiveInfinity);
            for (var column = 1; column <= columns; column++)
            {
                if (visited[column]) continue;
                var reduced = costs[row - 1, column - 1] - rowPotential[row] - columnPotential[column];
                if (reduced < slack[column]) (slack[column], cameFrom[column]) = (reduced, current);
                if (slack[column] < least) (least, next) = (slack[column], column);
            }

            for (var column = 0; column <= columns; column++)
            {
                if (visited[column])
                {
                    rowPotential[rowOfColumn[column]] += least;
                    columnPotential[column] -= least;
                }
                else
                {
                    slack[column] -= least;
                }
            }

            current = next;
        }

        for (; current != 0; current = cameFrom[current])
            rowOfColumn[current] = rowOfColumn[cameFrom[current]];
    }
}
