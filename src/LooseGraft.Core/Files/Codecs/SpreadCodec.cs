using System.Text.Json;
using System.Text.Json.Nodes;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A spread: one number when it is exact, or an object of low, likely and high.</summary>
internal sealed class SpreadCodec<T>(NumberCodec number) : Codec<Spread<T>>
    where T : struct, IUnitQuantity<T>
{
    private static readonly string[] Ends = ["low", "likely", "high"];

    public override bool TryRead(JsonElement element, ReadContext context, out Spread<T> value)
    {
        value = default;
        if (element.ValueKind == JsonValueKind.Number)
        {
            if (!number.TryRead(element, context, out var exact)) return false;
            value = Spread<T>.Exactly(T.Of(exact));
            return true;
        }

        if (element.ValueKind != JsonValueKind.Object || element.EnumerateObject().Any(member => !Ends.Contains(member.Name)))
            return context.Fail(element, $"{number.Allowed}, or an object of low, likely and high");
        var figures = new double[Ends.Length];
        foreach (var (index, end) in Ends.Index())
        {
            if (!element.TryGetProperty(end, out var figure)) return context.Fail("." + end, "nothing", number.Allowed);
            context.Enter(end);
            var isRead = number.TryRead(figure, context, out figures[index]);
            context.Leave();
            if (!isRead) return false;
        }

        if (figures[0] > figures[1] || figures[1] > figures[2])
            return context.Fail("", $"low {figures[0]}, likely {figures[1]}, high {figures[2]}", "figures that rise from low over likely to high");
        value = new Spread<T>(T.Of(figures[0]), T.Of(figures[1]), T.Of(figures[2]));
        return true;
    }

    public override void Write(Utf8JsonWriter writer, Spread<T> value)
    {
        if (value.Low.CompareTo(value.High) == 0)
        {
            number.Write(writer, value.Likely.Value);
            return;
        }

        writer.WriteStartObject();
        foreach (var (end, figure) in Ends.Zip([value.Low, value.Likely, value.High]))
        {
            writer.WritePropertyName(end);
            number.Write(writer, figure.Value);
        }

        writer.WriteEndObject();
    }

    public override JsonObject Schema(JsonObject definitions) => new()
    {
        ["oneOf"] = new JsonArray(
            number.Schema(definitions),
            new JsonObject
            {
                ["type"] = "object",
                ["properties"] = new JsonObject([.. Ends.Select(end => KeyValuePair.Create(end, (JsonNode?)number.Schema(definitions)))]),
                ["required"] = new JsonArray([.. Ends.Select(end => JsonValue.Create(end))]),
                ["additionalProperties"] = false,
            }),
    };
}
