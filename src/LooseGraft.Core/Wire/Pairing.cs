namespace LooseGraft.Core.Wire;

/// <summary>Pairs rows with columns so that the rewards add up to the most that is possible; either may stay without a partner.</summary>
/// <remarks>Rows and columns that no reward joins, not even by way of others, cannot compete: each such group is an assignment of its own. Exact.</remarks>
public static class Pairing
{
    /// <summary>The best pairs.</summary>
    /// <param name="rewards">Finite rewards of zero or more for each row and column; zero joins nothing.</param>
    /// <returns>The column of each row; −1 for one that stays alone.</returns>
    public static int[] Best(double[,] rewards)
    {
        var columnOfRow = new int[rewards.GetLength(0)];
        Array.Fill(columnOfRow, -1);
        foreach (var (rows, columns) in Groups(rewards))
        {
            // Whoever is left over takes a column that rewards nobody.
            var costs = new double[rows.Count, Math.Max(rows.Count, columns.Count)];
            for (var row = 0; row < rows.Count; row++)
            {
                for (var column = 0; column < columns.Count; column++) costs[row, column] = -rewards[rows[row], columns[column]];
            }

            foreach (var (row, column) in Assignment.Cheapest(costs).Index())
            {
                if (costs[row, column] < 0) columnOfRow[rows[row]] = columns[column];
            }
        }

        return columnOfRow;
    }

    private static IEnumerable<(List<int> Rows, List<int> Columns)> Groups(double[,] rewards)
    {
        var (rowTaken, columnTaken) = (new bool[rewards.GetLength(0)], new bool[rewards.GetLength(1)]);
        for (var first = 0; first < rowTaken.Length; first++)
        {
            if (rowTaken[first]) continue;
            rowTaken[first] = true;
            var (rows, columns) = (new List<int> { first }, new List<int>());
            for (var next = 0; next < rows.Count; next++)
            {
                foreach (var column in Untaken(columnTaken, column => rewards[rows[next], column]))
                {
                    columns.Add(column);
                    rows.AddRange(Untaken(rowTaken, row => rewards[row, column]));
                }
            }

            rows.Sort();
            columns.Sort();
            yield return (rows, columns);
        }
    }

    private static List<int> Untaken(bool[] taken, Func<int, double> reward)
    {
        var found = new List<int>();
        for (var index = 0; index < taken.Length; index++)
        {
            if (taken[index] || reward(index) <= 0) continue;
            taken[index] = true;
            found.Add(index);
        }

        return found;
    }
}
