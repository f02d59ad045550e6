using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A moment to the second, in UTC, written <c>2026-03-07T14:05:00Z</c>.</summary>
internal sealed class InstantCodec : Codec<DateTimeOffset>
{
    private const string Form = "yyyy-MM-dd'T'HH:mm:ss'Z'";

    public override bool TryRead(JsonElement element, ReadContext context, out DateTimeOffset value)
    {
        value = default;
        return (element.ValueKind == JsonValueKind.String && TextCodec.TryGetString(element, out var text)
                && DateTimeOffset.TryParseExact(
                    text, Form, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal, out value))
            || context.Fail(element, "a moment in UTC such as 2026-03-07T14:05:00Z");
    }

    public override void Write(Utf8JsonWriter writer, DateTimeOffset value)
        => writer.WriteStringValue(value.ToUniversalTime().ToString(Form, CultureInfo.InvariantCulture));

    public override JsonObject Schema(JsonObject definitions) => new() { ["type"] = "string", ["format"] = "date-time" };
}
