using Microsoft.Data.Sqlite;

namespace LooseGraft.Data.Copies;

/// <summary>Copies of the whole bench: the database by its own online backup, so that nobody waits, and the pictures, which never change, once each.</summary>
public sealed class BenchCopies(BenchFolder folder, TimeProvider clock)
{
    /// <summary>How old the newest copy grows before another is due.</summary>
    public static readonly TimeSpan Rhythm = TimeSpan.FromDays(1);

    /// <summary>Every copy, the newest first.</summary>
    public IReadOnlyList<BenchCopy> All()
        => Directory.Exists(folder.Copies)
            ? [.. new DirectoryInfo(folder.Copies).GetFiles("bench *.db").Select(BenchCopy.Of).OfType<BenchCopy>().OrderByDescending(copy => copy.Name,
                StringComparer.Ordinal)]
            : [];

    /// <summary>Where a copy lies; null where there is none of that name.</summary>
    public string? Find(string? name) => All().Any(copy => copy.Name == name) ? Path.Combine(folder.Copies, name!) : null;

    /// <summary>Whether the newest copy is as old as the rhythm says and the bench was written since.</summary>
    public bool IsDue()
    {
        var newest = All().FirstOrDefault()?.MadeAt ?? DateTimeOffset.MinValue;
        // By its amount: a clock that once stood wrong must not keep copies from being made for years.
        return (clock.GetUtcNow() - newest).Duration() >= Rhythm
            && new[] { folder.Database, folder.Database + "-wal" }.Any(file => File.Exists(file) && File.GetLastWriteTimeUtc(file) > newest.UtcDateTime);
    }

    /// <summary>Makes a copy, checks it, and lets go of those that have grown old.</summary>
    /// <exception cref="BenchStartException">Another has been making one for a minute.</exception>
    /// <exception cref="SqliteException">The bench cannot be read, the copy is not whole, or the disk is full; what was begun is taken away again.</exception>
    public async Task<BenchCopy> MakeAsync(string why, CancellationToken cancellation)
    {
        Directory.CreateDirectory(folder.Copies);
        await using var alone = await FolderLock.TakeAsync(folder.CopyLock, cancellation);
        // The copying itself does not give up: it is short, and holds nobody up.
        return await Task.Run(() => Make(why), cancellation);
    }

    private BenchCopy Make(string why)
    {
        var inMaking = Path.Combine(folder.Copies, "in-making.db");
        BenchDatabase.Remove(inMaking);
        try
        {
            BenchDatabase.Copy(folder.Database, inMaking);
            BenchDatabase.Check(inMaking);
            folder.Photos.CopyTo(folder.CopiedPhotos);
            var file = new FileInfo(inMaking);
            file.MoveTo(FreePath(why));
            var made = BenchCopy.Of(file)!;
            foreach (var old in All().Except(Thinning.Kept(All()))) File.Delete(Path.Combine(folder.Copies, old.Name));
            return made;
        }
        finally
        {
            BenchDatabase.Remove(inMaking);
        }
    }

    // Two within a second are a second apart by name, so that the later stays the later.
    private string FreePath(string why)
    {
        var at = clock.GetUtcNow();
        var newest = All().FirstOrDefault()?.MadeAt;
        if (newest is { } last && at < last + TimeSpan.FromSeconds(1)) at = last + TimeSpan.FromSeconds(1);
        return Path.Combine(folder.Copies, BenchCopy.NameOf(at, why));
    }
}
