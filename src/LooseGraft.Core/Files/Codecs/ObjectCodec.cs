using System.Buffers;
using System.Runtime.InteropServices;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>An object: its members in the order they are written, and how they make a value. Members it does not know are kept.</summary>
/// <param name="name">Its name in the schema.</param>
/// <param name="description">What it is, for the schema.</param>
/// <param name="isInline">Whether it is written on one line, as a person would write a short row.</param>
internal sealed class ObjectCodec<T>(string name, string description, bool isInline = false) : Codec<T>
{
    // Longer than any member's name.
    private const int LongestPlain = 64;

    private const string BrokenName = "a broken character (half of a surrogate pair)";

    private readonly List<Member<T>> _members = [];
    private readonly Dictionary<string, Member<T>> _byName = [];
    private Func<MemberValues, T>? _make;
    private Func<T, UnknownMembers>? _unknown;
    private Action<T, ReadContext>? _check;
    private LineWriter? _line;

    /// <summary>Its name in the schema.</summary>
    public string Name => name;

    /// <summary>A member that must be there.</summary>
    public Member<T, V> Required<V>(string member, Codec<V> codec, Func<T, V> get, string about)
        => Add(new Member<T, V>(member, codec, about, value => (true, get(value)), true, default!, _members.Count));

    /// <summary>A member that is left out when it has its usual value.</summary>
    public Member<T, V> Usual<V>(string member, Codec<V> codec, Func<T, V> get, V usual, string about)
        => Add(new Member<T, V>(
            member, codec, about, value => (!EqualityComparer<V>.Default.Equals(get(value), usual), get(value)), false, usual, _members.Count));

    /// <summary>A list that is left out when it is empty.</summary>
    public Member<T, ValueList<V>> Many<V>(string member, Codec<V> item, int most, Func<T, ValueList<V>> get, string about)
        => Add(new Member<T, ValueList<V>>(member, new ListCodec<V>(item, most), about, value => (!get(value).IsEmpty, get(value)), false, [], _members.Count));

    /// <summary>A member that may be missing.</summary>
    public Member<T, V?> Optional<V>(string member, Codec<V> codec, Func<T, V?> get, string about)
        where V : struct
        => Add(new Member<T, V?>(member, new NullableCodec<V>(codec), about, value => (get(value) is not null, get(value)), false, null, _members.Count));

    /// <summary>A member that may be missing.</summary>
    public Member<T, V?> Optional<V>(string member, Codec<V> codec, Func<T, V?> get, string about)
        where V : class
        => Add(new Member<T, V?>(member, codec!, about, value => (get(value) is not null, get(value)), false, null, _members.Count));

    /// <summary>States how the members make a value, where it carries what is not known, and what must hold between its members.</summary>
    public ObjectCodec<T> Makes(Func<MemberValues, T> make, Func<T, UnknownMembers>? unknown = null, Action<T, ReadContext>? check = null)
    {
        (_make, _unknown, _check) = (make, unknown, check);
        return this;
    }

    public override bool TryRead(JsonElement element, ReadContext context, out T value)
    {
        value = default!;
        if (element.ValueKind != JsonValueKind.Object) return context.Fail(element, $"an object: {description.TrimEnd('.')}");
        var values = new MemberValues(_members.Count);
        OrderedDictionary<string, JsonElement>? unknown = null;
        var isRead = true;
        foreach (var property in element.EnumerateObject())
        {
            // What is wrong beyond what is told is not looked at: a file of nothing else costs no more than its first page of mistakes.
            if (context.IsFull) return false;
            if (Known(property) is { } member)
                isRead &= values.IsSet(member.Index) ? FailTwice(member.Name, context) : member.TryRead(property.Value, context, values);
            else if (TextCodec.NameOf(property) is { } key)
                isRead &= Keep(key, property.Value, context, unknown ??= []);
            else
                isRead &= context.Fail("", BrokenName, "Unicode text");
        }

        foreach (var member in _members)
        {
            if (!values.IsSet(member.Index)) isRead &= member.TrySetUsual(context, values);
        }

        if (!isRead) return false;
        values.Unknown = unknown is null ? UnknownMembers.None : new UnknownMembers([.. unknown]);
        value = _make!(values);
        var errors = context.Errors.Count;
        _check?.Invoke(value, context);
        return context.Errors.Count == errors;
    }

    public override void Write(Utf8JsonWriter writer, T value)
    {
        if (!isInline)
        {
            WriteMembers(writer, value);
            return;
        }

        // Kept for the next one; two threads that write at once have one each.
        var line = Interlocked.Exchange(ref _line, null) ?? LineWriter.For(writer.Options);
        writer.WriteRawValue(line.Line(WriteMembers, value), skipInputValidation: true);
        _line = line;
    }

    public override JsonObject Schema(JsonObject definitions)
    {
        if (!definitions.ContainsKey(Name))
        {
            definitions[Name] = new JsonObject();
            var properties = new JsonObject();
            foreach (var member in _members) properties[member.Name] = member.Schema(definitions);
            definitions[Name] = new JsonObject
            {
                ["description"] = description,
                ["type"] = "object",
                ["properties"] = properties,
                ["required"] = new JsonArray([.. _members.Where(member => member.IsRequired).Select(member => JsonValue.Create(member.Name))]),
            };
        }

        return new JsonObject { ["$ref"] = "#/definitions/" + Name };
    }

    // Nearly every name is spelled plainly, and finding its member then takes no text of its own.
    private Member<T>? Known(JsonProperty property)
    {
        var raw = JsonMarshal.GetRawUtf8PropertyName(property);
        Span<char> plain = stackalloc char[LongestPlain];
        if (raw.Length <= LongestPlain && Ascii.ToUtf16(raw, plain, out var length) == OperationStatus.Done
            && _byName.GetAlternateLookup<ReadOnlySpan<char>>().TryGetValue(plain[..length], out var member)) return member;
        return TextCodec.NameOf(property) is { } name ? _byName.GetValueOrDefault(name) : null;
    }

    private Member<T, V> Add<V>(Member<T, V> member)
    {
        _members.Add(member);
        _byName.Add(member.Name, member);
        return member;
    }

    private static bool Keep(string key, JsonElement value, ReadContext context, OrderedDictionary<string, JsonElement> unknown)
    {
        if (key.Length > GraftFileLimits.NameLength)
            return context.Fail("", $"a member whose name has {key.Length} characters", $"at most {GraftFileLimits.NameLength}");
        if (!IsWritable(value)) return context.Fail("." + key, BrokenName, "Unicode text");
        if (unknown.ContainsKey(key)) return FailTwice(key, context);
        unknown.Add(key, value.Clone());
        context.Note(key);
        return true;
    }

    private static bool FailTwice(string key, ReadContext context) => context.Fail("." + key, "the member twice", "each member once");

    private static bool IsWritable(JsonElement element) => element.ValueKind switch
    {
        JsonValueKind.String => TextCodec.TryGetString(element, out _),
        JsonValueKind.Array => element.EnumerateArray().All(IsWritable),
        JsonValueKind.Object => element.EnumerateObject().All(property => TextCodec.NameOf(property) is not null && IsWritable(property.Value)),
        _ => true,
    };

    private void WriteMembers(Utf8JsonWriter writer, T value)
    {
        writer.WriteStartObject();
        foreach (var member in _members) member.Write(writer, value);
        foreach (var (key, kept) in _unknown?.Invoke(value).Members ?? [])
        {
            writer.WritePropertyName(key);
            kept.WriteTo(writer);
        }

        writer.WriteEndObject();
    }
}
