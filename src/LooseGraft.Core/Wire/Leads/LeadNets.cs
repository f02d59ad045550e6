using System.Collections.Immutable;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>The nets of a lead: which of its ends are joined with which, by union of its wires.</summary>
/// <typeparam name="TEnd">How its ends are named.</typeparam>
public sealed class LeadNets<TEnd>
    where TEnd : struct, IEquatable<TEnd>, IComparable<TEnd>
{
    private readonly Dictionary<TEnd, TEnd> _parent = [];

    /// <summary>Joins the ends of each wire.</summary>
    public LeadNets(params IEnumerable<(TEnd One, TEnd Other)> pairs)
    {
        foreach (var (one, other) in pairs) Join(one, other);
    }

    /// <summary>Every end that a wire reaches, net by net, each in order.</summary>
    public ImmutableArray<ImmutableArray<TEnd>> All
        => [.. _parent.Keys.GroupBy(Root).Select(net => net.Order().ToImmutableArray()).OrderBy(net => net[0])];

    /// <summary>Whether a meter would beep between two ends.</summary>
    public bool Joins(TEnd one, TEnd other) => Root(one).Equals(Root(other));

    /// <summary>Joins two ends.</summary>
    /// <returns>Whether they were apart before.</returns>
    internal bool Join(TEnd one, TEnd other)
    {
        var (first, second) = (Root(one), Root(other));
        _parent[first] = second;
        return !first.Equals(second);
    }

    /// <summary>The end that stands for a net.</summary>
    public TEnd Root(TEnd end)
    {
        _parent.TryAdd(end, end);
        var root = end;
        while (!_parent[root].Equals(root)) root = _parent[root];
        // Shortens the way for the next question.
        while (!_parent[end].Equals(root)) (end, _parent[end]) = (_parent[end], root);
        return root;
    }
}
