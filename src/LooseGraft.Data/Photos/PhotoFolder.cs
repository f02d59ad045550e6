namespace LooseGraft.Data.Photos;

/// <summary>The folder beside the database in which pictures lie under their content's hash. What lies there never changes, so that undo finds it
/// again.</summary>
public sealed class PhotoFolder(string folder)
{
    private readonly string _path = folder;

    /// <summary>Keeps a picture; one that is there already is the same.</summary>
    public async Task KeepAsync(KeptPhoto photo, CancellationToken cancellation)
    {
        if (Find(photo.Hash) is not null) return;
        Directory.CreateDirectory(_path);
        // Written beside and moved into place, so that a picture is there whole or not at all.
        var written = Path.Combine(_path, Path.GetRandomFileName());
        await using (var file = new FileStream(written, FileMode.CreateNew, FileAccess.Write))
        {
            await file.WriteAsync(photo.Jpeg, cancellation);
            // On the disk before the graft that names it is.
            file.Flush(flushToDisk: true);
        }

        File.Move(written, PathOf(photo.Hash), overwrite: true);
    }

    /// <summary>Copies what another folder lacks.</summary>
    public void CopyTo(PhotoFolder other)
    {
        foreach (var file in All().Where(file => other.Find(Path.GetFileNameWithoutExtension(file)) is null))
        {
            Directory.CreateDirectory(other._path);
            var written = Path.Combine(other._path, Path.GetRandomFileName());
            File.Copy(file, written);
            File.Move(written, Path.Combine(other._path, Path.GetFileName(file)), overwrite: true);
        }
    }

    /// <summary>Where a picture lies; null when it is not there.</summary>
    /// <param name="hash">64 small hexadecimal digits; anything else is not there.</param>
    public string? Find(string hash)
        => IsHash(hash) && File.Exists(PathOf(hash)) ? PathOf(hash) : null;

    /// <summary>Whether a text is the name of a picture.</summary>
    internal static bool IsHash(string text) => text.Length == 64 && text.All(char.IsAsciiHexDigitLower);

    /// <summary>Where every picture lies.</summary>
    internal IEnumerable<string> All()
        => Directory.Exists(_path) ? Directory.EnumerateFiles(_path, "*.jpg").Where(file => IsHash(Path.GetFileNameWithoutExtension(file))) : [];

    private string PathOf(string hash) => Path.Combine(_path, hash + ".jpg");
}
