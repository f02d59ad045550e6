namespace LooseGraft.Core.Cool.Air;

/// <summary>Solves small symmetric positive definite systems in place, without an allocation: one review solves tens of thousands.</summary>
internal static class Cholesky
{
    /// <summary>Solves matrix · x = right side. O(n³).</summary>
    /// <param name="matrix">n × n by rows; destroyed.</param>
    /// <param name="right">The right side; becomes x.</param>
    public static void Solve(Span<double> matrix, Span<double> right)
    {
        var n = right.Length;
        for (var row = 0; row < n; row++)
        {
            for (var column = 0; column <= row; column++)
            {
                var sum = matrix[(row * n) + column];
                for (var at = 0; at < column; at++) sum -= matrix[(row * n) + at] * matrix[(column * n) + at];
                // Rounding may take the last digit of what is nearly nothing.
                matrix[(row * n) + column] = row == column ? Math.Sqrt(Math.Max(sum, double.Epsilon)) : sum / matrix[(column * n) + column];
            }
        }

        for (var row = 0; row < n; row++)
        {
            for (var at = 0; at < row; at++) right[row] -= matrix[(row * n) + at] * right[at];
            right[row] /= matrix[(row * n) + row];
        }

        for (var row = n - 1; row >= 0; row--)
        {
            for (var at = row + 1; at < n; at++) right[row] -= matrix[(at * n) + row] * right[at];
            right[row] /= matrix[(row * n) + row];
        }
    }
}
