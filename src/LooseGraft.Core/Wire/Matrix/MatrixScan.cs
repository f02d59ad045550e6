using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Matrix;

/// <summary>How a microcontroller asks a key matrix: rows driven low one after the other, columns pulled up and read.</summary>
/// <param name="Lines">Lines it takes: one for each row and column.</param>
/// <param name="FewestLines">The fewest that as many keys could do with, were the matrix wired anew.</param>
/// <param name="Steps">What is read while each row is driven, in scan order.</param>
/// <param name="Ghosts">Sets of three keys that look as if a fourth were pressed; empty where every key has a diode.</param>
/// <param name="GhostCount">How many there are; only the first are listed.</param>
public sealed record MatrixScan(int Lines, int FewestLines, ImmutableArray<ScanStep> Steps, ImmutableArray<GhostKey> Ghosts, int GhostCount)
{
    private const int GhostsListed = 12;

    /// <summary>Works out the scan of a matrix.</summary>
    /// <remarks>A ghost is a rectangle of keys: with three of its corners pressed, current finds its way to the fourth (Kirchhoff). All pairs of rows and of
    /// columns are looked at: rows² · columns².</remarks>
    public static MatrixScan Of(KeyMatrix matrix)
    {
        var steps = Enumerable.Range(1, matrix.Rows)
            .Select(row => new ScanStep(row, [.. Enumerable.Range(1, matrix.Columns).Select(column => matrix.At(row, column)?.Name)])).ToImmutableArray();
        var ghosts = matrix.HasDiodes ? [] : Rectangles(matrix).ToImmutableArray();
        return new MatrixScan(matrix.Rows + matrix.Columns, Fewest(matrix.Keys.Length), steps, [.. ghosts.Take(GhostsListed)], ghosts.Length);
    }

    // The sum of two whole numbers whose product is at least the number of keys is least when they are as near each other as can be.
    private static int Fewest(int keys)
    {
        if (keys == 0) return 0;
        var rows = (int)Math.Ceiling(Math.Sqrt(keys));
        return rows + ((keys + rows - 1) / rows);
    }

    private static IEnumerable<GhostKey> Rectangles(KeyMatrix matrix)
    {
        var keys = matrix.Keys.ToDictionary(key => (key.Row, key.Column), key => key.Name);
        for (var upper = 1; upper <= matrix.Rows; upper++)
        {
            for (var lower = upper + 1; lower <= matrix.Rows; lower++)
            {
                for (var left = 1; left <= matrix.Columns; left++)
                {
                    for (var right = left + 1; right <= matrix.Columns; right++)
                    {
                        if (keys.TryGetValue((upper, left), out var one) && keys.TryGetValue((upper, right), out var two)
                            && keys.TryGetValue((lower, left), out var three) && keys.TryGetValue((lower, right), out var four))
                            yield return new GhostKey([one, two, three], four);
                    }
                }
            }
        }
    }
}
