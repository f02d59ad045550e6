using System.Collections.Immutable;
using System.Text.Json.Nodes;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files.Meetings;

/// <summary>What differs between two states of a graft, field by field. Linear in the length of both documents.</summary>
/// <remarks>Things with an id are gone into and their fields compared. Things told apart by something else, such as a contact by its position or a wire by its
/// ends, are one field each: half a contact from one window and half from another would be a contact that nobody described. A list whose things nothing tells
/// apart is one field, and so is one whose order differs.</remarks>
internal static class Differences
{
    private const string Id = "id";

    // What tells the things of a list apart, where they have no id.
    private static readonly ImmutableArray<ImmutableArray<string>> _tellers =
        [["position"], ["hash"], ["duty"], ["hole"], ["wall"], ["output"], ["rail"], ["from", "to"], ["one", "other"], ["part"]];

    /// <summary>What was changed from one state to another.</summary>
    public static ImmutableArray<FieldChange> Between(Graft before, Graft after)
    {
        var changes = ImmutableArray.CreateBuilder<FieldChange>();
        Compare(Document(before), Document(after), [], [], changes);
        return changes.ToImmutable();
    }

    private static JsonNode? Document(Graft graft) => JsonNode.Parse(GraftFile.Write(graft));

    private static void Compare(
        JsonNode? before, JsonNode? after, ImmutableArray<string> place, ImmutableArray<string> words, ImmutableArray<FieldChange>.Builder changes)
    {
        if (JsonNode.DeepEquals(before, after)) return;
        switch (before, after)
        {
            case (JsonObject old, JsonObject now):
                foreach (var member in old.Select(member => member.Key).Union(now.Select(member => member.Key)))
                    Compare(old[member], now[member], place.Add(member), words.Add(DocumentWords.Of(member)), changes);
                break;
            case (JsonArray or null, JsonArray or null) when Keyed(before, after) is var (old, now):
                foreach (var key in old.Keys.Union(now.Keys))
                {
                    var (was, item) = (old.GetValueOrDefault(key), now.GetValueOrDefault(key));
                    var (at, name) = (place.Add(key), words.Add(Name(item ?? was, key)));
                    if (was?[Id] is not null && item?[Id] is not null) Compare(was, item, at, name, changes);
                    else if (!JsonNode.DeepEquals(was, item)) changes.Add(new FieldChange(at, name, was, item));
                }

                break;
            default:
                changes.Add(new FieldChange(place, words, before, after));
                break;
        }
    }

    private static string Name(JsonNode? item, string key) => item is JsonObject named && named["name"] is JsonValue name ? name.ToString() : key;

    // The things of two lists by what tells them apart; null when nothing does, or when what is in both stands in another order.
    private static (Dictionary<string, JsonObject> Old, Dictionary<string, JsonObject> Now)? Keyed(JsonNode? before, JsonNode? after)
    {
        JsonObject[] all = [.. Things(before), .. Things(after)];
        var (olds, nows) = (Count(before), Count(after));
        if (all.Length == 0 || all.Length != olds + nows) return null;
        if (_tellers.Insert(0, [Id]).FirstOrDefault(each => all.All(thing => each.All(thing.ContainsKey))) is not { IsDefault: false } teller) return null;
        var keys = all.Select(thing => string.Join(" → ", teller.Select(member => thing[member]!.ToString()))).ToArray();
        var (first, second) = (keys[..olds], keys[olds..]);
        if (first.Distinct().Count() != olds || second.Distinct().Count() != nows) return null;
        if (!first.Intersect(second).SequenceEqual(second.Intersect(first))) return null;
        return (ByKey(first, all), ByKey(second, all[olds..]));
    }

    private static Dictionary<string, JsonObject> ByKey(string[] keys, JsonObject[] things)
        => keys.Zip(things).ToDictionary(pair => pair.First, pair => pair.Second);

    private static int Count(JsonNode? list) => (list as JsonArray)?.Count ?? 0;

    private static IEnumerable<JsonObject> Things(JsonNode? list) => list is JsonArray items ? items.OfType<JsonObject>() : [];
}
