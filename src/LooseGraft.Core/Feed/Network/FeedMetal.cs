namespace LooseGraft.Core.Feed.Network;

/// <summary>What conducts in a graft, as it is put together: nodes, what is one node, and conductors between them.</summary>
internal sealed class FeedMetal
{
    private readonly List<int> _piece = [];

    /// <summary>Everything that conducts and has resistance to speak of.</summary>
    public List<FeedBranch> Branches { get; } = [];

    /// <summary>Pairs of nodes that are one.</summary>
    public List<(int One, int Other)> Merged { get; } = [];

    /// <summary>How many nodes there are.</summary>
    public int NodeCount => _piece.Count;

    /// <summary>Adds nodes.</summary>
    /// <returns>The number of the first.</returns>
    public int AddNodes(int count)
    {
        var first = _piece.Count;
        for (var node = first; node < first + count; node++) _piece.Add(node);
        return first;
    }

    /// <summary>Makes two nodes one.</summary>
    public void Merge(int one, int other)
    {
        if (one == other) return;
        Merged.Add((one, other));
        Join(one, other);
    }

    /// <summary>Adds a conductor.</summary>
    public void Add(FeedBranch branch)
    {
        Branches.Add(branch);
        Join(branch.One, branch.Other);
    }

    /// <summary>A number that all nodes share which are connected.</summary>
    public int PieceOf(int node)
    {
        while (_piece[node] != node) node = _piece[node] = _piece[_piece[node]];
        return node;
    }

    private void Join(int one, int other)
    {
        (one, other) = (PieceOf(one), PieceOf(other));
        if (one != other) _piece[Math.Max(one, other)] = Math.Min(one, other);
    }
}
