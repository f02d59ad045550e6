using LooseGraft.Data.Photos;

namespace LooseGraft.Data;

/// <summary>The folder in which a bench keeps everything.</summary>
/// <param name="path">The folder; it must be there.</param>
public sealed class BenchFolder(string path)
{
    /// <summary>The database.</summary>
    public string Database => Path.Combine(path, "bench.db");

    /// <summary>Pictures, by hash.</summary>
    public PhotoFolder Photos => new(Path.Combine(path, "photos"));

    /// <summary>Keys of forms and of the door.</summary>
    public string Keys => Path.Combine(path, "keys");

    /// <summary>Copies of the database, made before a newer version changes its tables.</summary>
    public string Copies => Path.Combine(path, "copies");

    /// <summary>Held while a bench is opened.</summary>
    internal string StartLock => Path.Combine(path, "bench.start");

    /// <summary>A bench in the making, which takes the database's place when it is whole.</summary>
    internal string DatabaseInMaking => Path.Combine(path, "bench.new.db");
}
