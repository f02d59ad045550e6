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
                $"No folder can be made at {System.IO.Path.GetFullPath(path)}, where the bench is to be kept. Set DATA to one that this user may write in.", exception);
        }
    }

    /// <summary>Where it lies.</summary>
    public string Path { get; } = path;

    /// <summary>The database.</summary>
    public string Database => Combine("bench.db");

    /// <summary>Pictures, by hash.</summary>
    public PhotoFolder Photos => new(Combine("photos"));

    /// <summary>Keys of forms and of the door.</summary>
    public string Keys => Combine("keys");

    /// <summary>Copies of the database.</summary>
    public string Copies => Combine("copies");

    /// <summary>Pictures of the copies: all that any of them shows.</summary>
    public PhotoFolder CopiedPhotos => new(System.IO.Path.Combine(Copies, "photos"));

    /// <summary>Held while a bench is opened or put back.</summary>
    internal string StartLock => Combine("bench.start");

    /// <summary>Held while a copy is made.</summary>
    internal string CopyLock => Combine("bench.copy");

    /// <summary>A bench in the making, which takes the database's place when it is whole.</summary>
    internal string DatabaseInMaking => Combine("bench.new.db");

    private string Combine(string name) => System.IO.Path.Combine(Path, name);
}
