using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>Reads and writes a known donor: one UTF-8 JSON document, described in docs/graft-file.md.</summary>
public static class DonorFile
{
    /// <summary>Reads a known donor.</summary>
    /// <param name="bytes">The whole file, at most <see cref="GraftFileLimits.Bytes"/>.</param>
    /// <returns>The donor, or everything that is wrong with the file; never an exception for anything a file may hold.</returns>
    public static DonorFileResult Read(ReadOnlyMemory<byte> bytes)
    {
        var (donor, errors, notes) = OpenDocument.Read(DonorFormat.Donor, bytes);
        return new DonorFileResult(donor, errors, notes);
    }

    /// <summary>Writes a known donor. The same donor always gives the same bytes.</summary>
    public static byte[] Write(KnownDonor donor) => OpenDocument.Write(DonorFormat.Donor, donor);
}
