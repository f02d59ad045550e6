namespace LooseGraft.Core.Cool.Air;

/// <summary>Spaces joined by ways, and the flows that settle in them.</summary>
/// <remarks>
/// Along each branch pressure lost rises with flow, so that the flows are the one minimum of a strictly convex function, the sum of the integrals of all branch
/// laws, among flows that come out of each space as they go in (content of a nonlinear network: W. Millar, Phil. Mag. 42, 1951; for pipes: Collins, Cooper,
/// Helgason, Kennington and LeBlanc, Management Science 24, 1978). It is found on the dual, which is convex in the pressures: Newton's method, whose
/// matrix is the Laplacian of the branches' conductances, with a search along its direction where a full step would overshoot. O(n³) a step for n spaces;
/// five to fifteen steps from rest, two or three from a near answer.
/// </remarks>
public sealed class AirNetwork
{
    // Of the largest flow; a flow is not known better than that in double precision after some steps.
    private const double Tolerance = 1e-12;
    private const double NoFlow = 1e-15;
    private const int MostRounds = 200;
    private const int MostCuts = 40;

    private readonly int _spaces;
    private readonly AirBranch[] _branches;
    private readonly bool[] _isHeld;
    private readonly double[] _flows;
    private readonly double[] _conductances;
    private readonly double[] _excess;
    private readonly double[] _step;
    private readonly double[] _tried;
    private readonly double[] _matrix;

    /// <summary>Takes over branches between spaces.</summary>
    /// <param name="spaces">How many spaces there are.</param>
    /// <param name="branches">The ways between them.</param>
    /// <exception cref="ArgumentException">A branch names a space that there is not, leads back to where it starts, or resists no flow.</exception>
    public AirNetwork(int spaces, AirBranch[] branches)
    {
        foreach (var branch in branches)
        {
            if (branch.From < AirBranch.Room || branch.From >= spaces || branch.To < AirBranch.Room || branch.To >= spaces || branch.From == branch.To)
                throw new ArgumentException($"A branch from {branch.From} to {branch.To} among {spaces} spaces.", nameof(branches));
            if (!(branch.Linear > 0) || !(branch.Quadratic >= 0) || !double.IsFinite(branch.Linear + branch.Quadratic))
                throw new ArgumentException("A branch resists every flow.", nameof(branches));
        }

        (_spaces, _branches) = (spaces, branches);
        _isHeld = Held(spaces, branches);
        (_flows, _conductances) = (new double[branches.Length], new double[branches.Length]);
        (_excess, _step, _tried, _matrix) = (new double[spaces], new double[spaces], new double[spaces], new double[spaces * spaces]);
    }

    /// <summary>The branches; another one may take a branch's place between the same spaces.</summary>
    internal Span<AirBranch> Branches => _branches;

    /// <summary>Finds the flows.</summary>
    /// <param name="start">Pressures to start from, such as those of a near case; null for rest.</param>
    public AirFlows Solve(double[]? start = null)
    {
        var pressures = start is null ? new double[_spaces] : (double[])start.Clone();
        for (var space = 0; space < _spaces; space++)
        {
            if (_isHeld[space]) pressures[space] = 0;
        }

        var rounds = 0;
        var (left, most) = Look(pressures);
        while (left > (Tolerance * most) + NoFlow && rounds < MostRounds)
        {
            rounds++;
            Direct();
            if (!Step(pressures)) break;
            (left, most) = Look(pressures);
        }

        return new AirFlows((double[])_flows.Clone(), pressures, left, rounds);
    }

    // What goes out of each space beyond what comes in, the most of that, and the largest flow.
    private (double Left, double Most) Look(double[] pressures)
    {
        Array.Clear(_excess);
        var most = 0.0;
        for (var at = 0; at < _branches.Length; at++)
        {
            var branch = _branches[at];
            (_flows[at], _conductances[at]) = branch.At(PressureOf(pressures, branch.From) - PressureOf(pressures, branch.To));
            if (branch.From >= 0) _excess[branch.From] += _flows[at];
            if (branch.To >= 0) _excess[branch.To] -= _flows[at];
            most = Math.Max(most, Math.Abs(_flows[at]));
        }

        var left = 0.0;
        for (var space = 0; space < _spaces; space++) left = Math.Max(left, _isHeld[space] ? 0 : Math.Abs(_excess[space]));
        return (left, most);
    }

    private static double PressureOf(double[] pressures, int space) => space < 0 ? 0 : pressures[space];

    // Newton's direction: Laplacian · step = −excess, by Cholesky's method, as it is symmetric and positive definite.
    private void Direct()
    {
        var n = _spaces;
        Array.Clear(_matrix);
        for (var at = 0; at < _branches.Length; at++)
        {
            var (from, to, conductance) = (_branches[at].From, _branches[at].To, _conductances[at]);
            if (from >= 0) _matrix[(from * n) + from] += conductance;
            if (to >= 0) _matrix[(to * n) + to] += conductance;
            if (from < 0 || to < 0) continue;
            _matrix[(from * n) + to] -= conductance;
            _matrix[(to * n) + from] -= conductance;
        }

        for (var space = 0; space < n; space++)
        {
            _step[space] = -_excess[space];
            if (!_isHeld[space]) continue;
            _step[space] = 0;
            for (var other = 0; other < n; other++) _matrix[(space * n) + other] = _matrix[(other * n) + space] = 0;
            _matrix[(space * n) + space] = 1;
        }

        Cholesky.Solve(_matrix, _step);
    }

    // The slope of the convex function along the direction rises from below 0; a step that leaves it below 0 never overshoots.
    private bool Step(double[] pressures)
    {
        var begin = Slope();
        if (!(begin < 0)) return false;
        var (low, high, share) = (0.0, 1.0, 1.0);
        for (var cut = 0; cut < MostCuts; cut++)
        {
            for (var space = 0; space < _spaces; space++) _tried[space] = pressures[space] + (share * _step[space]);
            Look(_tried);
            var slope = Slope();
            if (slope <= 0 ? share == 1 || slope > begin / 2 : slope < -begin / 2) break;
            (low, high) = slope > 0 ? (low, share) : (share, high);
            share = (low + high) / 2;
        }

        Array.Copy(_tried, pressures, _spaces);
        return true;
    }

    private double Slope()
    {
        var sum = 0.0;
        for (var space = 0; space < _spaces; space++) sum += _excess[space] * _step[space];
        return sum;
    }

    // Of spaces that no way leads to from the room one has its pressure held, for only differences mean anything there.
    private static bool[] Held(int spaces, AirBranch[] branches)
    {
        var root = Enumerable.Range(0, spaces + 1).ToArray();
        foreach (var branch in branches) root[Find(branch.From + 1)] = Find(branch.To + 1);
        var seen = new HashSet<int> { Find(0) };
        return [.. Enumerable.Range(1, spaces).Select(space => seen.Add(Find(space)))];

        int Find(int one)
        {
            while (root[one] != one) one = root[one] = root[root[one]];
            return one;
        }
    }
}
