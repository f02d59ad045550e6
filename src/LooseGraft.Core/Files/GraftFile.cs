using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>Reads and writes the open graft file: one UTF-8 JSON document, described in docs/graft-file.md.</summary>
public static class GraftFile
{
    /// <summary>The version that is written. Older ones are read.</summary>
    public const int Version = GraftFormat.Version;

    /// <summary>Reads a graft file.</summary>
    /// <param name="bytes">The whole file, at most <see cref="GraftFileLimits.Bytes"/>.</param>
    /// <returns>The graft, or everything that is wrong with the file; never an exception for anything a file may hold.</returns>
    public static GraftFileResult Read(ReadOnlyMemory<byte> bytes)
    {
        var (graft, errors, notes) = OpenDocument.Read(GraftFormat.Graft, bytes);
        return new GraftFileResult(graft, errors, notes);
    }

    /// <summary>Whether a document that <see cref="Read"/> reads was written by an older version than <see cref="Write"/> writes.</summary>
    public static bool IsOlder(ReadOnlySpan<byte> bytes) => OpenDocument.IsOlder(bytes, GraftFormat.Version);

    /// <summary>Writes a graft. The same graft always gives the same bytes, whatever the machine's culture.</summary>
    public static byte[] Write(Graft graft) => OpenDocument.Write(GraftFormat.Graft, graft);

    /// <summary>The JSON Schema (draft 7) of the file. It states shape and bounds; that ids are unique and references resolve is checked on reading
    /// only.</summary>
    public static string Schema() => OpenDocument.Schema(GraftFormat.Graft, $"Loose Graft graft file, version {GraftFormat.Version}");
}
