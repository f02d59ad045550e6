using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>One of the words of an enumeration, written in kebab case.</summary>
internal sealed class ChoiceCodec<TEnum> : Codec<TEnum>
    where TEnum : struct, Enum
{
    private static readonly Dictionary<string, TEnum> ByWord = Enum.GetValues<TEnum>().ToDictionary(Word);
    private static readonly string Allowed = string.Join(", ", ByWord.Keys);

    /// <summary>The word of a value.</summary>
    public static string Word(TEnum value) => JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());

    public override bool TryRead(JsonElement element, ReadContext context, out TEnum value)
    {
        value = default;
        return (element.ValueKind == JsonValueKind.String && TextCodec.TryGetString(element, out var text) && ByWord.TryGetValue(text, out value))
            || context.Fail(element, Allowed);
    }

    public override void Write(Utf8JsonWriter writer, TEnum value) => writer.WriteStringValue(Word(value));

    public override JsonObject Schema(JsonObject definitions)
        => new() { ["enum"] = new JsonArray([.. ByWord.Keys.Select(word => JsonValue.Create(word))]) };
}
