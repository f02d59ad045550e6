using System.Collections.Immutable;

namespace LooseGraft.Core.Feed;

/// <summary>The load cases.</summary>
public static class LoadCases
{
    /// <summary>Every one, in order.</summary>
    public static readonly ImmutableArray<LoadCase> All = [.. Enum.GetValues<LoadCase>()];
}
