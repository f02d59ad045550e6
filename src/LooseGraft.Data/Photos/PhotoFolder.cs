namespace LooseGraft.Data.Photos;

/// <summary>The folder beside the database in which pictures lie under their content's hash. What lies there never changes, so that undo finds it
/// again.</summary>
public sealed class PhotoFolder(string folder)
{
    /// <summary>Keeps a picture; one that is there already is the same.</summary>
    public async Task KeepAsync(KeptPhoto photo, CancellationToken cancellation)
    {
        if (Find(photo.Hash) is not null) return;
        Directory.CreateDirectory(folder);
        // Written beside and moved into place, so that a picture is there whole or not at all.
        var written = Path.Combine(folder, Path.GetRandomFileName());
        await using (var file = new FileStream(written, FileMode.CreateNew, FileAccess.Write))
        {
            await file.WriteAsync(photo.Jpeg, cancellation);
            // On the disk before the graft that names it is.
            file.Flush(flushToDisk: true);
        }

        File.Move(written, PathOf(photo.Hash), overwrite: true);
    }

    /// <summary>Where a picture lies; null when it is not there.</summary>
    /// <param name="hash">64 small hexadecimal digits; anything else is not there.</param>
    public string? Find(string hash)
        => hash.Length == 64 && hash.All(char.IsAsciiHexDigitLower) && File.Exists(PathOf(hash)) ? PathOf(hash) : null;

    private string PathOf(string hash) => Path.Combine(folder, hash + ".jpg");
}
