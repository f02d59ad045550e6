using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A value type that may be missing; when it is there, it is not null.</summary>
internal sealed class NullableCodec<T>(Codec<T> inner) : Codec<T?>
    where T : struct
{
    public override bool TryRead(JsonElement element, ReadContext context, out T? value)
    {
        var isRead = inner.TryRead(element, context, out var present);
        value = present;
        return isRead;
    }

    public override void Write(Utf8JsonWriter writer, T? value) => inner.Write(writer, value!.Value);

    public override JsonObject Schema(JsonObject definitions) => inner.Schema(definitions);
}
