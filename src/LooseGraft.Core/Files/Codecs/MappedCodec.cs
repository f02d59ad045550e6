using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>A value that is written as another: a quantity as its number, a signal as its name.</summary>
/// <param name="inner">How it is written.</param>
/// <param name="read">Makes the value; null when the written form means nothing.</param>
/// <param name="write">Its written form.</param>
/// <param name="allowed">What the written form may be, beyond what <paramref name="inner"/> says.</param>
internal sealed class MappedCodec<TInner, T>(Codec<TInner> inner, Func<TInner, object?> read, Func<T, TInner> write, string allowed = "") : Codec<T>
{
    public override bool TryRead(JsonElement element, ReadContext context, out T value)
    {
        value = default!;
        if (!inner.TryRead(element, context, out var written)) return false;
        if (read(written) is not T made) return context.Fail(element, allowed);
        value = made;
        return true;
    }

    public override void Write(Utf8JsonWriter writer, T value) => inner.Write(writer, write(value));

    public override JsonObject Schema(JsonObject definitions)
    {
        var schema = inner.Schema(definitions);
        if (allowed.Length > 0) schema["description"] = allowed;
        return schema;
    }
}
