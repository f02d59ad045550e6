using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>Looks into a document that may hold anything.</summary>
internal static class OldJson
{
    /// <summary>The items of a list of an object; none where there is no such list.</summary>
    public static IEnumerable<JsonElement> Items(JsonElement owner, string name)
        => owner.ValueKind == JsonValueKind.Object && owner.TryGetProperty(name, out var list) && list.ValueKind == JsonValueKind.Array
            ? list.EnumerateArray().AsEnumerable() : [];

    /// <summary>A text of an object; null where there is none.</summary>
    public static string? Text(JsonElement owner, string name)
        => owner.ValueKind == JsonValueKind.Object && owner.TryGetProperty(name, out var text) && text.ValueKind == JsonValueKind.String
            ? text.GetString() : null;
}
