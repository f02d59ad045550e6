using System.Buffers;
using System.Runtime.InteropServices;
using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>Makes a document of one version from one of the version before it.</summary>
/// <remarks>It works on JSON alone and knows nothing of today's model, which goes on changing. A member that the older version did not know, and kept as it
/// stood, may have a name that the newer version gives a meaning: it is kept under another.</remarks>
/// <param name="from">The version it upgrades.</param>
/// <param name="added">The names that the newer version gives a meaning, by where they stand: the names of the members on the way, such as
/// <c>parts/ports</c>; a list counts as what it holds.</param>
/// <param name="moved">What else becomes of the members of an object, for one document: from where it stands, the object and its members, the new ones. The
/// objects of a document are asked in its order, each before those within it. Null where none is touched.</param>
internal sealed class UpgradeStep(
    int from, IReadOnlyDictionary<string, string[]> added,
    Func<JsonElement, UpgradeStep.Mover>? moved = null)
{
    private readonly OldPlace _root = OldPlace.Root(added);

    /// <summary>What becomes of the members of one object.</summary>
    public delegate IEnumerable<NewMember> Mover(string place, JsonElement element, NewMember[] members);

    /// <summary>The document in the next version; null when it is not one of the version before, or one that no version could read.</summary>
    public byte[]? Upgrade(JsonElement document)
    {
        if (document.ValueKind != JsonValueKind.Object || !IsOfVersion(document)) return null;
        var buffer = new ArrayBufferWriter<byte>();
        try
        {
            using var writer = new Utf8JsonWriter(buffer);
            Copy(writer, document, _root, moved?.Invoke(document));
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

    private void Copy(Utf8JsonWriter writer, JsonElement element, OldPlace? place, Mover? mover)
    {
        if (place is null || element.ValueKind is not (JsonValueKind.Object or JsonValueKind.Array))
        {
            writer.WriteRawValue(JsonMarshal.GetRawUtf8Value(element), skipInputValidation: true);
        }
        else if (element.ValueKind == JsonValueKind.Array)
        {
            writer.WriteStartArray();
            foreach (var item in element.EnumerateArray()) Copy(writer, item, place, mover);
            writer.WriteEndArray();
        }
        else
        {
            var free = place.Free(element, from);
            var members = element.EnumerateObject().Select(property => new NewMember(property.Name, property.Value))
                .Select(member => free.TryGetValue(member.Name, out var other) ? member with { Name = other } : member).ToArray();
            writer.WriteStartObject();
            foreach (var member in mover?.Invoke(place.Path, element, members) ?? members) Write(writer, member, place, mover);
            writer.WriteEndObject();
        }
    }

    private void Write(Utf8JsonWriter writer, NewMember member, OldPlace place, Mover? mover)
    {
        writer.WritePropertyName(member.Name);
        if (member.Members is { } inner)
        {
            writer.WriteStartObject();
            foreach (var each in inner)
            {
                writer.WritePropertyName(each.Name);
                writer.WriteRawValue(JsonMarshal.GetRawUtf8Value(each.Value), skipInputValidation: true);
            }

            writer.WriteEndObject();
        }
        else if (place.Path.Length == 0 && member.Name == "formatVersion")
        {
            writer.WriteNumberValue(from + 1);
        }
        else
        {
            Copy(writer, member.Value, place.Within(member.Name), mover);
        }
    }
}
