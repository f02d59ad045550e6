using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>Some figures that belong together, in a list of fixed length: <c>[40, 12]</c>.</summary>
/// <param name="figures">What each may be, with its name.</param>
/// <param name="make">Makes the value.</param>
/// <param name="write">Its figures.</param>
internal sealed class FiguresCodec<T>((string Name, NumberCodec Codec)[] figures, Func<double[], T> make, Func<T, double[]> write) : Codec<T>
{
    private readonly string _allowed = $"a list of {figures.Length} numbers: {string.Join(", ", figures.Select(figure => figure.Name))}";

    public override bool TryRead(JsonElement element, ReadContext context, out T value)
    {
        value = default!;
        if (element.ValueKind != JsonValueKind.Array) return context.Fail(element, _allowed);
        if (element.GetArrayLength() != figures.Length) return context.Fail("", $"a list of {element.GetArrayLength()}", _allowed);
        var read = new double[figures.Length];
        var isRead = true;
        for (var index = 0; index < figures.Length; index++)
        {
            context.Enter(index);
            isRead &= figures[index].Codec.TryRead(element[index], context, out read[index]);
            context.Leave();
        }

        if (isRead) value = make(read);
        return isRead;
    }

    public override void Write(Utf8JsonWriter writer, T value)
    {
        // On one line, as a person would write a place.
        writer.WriteRawValue(
            $"[{string.Join(", ", write(value).Select(figure => JsonSerializer.Serialize(figure == 0 ? 0 : figure)))}]", skipInputValidation: true);
    }

    public override JsonObject Schema(JsonObject definitions) => new()
    {
        ["type"] = "array",
        ["items"] = new JsonArray([.. figures.Select(figure =>
        {
            var schema = figure.Codec.Schema(definitions);
            schema["description"] = figure.Name;
            return schema;
        })]),
        ["minItems"] = figures.Length,
        ["maxItems"] = figures.Length,
    };
}
