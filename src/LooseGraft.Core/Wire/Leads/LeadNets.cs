using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>The nets of a lead: which of its ends are joined with which, by union of its wires.</summary>
public sealed class LeadNets
{
    private readonly Dictionary<LeadEnd, LeadEnd> _parent = [];

    /// <summary>Joins the ends of each wire.</summary>
    public LeadNets(IEnumerable<Conductor> wires)
        : this(wires.Select(wire => wire.Ends))
    {
    }

    /// <summary>Joins any pairs of ends.</summary>
    public LeadNets(IEnumerable<(LeadEnd One, LeadEnd Other)> pairs)
    {
        foreach (var (one, other) in pairs) Join(one, other);
    }

    /// <summary>Every end that a wire reaches, net by net, each in order.</summary>
    public ImmutableArray<ImmutableArray<LeadEnd>> All
        => [.. _parent.Keys.GroupBy(Root).Select(net => net.Order().ToImmutableArray()).OrderBy(net => net[0])];

    /// <summary>Whether a meter would beep between two ends.</summary>
    public bool Joins(LeadEnd one, LeadEnd other) => Root(one) == Root(other);

    /// <summary>Joins two ends.</summary>
    /// <returns>Whether they were apart before.</returns>
    internal bool Join(LeadEnd one, LeadEnd other)
    {
        var (first, second) = (Root(one), Root(other));
        _parent[first] = second;
        return first != second;
    }

    /// <summary>The end that stands for a net.</summary>
    public LeadEnd Root(LeadEnd end)
    {
        _parent.TryAdd(end, end);
        var root = end;
        while (_parent[root] != root) root = _parent[root];
        // Shortens the way for the next question.
        while (_parent[end] != root) (end, _parent[end]) = (_parent[end], root);
        return root;
    }
}
