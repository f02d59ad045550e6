using System.Buffers;
using System.Collections.Immutable;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Unicode;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Files.Upgrades;

namespace LooseGraft.Core.Files;

/// <summary>Reads and writes one UTF-8 JSON document of a described form.</summary>
internal static class OpenDocument
{
    private static readonly JsonWriterOptions WriterOptions = new()
    {
        Indented = true,
        NewLine = "\n",
        // The file is never put inside a page as it is, so letters and signs may stand as themselves.
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private static readonly JsonSerializerOptions SchemaOptions = new()
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private static readonly JsonDocumentOptions ReaderOptions = new() { MaxDepth = GraftFileLimits.Depth };

    /// <summary>Reads a document.</summary>
    /// <returns>The value, or everything that is wrong; never an exception for anything a file may hold.</returns>
    public static (T? Value, ImmutableArray<FileError> Errors, ImmutableArray<string> Notes) Read<T>(ObjectCodec<T> codec, ReadOnlyMemory<byte> bytes)
        where T : class
    {
        if (bytes.Length > GraftFileLimits.Bytes)
            return Refuse<T>("$", $"a file of {bytes.Length} bytes", $"at most {GraftFileLimits.Bytes} bytes");
        var text = bytes.Span.StartsWith(Encoding.UTF8.Preamble) ? bytes[Encoding.UTF8.Preamble.Length..] : bytes;
        // Two-byte encodings of plain letters are valid UTF-8 with a zero byte beside each letter; JSON has none.
        if (!Utf8.IsValid(text.Span) || text.Span.Contains((byte)0))
            return Refuse<T>("$", "a file that is not UTF-8", "UTF-8; save it again in that encoding");
        try
        {
            using var document = Versions.Newest(JsonDocument.Parse(text, ReaderOptions), ReaderOptions);
            return Read(codec, document);
        }
        catch (JsonException exception)
        {
            return Refuse<T>($"line {exception.LineNumber + 1}, byte {exception.BytePositionInLine + 1}", FirstSentence(exception.Message),
                "a JSON document of at most "
                + $"{GraftFileLimits.Depth} levels");
        }
    }

    /// <summary>Whether a document is of an older version than is written now; what no version can read is not.</summary>
    public static bool IsOlder(ReadOnlySpan<byte> document, int version)
    {
        var reader = new Utf8JsonReader(document);
        try
        {
            while (reader.Read())
            {
                if (reader.CurrentDepth > 1) reader.Skip();
                else if (reader.TokenType == JsonTokenType.PropertyName && reader.ValueTextEquals("formatVersion"u8))
                    return reader.Read() && reader.TokenType == JsonTokenType.Number && reader.TryGetInt32(out var written) && written < version;
            }
        }
        catch (JsonException)
        {
            // What is no document is of no version.
        }

        return false;
    }

    private static (T? Value, ImmutableArray<FileError> Errors, ImmutableArray<string> Notes) Read<T>(ObjectCodec<T> codec, JsonDocument document)
        where T : class
    {
        var context = new ReadContext();
        var isRead = codec.TryRead(document.RootElement, context, out var value);
        return (isRead ? value : null, [.. context.Errors], [.. context.Notes]);
    }

    /// <summary>Writes a value. The same value always gives the same bytes, whatever the machine's culture.</summary>
    public static byte[] Write<T>(ObjectCodec<T> codec, T value)
    {
        var buffer = new ArrayBufferWriter<byte>();
        using (var writer = new Utf8JsonWriter(buffer, WriterOptions))
            codec.Write(writer, value);
        buffer.Write("\n"u8);
        return buffer.WrittenSpan.ToArray();
    }

    /// <summary>The JSON Schema (draft 7) of the form.</summary>
    public static string Schema<T>(ObjectCodec<T> codec, string title)
    {
        var definitions = new JsonObject();
        codec.Schema(definitions);
        definitions.Remove(codec.Name, out var root);
        var schema = root!.AsObject();
        schema.Insert(0, "$schema", "http://json-schema.org/draft-07/schema#");
        schema.Insert(1, "title", title);
        schema["definitions"] = definitions;
        return schema.ToJsonString(SchemaOptions) + "\n";
    }

    private static (T? Value, ImmutableArray<FileError> Errors, ImmutableArray<string> Notes) Refuse<T>(string path, string found, string allowed)
        where T : class
        => (null, [new FileError(path, found, allowed)], []);

    private static string FirstSentence(string message)
    {
        var sentence = message.Split(". ")[0].TrimEnd('.').ReplaceLineEndings(" ");
        return sentence.Length <= 160 ? sentence : sentence[..160] + "…";
    }
}
