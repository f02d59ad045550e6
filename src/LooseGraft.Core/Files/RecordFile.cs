using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>Reads and writes one record of the bench by itself, as it stands in a graft file.</summary>
public static class RecordFile
{
    /// <summary>Reads a record that <see cref="Write"/> wrote.</summary>
    /// <exception cref="InvalidOperationException">It is none.</exception>
    public static BenchRecord Read(ReadOnlyMemory<byte> bytes)
    {
        var (record, errors, _) = OpenDocument.Read(BenchNotesFormat.Record, bytes);
        return record ?? throw new InvalidOperationException($"A record cannot be read: {errors[0]}");
    }

    /// <summary>What of a record could not be read back: such a one must not be kept, for it is never changed again. Nothing for one that is right.</summary>
    public static ImmutableArray<FileError> ErrorsOf(BenchRecord record) => OpenDocument.Read(BenchNotesFormat.Record, Write(record)).Errors;

    /// <summary>Writes a record. The same record always gives the same bytes.</summary>
    public static byte[] Write(BenchRecord record) => OpenDocument.Write(BenchNotesFormat.Record, record);
}
