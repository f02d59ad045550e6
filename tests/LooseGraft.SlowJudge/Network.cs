namespace LooseGraft.SlowJudge;

/// <summary>Resistors, voltages and diodes between nodes, solved whole and dense by Gaussian elimination: slow, and plain to check.</summary>
internal sealed class Network
{
    // Each node leaks to the world through so many ohms, so that what hangs in the air has a voltage.
    private const double Leak = 1e9;
    private const int MostTurns = 1000;

    private readonly List<(int One, int Other, double Siemens, double Amps)> _branches = [];
    private readonly List<(int One, int Other, double Threshold, double Siemens)> _diodes = [];

    /// <summary>A resistor.</summary>
    /// <returns>The number of the branch.</returns>
    public int Resistor(int one, int other, double ohms)
    {
        _branches.Add((one, other, 1 / ohms, 0));
        return _branches.Count - 1;
    }

    /// <summary>Takes out the branch that was put in last.</summary>
    public void Remove(int branch) => _branches.RemoveAt(branch);

    /// <summary>A diode that conducts from <paramref name="one"/> beyond a threshold.</summary>
    public void Diode(int one, int other, double threshold, double ohms) => _diodes.Add((one, other, threshold, 1 / ohms));

    /// <summary>A voltage from <paramref name="minus"/> to <paramref name="plus"/> behind a resistor.</summary>
    /// <returns>The number of the branch.</returns>
    public int Source(int plus, int minus, double volts, double ohms)
    {
        _branches.Add((plus, minus, 1 / ohms, volts / ohms));
        return _branches.Count - 1;
    }

    /// <summary>A current that is taken at a node and comes back at another, whatever their voltages.</summary>
    /// <returns>The number of the branch.</returns>
    public int Draw(int from, int to, double amps)
    {
        _branches.Add((to, from, 0, amps));
        return _branches.Count - 1;
    }

    /// <summary>Sets the current of a draw anew.</summary>
    public void SetDraw(int branch, double amps) => _branches[branch] = _branches[branch] with { Amps = amps };

    /// <summary>Whether resistors lead from one node to another; a voltage itself leads nowhere.</summary>
    public bool Connects(int one, int other)
    {
        var (seen, open) = (new HashSet<int> { one }, new Stack<int>([one]));
        while (open.TryPop(out var node))
        {
            foreach (var branch in _branches.Where(branch => branch.Siemens > 0 && branch.Amps == 0))
            {
                if (branch.One == node && seen.Add(branch.Other)) open.Push(branch.Other);
                if (branch.Other == node && seen.Add(branch.One)) open.Push(branch.One);
            }
        }

        return seen.Contains(other);
    }

    /// <summary>Amperes that a branch sends out of its plus end.</summary>
    public double Current(int branch, double[] volts)
    {
        var (one, other, siemens, amps) = _branches[branch];
        return amps - ((volts[one] - volts[other]) * siemens);
    }

    public double[] Solve(int nodes)
    {
        // Each diode by itself is put right in turn, the last of them first.
        var isOn = new bool[_diodes.Count];
        for (var turn = 0; turn < MostTurns; turn++)
        {
            var volts = Linear(nodes, isOn);
            var wrong = Enumerable.Range(0, isOn.Length).LastOrDefault(at => isOn[at] != IsForward(_diodes[at], volts, isOn[at]), -1);
            if (wrong < 0) return volts;
            isOn[wrong] = !isOn[wrong];
        }

        throw new InvalidOperationException("The diodes do not settle.");
    }

    private static bool IsForward((int One, int Other, double Threshold, double Siemens) diode, double[] volts, bool isOn)
        => volts[diode.One] - volts[diode.Other] - diode.Threshold > (isOn ? -1e-9 : 1e-9);

    private double[] Linear(int nodes, bool[] isOn)
    {
        var matrix = new double[nodes, nodes + 1];
        for (var node = 0; node < nodes; node++) matrix[node, node] = 1 / Leak;
        var diodes = _diodes.Where((_, at) => isOn[at]).Select(diode => (diode.One, diode.Other, diode.Siemens, Amps: diode.Threshold * diode.Siemens));
        foreach (var (one, other, siemens, amps) in _branches.Concat(diodes))
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
