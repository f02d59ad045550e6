using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>An exact decimal number within 0 and a bound, with so many decimals: two for an amount of money.</summary>
internal sealed class DecimalCodec(decimal most, int decimals = 2) : Codec<decimal>
{
    public override bool TryRead(JsonElement element, ReadContext context, out decimal value)
    {
        value = 0;
        if (element.ValueKind != JsonValueKind.Number || !element.TryGetDecimal(out var number)
            || number < 0 || number > most || decimal.Round(number, decimals) != number)
        {
            return context.Fail(element, $"an amount from 0 to {most} with at most {(decimals == 2 ? "two" : decimals)} decimals");
        }

        value = Plain(number);
        return true;
    }

    public override void Write(Utf8JsonWriter writer, decimal value) => writer.WriteNumberValue(Plain(value));

    // Dividing by one written with many zeros drops trailing zeros, so that 12.50 and 12.5 are written alike.
    private static decimal Plain(decimal number) => number / 1.0000000000000000000000000000m;

    public override JsonObject Schema(JsonObject definitions)
        => new() { ["type"] = "number", ["minimum"] = 0, ["maximum"] = most, ["multipleOf"] = new decimal(1, 0, 0, false, (byte)decimals) };
}
