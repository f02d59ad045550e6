using System.Collections.Immutable;

namespace LooseGraft.Core.Model;

/// <summary>What one supply, brick or converter can give.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Part">Id of the part that is the supply.</param>
public sealed record Supply(string Id, string Part)
{
    /// <summary>Its outputs.</summary>
    public ImmutableArray<Rail> Rails { get; init; } = [];

    /// <summary>Limits that several rails share.</summary>
    public ImmutableArray<CombinedLimit> Combined { get; init; } = [];

    /// <summary>The most it may give in all; null when nobody said.</summary>
    public TotalLimit? Total { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
