using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Nodes;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A list of bounded length.</summary>
internal sealed class ListCodec<T>(Codec<T> item, int most) : Codec<ValueList<T>>
{
    public override bool TryRead(JsonElement element, ReadContext context, out ValueList<T> value)
    {
        value = [];
        if (element.ValueKind != JsonValueKind.Array) return context.Fail(element, "a list");
        var count = element.GetArrayLength();
        if (count > most) return context.Fail("", $"a list of {count}", $"at most {most}");
        var items = ImmutableArray.CreateBuilder<T>(count);
        var index = 0;
        foreach (var entry in element.EnumerateArray())
        {
            context.Enter(index++);
            if (item.TryRead(entry, context, out var one)) items.Add(one);
            context.Leave();
            if (context.IsFull) break;
        }

        value = new(items.DrainToImmutable());
        return value.Length == count;
    }

    public override void Write(Utf8JsonWriter writer, ValueList<T> value)
    {
        writer.WriteStartArray();
        foreach (var entry in value) item.Write(writer, entry);
        writer.WriteEndArray();
    }

    public override JsonObject Schema(JsonObject definitions) => new() { ["type"] = "array", ["items"] = item.Schema(definitions), ["maxItems"] = most };
}
