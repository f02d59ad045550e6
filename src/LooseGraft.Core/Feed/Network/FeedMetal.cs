namespace LooseGraft.Core.Feed.Network;

/// <summary>What conducts in a graft, as it is put together: nodes, what is one node, and conductors between them.</summary>
internal sealed class FeedMetal
{
    private readonly List<int> _piece = [];
    private readonly List<int> _same = [];

    /// <summary>Everything that conducts and has resistance to speak of.</summary>
    public List<FeedBranch> Branches { get; } = [];

    /// <summary>How many nodes there are.</summary>
    public int NodeCount => _piece.Count;

    /// <summary>Adds nodes.</summary>
    /// <returns>The number of the first.</returns>
    public int AddNodes(int count)
    {
        var first = _piece.Count;
        for (var node = first; node < first + count; node++)
        {
            _piece.Add(node);
            _same.Add(node);
        }

        return first;
    }

    /// <summary>Adds a node.</summary>
    /// <returns>Its number.</returns>
    public int AddNode() => AddNodes(1);

    /// <summary>Makes two nodes one.</summary>
    public void Merge(int one, int other)
    {
        if (one == other) return;
        Join(_same, one, other);
        Join(_piece, one, other);
    }

    /// <summary>Adds a conductor.</summary>
    public void Add(FeedBranch branch)
    {
        Branches.Add(branch);
        Join(_piece, branch.One, branch.Other);
    }

    /// <summary>A number that all nodes share which are connected.</summary>
    public int PieceOf(int node) => Find(_piece, node);

    /// <summary>A number that all nodes share which are one.</summary>
    public int SameAs(int node) => Find(_same, node);

    private static int Find(List<int> first, int node)
    {
        while (first[node] != node) node = first[node] = first[first[node]];
        return node;
    }

    private static void Join(List<int> first, int one, int other)
    {
        (one, other) = (Find(first, one), Find(first, other));
        if (one != other) first[Math.Max(one, other)] = Math.Min(one, other);
    }
}
