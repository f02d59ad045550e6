using System.Buffers;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Unicode;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>Reads and writes the open graft file: one UTF-8 JSON document, described in docs/graft-file.md.</summary>
public static class GraftFile
{
    private static readonly JsonWriterOptions WriterOptions = new()
    {
        Indented = true,
        NewLine = "\n",
        // The file is never put inside a page as it is, so letters and signs may stand as themselves.
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    private static readonly JsonDocumentOptions ReaderOptions = new() { MaxDepth = GraftFileLimits.Depth };

    /// <summary>Reads a graft file.</summary>
    /// <param name="bytes">The whole file, at most <see cref="GraftFileLimits.Bytes"/>.</param>
    /// <returns>The graft, or everything that is wrong with the file; never an exception for anything a file may hold.</returns>
    public static GraftFileResult Read(ReadOnlyMemory<byte> bytes)
    {
        if (bytes.Length > GraftFileLimits.Bytes)
            return Refuse("$", $"a file of {bytes.Length} bytes", $"at most {GraftFileLimits.Bytes} bytes");
        var text = bytes.Span.StartsWith(Encoding.UTF8.Preamble) ? bytes[Encoding.UTF8.Preamble.Length..] : bytes;
        // Two-byte encodings of plain letters are valid UTF-8 with a zero byte beside each letter; JSON has none.
        if (!Utf8.IsValid(text.Span) || text.Span.Contains((byte)0))
            return Refuse("$", "a file that is not UTF-8", "UTF-8; save it again in that encoding");
        try
        {
            using var document = JsonDocument.Parse(text, ReaderOptions);
            var context = new ReadContext();
            var isRead = GraftFormat.Graft.TryRead(document.RootElement, context, out var graft);
            return new GraftFileResult(isRead ? graft : null, [.. context.Errors], [.. context.Notes]);
        }
        catch (JsonException exception)
        {
            return Refuse($"line {exception.LineNumber + 1}, byte {exception.BytePositionInLine + 1}", FirstSentence(exception.Message), "a JSON document of at most "
                + $"{GraftFileLimits.Depth} levels");
        }
    }

    /// <summary>Writes a graft. The same graft always gives the same bytes, whatever the machine's culture.</summary>
    public static byte[] Write(Graft graft)
    {
        var buffer = new ArrayBufferWriter<byte>();
        using (var writer = new Utf8JsonWriter(buffer, WriterOptions))
            GraftFormat.Graft.Write(writer, graft);
        buffer.Write("\n"u8);
        return buffer.WrittenSpan.ToArray();
    }

    /// <summary>The JSON Schema (draft 7) of the file. It states shape and bounds; that ids are unique and references resolve is checked on reading only.</summary>
    public static string Schema()
    {
        var definitions = new JsonObject();
        GraftFormat.Graft.Schema(definitions);
        definitions.Remove(GraftFormat.Graft.Name, out var root);
        var schema = root!.AsObject();
        schema.Insert(0, "$schema", "http://json-schema.org/draft-07/schema#");
        schema.Insert(1, "title", $"Loose Graft graft file, version {GraftFormat.Version}");
        schema["definitions"] = definitions;
        return schema.ToJsonString(new JsonSerializerOptions { WriteIndented = true, NewLine = "\n", Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping }) + "\n";
    }

    private static GraftFileResult Refuse(string path, string found, string allowed) => new(null, [new FileError(path, found, allowed)], []);

    private static string FirstSentence(string message)
    {
        var sentence = message.Split(". ")[0].TrimEnd('.').ReplaceLineEndings(" ");
        return sentence.Length <= 160 ? sentence : sentence[..160] + "…";
    }
}
