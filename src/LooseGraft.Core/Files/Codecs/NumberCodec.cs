using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A finite number within bounds.</summary>
internal sealed class NumberCodec(double least, double most) : Codec<double>
{
    public string Allowed { get; } = string.Create(CultureInfo.InvariantCulture, $"a number from {least} to {most}");

    public override bool TryRead(JsonElement element, ReadContext context, out double value)
    {
        value = 0;
        if (element.ValueKind != JsonValueKind.Number || !element.TryGetDouble(out var number) || !(number >= least && number <= most))
            return context.Fail(element, Allowed);
        value = Plain(number);
        return true;
    }

    public override void Write(Utf8JsonWriter writer, double value) => writer.WriteNumberValue(Plain(value));

    // A negative zero would be written as "-0" and surprise whoever reads the file.
    private static double Plain(double number) => number == 0 ? 0 : number;

    public override JsonObject Schema(JsonObject definitions) => new() { ["type"] = "number", ["minimum"] = least, ["maximum"] = most };
}
