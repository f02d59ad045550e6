using System.IO.Compression;
using System.Security.Cryptography;
using LooseGraft.Data.Photos;
using Microsoft.Data.Sqlite;

namespace LooseGraft.Data.Copies;

/// <summary>The whole bench as one file: its database and its pictures.</summary>
public sealed class BenchArchive(BenchFolder folder, BenchRestore restore)
{
    /// <summary>Bytes of the largest archive.</summary>
    public const long LargestBytes = 1L << 30;

    /// <summary>Bytes of all that one holds, unpacked.</summary>
    public const long LargestContent = 2L << 30;

    private const string DatabaseEntry = "bench.db";
    private const string PhotosEntry = "photos/";

    /// <summary>Writes the bench as it stands into a file of its own.</summary>
    /// <returns>The file, at its beginning; it is gone when the stream is closed.</returns>
    public async Task<FileStream> WriteAsync(CancellationToken cancellation)
    {
        var (work, database) = (Begin(), Path.Combine(folder.Copies, $"leaving {Guid.NewGuid():N}.db"));
        try
        {
            await Task.Run(() => BenchDatabase.Copy(folder.Database, database), cancellation);
            await using (var archive = await ZipArchive.CreateAsync(work, ZipArchiveMode.Create, leaveOpen: true, entryNameEncoding: null, cancellation))
            {
                await archive.CreateEntryFromFileAsync(database, DatabaseEntry, cancellation);
                // Pictures are packed already.
                foreach (var photo in folder.Photos.All())
                    await archive.CreateEntryFromFileAsync(photo, PhotosEntry + Path.GetFileName(photo), CompressionLevel.NoCompression, cancellation);
            }

            work.Position = 0;
            return work;
        }
        catch
        {
            await work.DisposeAsync();
            throw;
        }
        finally
        {
            BenchDatabase.Remove(database);
        }
    }

    /// <summary>Puts an archive in the bench's place; what stood there is copied first.</summary>
    /// <param name="upload">The archive; one that can be sought in.</param>
    /// <param name="cancellation">Stops before the bench is touched.</param>
    /// <exception cref="BenchStartException">It is no archive of a bench; the bench stands as it stood.</exception>
    public async Task ReadAsync(Stream upload, CancellationToken cancellation)
    {
        Directory.CreateDirectory(folder.Copies);
        var database = Path.Combine(folder.Copies, $"coming {Guid.NewGuid():N}.db");
        try
        {
            await using var archive = await OpenAsync(upload, cancellation);
            var left = LargestContent;
            foreach (var entry in archive.Entries)
            {
                left -= entry.Length;
                if (left < 0) throw Refused($"it holds more than {LargestContent >> 30} GiB");
                if (entry.FullName == DatabaseEntry && !File.Exists(database)) await entry.ExtractToFileAsync(database, cancellation);
                else if (PhotoOf(entry) is { } hash) await KeepAsync(entry, hash, cancellation);
                else throw Refused($"“{entry.FullName}” has no place in one");
            }

            if (!File.Exists(database)) throw Refused($"there is no {DatabaseEntry} in it");
            await BenchContent.CheckAsync(database, cancellation);
            await restore.PutAsync(database, isServed: true, cancellation);
        }
        catch (Exception exception) when (exception is InvalidDataException or EndOfStreamException)
        {
            throw Refused("it is damaged, or no ZIP file", exception);
        }
        catch (SqliteException exception) when (StorageTroubles.Of(exception) is StorageTrouble.Damaged or StorageTrouble.None)
        {
            throw Refused($"{DatabaseEntry} is damaged, or is no copy of a bench", exception);
        }
        finally
        {
            BenchDatabase.Remove(database);
        }
    }

    private static async Task<ZipArchive> OpenAsync(Stream upload, CancellationToken cancellation)
    {
        try
        {
            return await ZipArchive.CreateAsync(upload, ZipArchiveMode.Read, leaveOpen: true, entryNameEncoding: null, cancellation);
        }
        catch (ArgumentOutOfRangeException exception)
        {
            // So the library says of a file that is shorter than the end of an archive.
            throw new InvalidDataException("Too short.", exception);
        }
    }

    // What lies under a hash is what has it: a picture more does no harm, whatever becomes of the rest.
    private async Task KeepAsync(ZipArchiveEntry entry, string hash, CancellationToken cancellation)
    {
        if (entry.Length > PhotoIntake.LargestBytes) throw Refused($"“{entry.FullName}” is no picture of a bench");
        using var bytes = new MemoryStream();
        await using (var content = await entry.OpenAsync(cancellation)) await content.CopyToAsync(bytes, cancellation);
        var photo = bytes.ToArray();
        if (Convert.ToHexStringLower(SHA256.HashData(photo)) != hash) throw Refused($"“{entry.FullName}” is not what its name says");
        await folder.Photos.KeepAsync(new KeptPhoto(hash, 0, 0, photo), cancellation);
    }

    private static string? PhotoOf(ZipArchiveEntry entry)
        => entry.FullName.StartsWith(PhotosEntry, StringComparison.Ordinal) && entry.FullName.EndsWith(".jpg", StringComparison.Ordinal)
            && PhotoFolder.IsHash(entry.FullName[PhotosEntry.Length..^4]) ? entry.FullName[PhotosEntry.Length..^4] : null;

    private static BenchStartException Refused(string why, Exception? cause = null)
        => new($"That is no archive of a bench: {why}. The bench stands as it stood.", cause);

    private FileStream Begin()
    {
        Directory.CreateDirectory(folder.Copies);
        return new FileStream(Path.Combine(folder.Copies, $"leaving {Guid.NewGuid():N}.zip"), new FileStreamOptions
        {
            Mode = FileMode.CreateNew,
            Access = FileAccess.ReadWrite,
            Options = FileOptions.DeleteOnClose | FileOptions.Asynchronous,
        });
    }
}
