using System.Buffers;
using System.Text.Json;

namespace LooseGraft.Core.Files.Codecs;

/// <summary>Writes values on one line each, to stand in a document that is written over many. One at a time may use it.</summary>
internal sealed class LineWriter(ArrayBufferWriter<byte> line, Utf8JsonWriter writer)
{
    /// <summary>One for a document that is written in a given way.</summary>
    public static LineWriter For(JsonWriterOptions options)
    {
        var line = new ArrayBufferWriter<byte>();
        return new LineWriter(line, new Utf8JsonWriter(line, options with { Indented = false }));
    }

    /// <summary>The line of a value, until the next is written.</summary>
    public ReadOnlySpan<byte> Line<T>(Action<Utf8JsonWriter, T> write, T value)
    {
        line.ResetWrittenCount();
        writer.Reset();
        write(writer, value);
        writer.Flush();
        return line.WrittenSpan;
    }
}
