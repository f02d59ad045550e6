using System.Runtime.CompilerServices;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>One of the words of an enumeration, written in kebab case.</summary>
internal sealed class ChoiceCodec<TEnum> : Codec<TEnum>
    where TEnum : struct, Enum
{
    private static readonly TEnum[] Values = Enum.GetValues<TEnum>();
    private static readonly string[] Words = Array.ConvertAll(Enum.GetNames<TEnum>(), JsonNamingPolicy.KebabCaseLower.ConvertName);
    private static readonly string Allowed = string.Join(", ", Words);

    /// <summary>The word of a value: those of every enumeration count from nought.</summary>
    public static string Word(TEnum value) => Words[Unsafe.BitCast<TEnum, int>(value)];

    public override bool TryRead(JsonElement element, ReadContext context, out TEnum value)
    {
        value = default;
        var index = element.ValueKind == JsonValueKind.String && TextCodec.TryGetString(element, out var text) ? Array.IndexOf(Words, text) : -1;
        if (index < 0) return context.Fail(element, Allowed);
        value = Values[index];
        return true;
    }

    public override void Write(Utf8JsonWriter writer, TEnum value) => writer.WriteStringValue(Word(value));

    public override JsonObject Schema(JsonObject definitions)
        => new() { ["enum"] = new JsonArray([.. Words.Select(word => JsonValue.Create(word))]) };
}
