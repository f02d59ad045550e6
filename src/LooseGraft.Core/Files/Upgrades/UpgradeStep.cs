using System.Buffers;
using System.Collections.Immutable;
using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>Makes a document of one version from one of the version before it.</summary>
/// <remarks>It works on JSON alone and knows nothing of today's model, which goes on changing. A member that the older version did not know, and kept as it
/// stood, may have a name that the newer version gives a meaning: it is kept under another.</remarks>
/// <param name="from">The version it upgrades.</param>
/// <param name="added">The names that the newer version gives a meaning, by where they stand: the names of the members on the way, such as
/// <c>parts/ports</c>; a list counts as what it holds.</param>
/// <param name="moved">What else becomes of the members of an object: from where it stands, the objects it stands in (the document first, itself last) and its
/// members, the new ones; null where none is touched.</param>
internal sealed class UpgradeStep(
    int from, IReadOnlyDictionary<string, string[]> added,
    Func<string, ImmutableList<JsonElement>, NewMember[], IEnumerable<NewMember>>? moved = null)
{
    /// <summary>The document in the next version; null when it is not one of the version before, or one that no version could read.</summary>
    public byte[]? Upgrade(JsonElement document)
    {
        if (document.ValueKind != JsonValueKind.Object || !IsOfVersion(document)) return null;
        var buffer = new ArrayBufferWriter<byte>();
        try
        {
            using var writer = new Utf8JsonWriter(buffer);
            Copy(writer, document, "", []);
        }
        catch (InvalidOperationException)
        {
            // Half a surrogate pair in a name: whoever reads the document says so.
            return null;
        }

        return buffer.WrittenSpan.ToArray();
    }

    private bool IsOfVersion(JsonElement document)
        => document.TryGetProperty("formatVersion", out var version) && version.ValueKind == JsonValueKind.Number && version.TryGetInt32(out var number)
            && number == from;

    private void Copy(Utf8JsonWriter writer, JsonElement element, string place, ImmutableList<JsonElement> around)
    {
        if (!IsTouched(place) || element.ValueKind is not (JsonValueKind.Object or JsonValueKind.Array))
        {
            writer.WriteRawValue(element.GetRawText(), skipInputValidation: true);
        }
        else if (element.ValueKind == JsonValueKind.Array)
        {
            writer.WriteStartArray();
            foreach (var item in element.EnumerateArray()) Copy(writer, item, place, around);
            writer.WriteEndArray();
        }
        else
        {
            var names = element.EnumerateObject().Select(property => property.Name).ToHashSet();
            var members = element.EnumerateObject().Select(property => new NewMember(Free(property.Name, place, names), property.Value)).ToArray();
            var within = around.Add(element);
            writer.WriteStartObject();
            foreach (var member in moved?.Invoke(place, within, members) ?? members) Write(writer, member, place, within);
            writer.WriteEndObject();
        }
    }

    private void Write(Utf8JsonWriter writer, NewMember member, string place, ImmutableList<JsonElement> around)
    {
        writer.WritePropertyName(member.Name);
        if (member.Members is { } inner)
        {
            writer.WriteStartObject();
            foreach (var each in inner)
            {
                writer.WritePropertyName(each.Name);
                writer.WriteRawValue(each.Value.GetRawText(), skipInputValidation: true);
            }

            writer.WriteEndObject();
        }
        else if (place.Length == 0 && member.Name == "formatVersion")
        {
            writer.WriteNumberValue(from + 1);
        }
        else
        {
            Copy(writer, member.Value, place.Length == 0 ? member.Name : $"{place}/{member.Name}", around);
        }
    }

    private bool IsTouched(string place)
        => place.Length == 0 || added.Keys.Any(key => key == place || (key.StartsWith(place, StringComparison.Ordinal) && key[place.Length] == '/'));

    private string Free(string name, string place, HashSet<string> names)
    {
        if (!added.TryGetValue(place, out var known) || !known.Contains(name)) return name;
        var free = $"{name}-of-version-{from}";
        while (names.Contains(free)) free += "-";
        return free;
    }
}
