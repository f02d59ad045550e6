namespace LooseGraft.Core.Circuit.Currents;

/// <summary>Conductors of known resistance between nodes, to be solved for what flows when currents are taken at some nodes and come back at others.</summary>
/// <remarks>Unknowns are the drops of the nodes from what they would be without any current. A voltage behind a resistance is a conductor between its two ends:
/// only its drop counts.</remarks>
internal sealed class CurrentNetwork
{
    private readonly List<int> _same = [];
    private readonly List<Conductance> _branches = [];

    /// <summary>How many nodes there are.</summary>
    public int NodeCount => _same.Count;

    /// <summary>The conductors, each between two nodes.</summary>
    public IReadOnlyList<Conductance> Branches => _branches;

    /// <summary>Adds nodes.</summary>
    /// <returns>The number of the first of them.</returns>
    public int AddNodes(int count)
    {
        var first = _same.Count;
        for (var node = first; node < first + count; node++) _same.Add(node);
        return first;
    }

    /// <summary>Adds a node.</summary>
    /// <returns>Its number.</returns>
    public int AddNode() => AddNodes(1);

    /// <summary>Makes two nodes one: what lies between them has no resistance to speak of.</summary>
    public void Merge(int one, int other)
    {
        (one, other) = (Find(one), Find(other));
        if (one != other) _same[Math.Max(one, other)] = Math.Min(one, other);
    }

    /// <summary>The number that all nodes share which are one.</summary>
    public int Find(int node)
    {
        while (_same[node] != node) node = _same[node] = _same[_same[node]];
        return node;
    }

    /// <summary>Adds a conductor.</summary>
    /// <param name="one">One end.</param>
    /// <param name="other">The other.</param>
    /// <param name="ohms">Its resistance, above 0.</param>
    /// <returns>Its number.</returns>
    /// <exception cref="ArgumentOutOfRangeException">A resistance that is not above 0.</exception>
    public int AddBranch(int one, int other, double ohms)
    {
        if (ohms is not (> 0 and < double.PositiveInfinity)) throw new ArgumentOutOfRangeException(nameof(ohms), ohms, "A conductor has resistance.");
        _branches.Add(new Conductance(one, other, 1 / ohms));
        return _branches.Count - 1;
    }
}
