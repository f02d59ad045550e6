using System.Text.Json;

namespace LooseGraft.Core.Model;

/// <summary>Members of a graft file that this version of the product does not know. They are carried along untouched, so that a newer version's file survives
/// an older one.</summary>
/// <param name="Members">Name and value, in the order they stood in.</param>
public sealed record UnknownMembers(ValueList<KeyValuePair<string, JsonElement>> Members)
{
    /// <summary>None.</summary>
    public static readonly UnknownMembers None = new([]);

    /// <summary>Whether both hold the same members in the same order: their values are compared as JSON, not as objects of this program.</summary>
    public bool Equals(UnknownMembers? other)
        => other is not null && Members.Length == other.Members.Length
            && Members.Zip(other.Members).All(pair => pair.First.Key == pair.Second.Key && JsonElement.DeepEquals(pair.First.Value, pair.Second.Value));

    /// <inheritdoc/>
    public override int GetHashCode() => Members.Aggregate(0, (hash, member) => HashCode.Combine(hash, member.Key));
}
