using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A calendar day, written year-month-day (ISO 8601).</summary>
internal sealed class DateCodec : Codec<DateOnly>
{
    private const string Pattern = "yyyy-MM-dd";

    public override bool TryRead(JsonElement element, ReadContext context, out DateOnly value)
    {
        value = default;
        return (element.ValueKind == JsonValueKind.String && TextCodec.TryGetString(element, out var text)
                && DateOnly.TryParseExact(text, Pattern, CultureInfo.InvariantCulture, DateTimeStyles.None, out value))
            || context.Fail(element, "a day such as \"2026-03-31\"");
    }

    public override void Write(Utf8JsonWriter writer, DateOnly value) => writer.WriteStringValue(value.ToString(Pattern, CultureInfo.InvariantCulture));

    public override JsonObject Schema(JsonObject definitions) => new() { ["type"] = "string", ["format"] = "date" };
}
