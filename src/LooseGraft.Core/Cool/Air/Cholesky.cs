namespace LooseGraft.Core.Cool.Air;

/// <summary>Solves small symmetric positive definite systems in place, without an allocation: one review solves tens of thousands.</summary>
internal static class Cholesky
{
    /// <summary>Solves matrix · x = right side. O(n³), and less where rows begin with nothing: left of its first entry a row of the factor is empty too, and
    /// spaces are mostly joined with their neighbours in the list.</summary>
    /// <param name="matrix">n × n by rows; destroyed.</param>
    /// <param name="right">The right side; becomes x.</param>
    public static void Solve(Span<double> matrix, Span<double> right)
    {
        var n = right.Length;
        Span<int> first = n <= 128 ? stackalloc int[n] : new int[n];
        for (var row = 0; row < n; row++)
        {
            while (matrix[(row * n) + first[row]] == 0 && first[row] < row) first[row]++;
            for (var column = first[row]; column <= row; column++)
            {
                var sum = matrix[(row * n) + column];
                for (var at = Math.Max(first[row], first[column]); at < column; at++) sum -= matrix[(row * n) + at] * matrix[(column * n) + at];
                // Rounding may take the last digit of what is nearly nothing.
                matrix[(row * n) + column] = row == column ? Math.Sqrt(Math.Max(sum, double.Epsilon)) : sum / matrix[(column * n) + column];
            }
        }

        for (var row = 0; row < n; row++)
        {
            for (var at = first[row]; at < row; at++) right[row] -= matrix[(row * n) + at] * right[at];
            right[row] /= matrix[(row * n) + row];
        }

        for (var row = n - 1; row >= 0; row--)
        {
            right[row] /= matrix[(row * n) + row];
            for (var at = first[row]; at < row; at++) right[at] -= matrix[(row * n) + at] * right[row];
        }
    }
}
