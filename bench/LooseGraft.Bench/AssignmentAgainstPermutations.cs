using BenchmarkDotNet.Attributes;
using LooseGraft.Core.Wire;

namespace LooseGraft.Bench;

/// <summary>The exact assignment beside trying every permutation, up to the size where the latter ends.</summary>
public class AssignmentAgainstPermutations
{
    private double[,] _costs = null!;

    /// <summary>Rows and columns.</summary>
    [Params(6, 8, 10)]
    public int Size { get; set; }

    /// <summary>Costs from a seed.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        var random = new Random(9);
        _costs = new double[Size, Size];
        for (var row = 0; row < Size; row++)
        {
            for (var column = 0; column < Size; column++) _costs[row, column] = random.Next(100);
        }
    }

    /// <summary>Every permutation.</summary>
    [Benchmark(Baseline = true)]
    public double Permutations() => Least(0, 0, 0);

    /// <summary>The assignment.</summary>
    [Benchmark]
    public int Exact() => Assignment.Cheapest(_costs)[0];

    private double Least(int row, int taken, double sum)
    {
        if (row == Size) return sum;
        var least = double.PositiveInfinity;
        for (var column = 0; column < Size; column++)
        {
            if ((taken & (1 << column)) == 0) least = Math.Min(least, Least(row + 1, taken | (1 << column), sum + _costs[row, column]));
        }

        return least;
    }
}
