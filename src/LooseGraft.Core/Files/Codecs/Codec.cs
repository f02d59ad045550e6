using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>One sort of value of the file format, described once: how it is read, how it is written and how the schema states it.</summary>
internal abstract class Codec<T>
{
    /// <summary>Reads a value, reporting everything wrong with it.</summary>
    /// <returns>Whether the value is usable.</returns>
    public abstract bool TryRead(JsonElement element, ReadContext context, out T value);

    public abstract void Write(Utf8JsonWriter writer, T value);

    /// <summary>The JSON Schema of the value; definitions it needs are added to <paramref name="definitions"/>.</summary>
    public abstract JsonObject Schema(JsonObject definitions);
}
