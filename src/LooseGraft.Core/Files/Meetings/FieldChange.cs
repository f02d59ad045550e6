using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Meetings;

/// <summary>One field of a graft that differs between two of its states: the smallest thing that two changes may both want.</summary>
/// <param name="Place">Its members and ids from the document down; two changes touch the same thing when the place of one begins the place of the
/// other.</param>
/// <param name="Words">The place in words, with names for ids.</param>
/// <param name="Before">How it was; null when it was not there.</param>
/// <param name="After">How it is; null when it is not there.</param>
internal sealed record FieldChange(ImmutableArray<string> Place, ImmutableArray<string> Words, JsonNode? Before, JsonNode? After)
{
    /// <summary>Whether two changes touch the same thing.</summary>
    public bool Touches(FieldChange other)
    {
        var shared = Math.Min(Place.Length, other.Place.Length);
        return Place.AsSpan(0, shared).SequenceEqual(other.Place.AsSpan(0, shared));
    }

    /// <summary>Whether two changes do the same to the same thing.</summary>
    public bool Equals(FieldChange? other)
        => other is not null && Place.AsSpan().SequenceEqual(other.Place.AsSpan()) && JsonNode.DeepEquals(After, other.After);

    /// <inheritdoc />
    public override int GetHashCode() => HashCode.Combine(Place.Length, Place.IsEmpty ? "" : Place[^1]);

    /// <summary>A value for a reader: no braces, no quotation marks, and not more of it than fits beside another.</summary>
    public static string Told(JsonNode? value)
    {
        const int most = 120;
        var told = value switch
        {
            null => "not there",
            JsonObject members => string.Join(
                ", ", members.Where(member => member.Key != "id").Select(member => $"{DocumentWords.Of(member.Key)} {Told(member.Value)}")),
            JsonArray { Count: 0 } => "none",
            JsonArray items when items.All(item => item is JsonValue) => string.Join(" ", items.Select(Told)),
            JsonArray items => items.Count == 1 ? "one: " + Told(items[0]) : $"{items.Count} of them",
            _ => value.GetValueKind() switch
            {
                JsonValueKind.String => value.GetValue<string>(),
                JsonValueKind.True => "yes",
                JsonValueKind.False => "no",
                _ => value.ToJsonString(),
            },
        };
        return told.Length > most ? told[..most] + " …" : told;
    }
}
