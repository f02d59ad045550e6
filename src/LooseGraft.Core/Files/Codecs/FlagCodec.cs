using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>True or false.</summary>
internal sealed class FlagCodec : Codec<bool>
{
    public override bool TryRead(JsonElement element, ReadContext context, out bool value)
    {
        value = element.ValueKind == JsonValueKind.True;
        return value || element.ValueKind == JsonValueKind.False || context.Fail(element, "true or false");
    }

    public override void Write(Utf8JsonWriter writer, bool value) => writer.WriteBooleanValue(value);

    public override JsonObject Schema(JsonObject definitions) => new() { ["type"] = "boolean" };
}
