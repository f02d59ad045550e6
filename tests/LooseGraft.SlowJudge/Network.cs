namespace LooseGraft.SlowJudge;

/// <summary>Resistors and voltages between nodes, solved whole and dense by Gaussian elimination: slow, and plain to check.</summary>
internal sealed class Network
{
    // Each node leaks to the world through so many ohms, so that what hangs in the air has a voltage.
    private const double Leak = 1e9;

    private readonly List<(int One, int Other, double Siemens, double Amps)> _branches = [];

    public void Resistor(int one, int other, double ohms) => _branches.Add((one, other, 1 / ohms, 0));

    /// <summary>A voltage from <paramref name="minus"/> to <paramref name="plus"/> behind a resistor.</summary>
    /// <returns>The number of the branch.</returns>
    public int Source(int plus, int minus, double volts, double ohms)
    {
        _branches.Add((plus, minus, 1 / ohms, volts / ohms));
        return _branches.Count - 1;
    }

    /// <summary>Amperes that a branch sends out of its plus end.</summary>
    public double Current(int branch, double[] volts)
    {
        var (one, other, siemens, amps) = _branches[branch];
        return amps - ((volts[one] - volts[other]) * siemens);
    }

    public double[] Solve(int nodes)
    {
        var matrix = new double[nodes, nodes + 1];
        for (var node = 0; node < nodes; node++) matrix[node, node] = 1 / Leak;
        foreach (var (one, other, siemens, amps) in _branches)
        {
            matrix[one, one] += siemens;
            matrix[other, other] += siemens;
            matrix[one, other] -= siemens;
            matrix[other, one] -= siemens;
            matrix[one, nodes] += amps;
            matrix[other, nodes] -= amps;
        }

        for (var pivot = 0; pivot < nodes; pivot++)
        {
            for (var row = pivot + 1; row < nodes; row++)
            {
                var factor = matrix[row, pivot] / matrix[pivot, pivot];
                if (factor == 0) continue;
                for (var column = pivot; column <= nodes; column++) matrix[row, column] -= factor * matrix[pivot, column];
            }
        }

        var volts = new double[nodes];
        for (var row = nodes - 1; row >= 0; row--)
        {
            var sum = matrix[row, nodes];
            for (var column = row + 1; column < nodes; column++) sum -= matrix[row, column] * volts[column];
            volts[row] = sum / matrix[row, row];
        }

        return volts;
    }
}
