using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A whole number within bounds.</summary>
internal sealed class IntegerCodec(int least, int most) : Codec<int>
{
    public override bool TryRead(JsonElement element, ReadContext context, out int value)
    {
        value = 0;
        return (element.ValueKind == JsonValueKind.Number && element.TryGetInt32(out value) && value >= least && value <= most)
            || context.Fail(element, $"a whole number from {least} to {most}");
    }

    public override void Write(Utf8JsonWriter writer, int value) => writer.WriteNumberValue(value);

    public override JsonObject Schema(JsonObject definitions) => new() { ["type"] = "integer", ["minimum"] = least, ["maximum"] = most };
}
