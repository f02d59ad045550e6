using System.Buffers;
using System.Text.Json;

namespace LooseGraft.Core.Files.Upgrades;

/// <summary>Makes a document of version 2 from one of version 1.</summary>
/// <remarks>Frozen: it works on JSON alone and knows nothing of today's model. Version 2 says more of what lies between two contacts of a part, and nothing
/// that version 1 said means anything else now. A member that version 1 did not know, and kept as it stood, may have a name that version 2 gives a meaning: it
/// is kept under another.</remarks>
internal static class FromVersion1
{
    private const string Suffix = "-of-version-1";

    private static readonly string[] NewInLinks =
        ["name", "closedAtRest", "overlaps", "ohms", "volts", "amps", "watts", "diode", "isolated", "efficiency", "seconds"];

    // Where such members may stand, and which they are.
    private static readonly string[] NewInParts = ["made", "tests"];
    private static readonly string[] NewInPins = ["leastVolts", "mostVolts"];

    /// <summary>The document in version 2; null when it is not one of version 1, or one that no version could read.</summary>
    public static byte[]? Upgrade(JsonElement document)
    {
        if (document.ValueKind != JsonValueKind.Object || !IsVersion1(document)) return null;
        var buffer = new ArrayBufferWriter<byte>();
        try
        {
            using var writer = new Utf8JsonWriter(buffer);
            Copy(writer, document, Place.Root);
        }
        catch (InvalidOperationException)
        {
            // Half a surrogate pair in a name: whoever reads the document says so.
            return null;
        }

        return buffer.WrittenSpan.ToArray();
    }

    private static bool IsVersion1(JsonElement document)
        => document.TryGetProperty("formatVersion", out var version) && version.ValueKind == JsonValueKind.Number && version.TryGetInt32(out var number)
            && number == 1;

    private static void Copy(Utf8JsonWriter writer, JsonElement element, Place place)
    {
        if (place == Place.Other || element.ValueKind is not (JsonValueKind.Object or JsonValueKind.Array))
        {
            writer.WriteRawValue(element.GetRawText(), skipInputValidation: true);
        }
        else if (element.ValueKind == JsonValueKind.Array)
        {
            writer.WriteStartArray();
            foreach (var item in element.EnumerateArray()) Copy(writer, item, place);
            writer.WriteEndArray();
        }
        else
        {
            writer.WriteStartObject();
            var names = element.EnumerateObject().Select(property => property.Name).ToHashSet();
            foreach (var property in element.EnumerateObject())
            {
                writer.WritePropertyName(Free(property.Name, place, names));
                if (place == Place.Root && property.NameEquals("formatVersion")) writer.WriteNumberValue(2);
                else Copy(writer, property.Value, Below(place, property.Name));
            }

            writer.WriteEndObject();
        }
    }

    private static string Free(string name, Place place, HashSet<string> names)
    {
        var added = place switch { Place.Part => NewInParts, Place.Link => NewInLinks, Place.Pin => NewInPins, _ => [] };
        if (!added.Contains(name)) return name;
        var free = name + Suffix;
        while (names.Contains(free)) free += "-";
        return free;
    }

    private static Place Below(Place place, string name) => (place, name) switch
    {
        (Place.Root, "parts" or "board") => Place.Part,
        (Place.Part, "links") => Place.Link,
        (Place.Part, "ports") => Place.Port,
        (Place.Port, "pins") => Place.Pin,
        _ => Place.Other,
    };

    private enum Place
    {
        Other,
        Root,
        Part,
        Link,
        Port,
        Pin,
    }
}
