using LooseGraft.Data.Photos;

namespace LooseGraft.Data;

/// <summary>The folder in which a bench keeps everything.</summary>
/// <param name="path">The folder; it must be there.</param>
public sealed class BenchFolder(string path)
{
    /// <summary>The folder at a path, or at the usual one; made where there is none.</summary>
    /// <exception cref="BenchStartException">It cannot be made.</exception>
    public static BenchFolder At(string? path) => Make(string.IsNullOrEmpty(path) ? "data" : path);

    private static BenchFolder Make(string path)
    {
        try
        {
            var folder = new BenchFolder(Directory.CreateDirectory(path).FullName);
            Directory.CreateDirectory(folder.Keys);
            return folder;
        }
        catch (Exception exception) when (exception is IOException or UnauthorizedAccessException)
        {
            throw new BenchStartException(
                $"No folder can be made at {Path.GetFullPath(path)}, where the bench is to be kept. Set DATA to one that this user may write in.", exception);
        }
    }

    /// <summary>The database.</summary>
    public string Database => Path.Combine(path, "bench.db");

    /// <summary>Pictures, by hash.</summary>
    public PhotoFolder Photos => new(Path.Combine(path, "photos"));

    /// <summary>Keys of forms and of the door.</summary>
    public string Keys => Path.Combine(path, "keys");

    /// <summary>Copies of the database.</summary>
    public string Copies => Path.Combine(path, "copies");

    /// <summary>Pictures of the copies: all that any of them shows.</summary>
    public PhotoFolder CopiedPhotos => new(Path.Combine(Copies, "photos"));

    /// <summary>Held while a bench is opened or put back.</summary>
    internal string StartLock => Path.Combine(path, "bench.start");

    /// <summary>Held while a copy is made.</summary>
    internal string CopyLock => Path.Combine(path, "bench.copy");

    /// <summary>A bench in the making, which takes the database's place when it is whole.</summary>
    internal string DatabaseInMaking => Path.Combine(path, "bench.new.db");
}
