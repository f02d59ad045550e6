using System.Text.Json;
using System.Text.Json.Nodes;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>One member of an object, whatever its type.</summary>
internal abstract class Member<TOwner>(string name, bool isRequired, int index)
{
    public string Name => name;

    public bool IsRequired => isRequired;

    public int Index => index;

    public abstract bool TryRead(JsonElement element, ReadContext context, MemberValues values);

    public abstract bool TrySetUsual(ReadContext context, MemberValues values);

    public abstract void Write(Utf8JsonWriter writer, TOwner owner);

    public abstract JsonObject Schema(JsonObject definitions);
}

/// <summary>One member of an object.</summary>
internal sealed class Member<TOwner, TValue>(
    string name, Codec<TValue> codec, string about, Func<TOwner, (bool IsWritten, TValue Value)> get, bool isRequired, TValue usual, int index)
    : Member<TOwner>(name, isRequired, index)
{
    public override bool TryRead(JsonElement element, ReadContext context, MemberValues values)
    {
        context.Enter(Name);
        var isRead = codec.TryRead(element, context, out var value);
        values.Set(Index, value);
        context.Leave();
        return isRead;
    }

    public override bool TrySetUsual(ReadContext context, MemberValues values)
    {
        values.Set(Index, usual);
        return !IsRequired || context.Fail("." + Name, "nothing", $"this member is required: {about.TrimEnd('.')}");
    }

    public override void Write(Utf8JsonWriter writer, TOwner owner)
    {
        var (isWritten, value) = get(owner);
        if (!isWritten) return;
        writer.WritePropertyName(Name);
        codec.Write(writer, value);
    }

    public override JsonObject Schema(JsonObject definitions)
    {
        var schema = codec.Schema(definitions);
        schema["description"] = schema["description"] is { } more ? $"{about} {more}" : about;
        return schema;
    }
}
