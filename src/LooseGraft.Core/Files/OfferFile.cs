using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>Reads and writes offers with their sellers: one UTF-8 JSON document, described in docs/offers.md.</summary>
public static class OfferFile
{
    /// <summary>Reads offers.</summary>
    /// <param name="bytes">The whole file, at most <see cref="GraftFileLimits.Bytes"/>.</param>
    /// <returns>The offers, or everything that is wrong with the file; never an exception for anything a file may hold.</returns>
    public static (OfferSheet? Sheet, ImmutableArray<FileError> Errors) Read(ReadOnlyMemory<byte> bytes)
    {
        var (sheet, errors, _) = OpenDocument.Read(OfferFormat.Sheet, bytes);
        return (sheet, errors);
    }

    /// <summary>Writes offers. The same offers always give the same bytes.</summary>
    public static byte[] Write(OfferSheet sheet) => OpenDocument.Write(OfferFormat.Sheet, sheet);
}
