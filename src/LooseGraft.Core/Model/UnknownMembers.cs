using System.Collections.Immutable;
using System.Text.Json;

namespace LooseGraft.Core.Model;

/// <summary>Members of a graft file that this version of the product does not know. They are carried along untouched, so that a newer version's file survives an older one.</summary>
/// <param name="Members">Name and value, in the order they stood in.</param>
public sealed record UnknownMembers(ImmutableArray<KeyValuePair<string, JsonElement>> Members)
{
    /// <summary>None.</summary>
    public static readonly UnknownMembers None = new([]);
}
