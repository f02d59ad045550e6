using System.Diagnostics.CodeAnalysis;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A text of bounded length without control characters, optionally of a given pattern.</summary>
internal sealed class TextCodec(int maxLength, bool isMultiline = false, string? pattern = null, string? patternWords = null) : Codec<string>
{
    private readonly Regex? _regex = pattern is null ? null : new Regex(pattern, RegexOptions.CultureInvariant);

    private string Allowed => patternWords ?? $"a text of 1 to {maxLength} characters{(isMultiline ? "" : " on one line")}";

    public override bool TryRead(JsonElement element, ReadContext context, out string value)
    {
        value = "";
        if (element.ValueKind != JsonValueKind.String) return context.Fail(element, Allowed);
        if (!TryGetString(element, out var text)) return context.Fail("", "a broken character (half of a surrogate pair)", "Unicode text");
        if (text.Length > maxLength) return context.Fail("", $"a text of {text.Length} characters", $"at most {maxLength} characters");
        if (string.IsNullOrWhiteSpace(text) || text.Any(IsForbidden) || _regex?.IsMatch(text) == false) return context.Fail(element, Allowed);
        value = text;
        return true;
    }

    public override void Write(Utf8JsonWriter writer, string value) => writer.WriteStringValue(value);

    public override JsonObject Schema(JsonObject definitions)
    {
        var schema = new JsonObject { ["type"] = "string", ["minLength"] = 1, ["maxLength"] = maxLength };
        if (pattern is not null) schema["pattern"] = pattern;
        return schema;
    }

    /// <summary>The text of an element; false when it holds half a surrogate pair, which JSON can spell but text cannot hold.</summary>
    public static bool TryGetString(JsonElement element, [NotNullWhen(true)] out string? text)
    {
        try
        {
            text = element.GetString();
            return text is not null;
        }
        catch (InvalidOperationException)
        {
            text = null;
            return false;
        }
    }

    /// <summary>The name of a property; null when it holds half a surrogate pair.</summary>
    public static string? NameOf(JsonProperty property)
    {
        try
        {
            return property.Name;
        }
        catch (InvalidOperationException)
        {
            return null;
        }
    }

    private bool IsForbidden(char character) => char.IsControl(character) && !(isMultiline && character is '\n' or '\t');
}
