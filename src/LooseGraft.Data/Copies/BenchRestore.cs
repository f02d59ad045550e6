using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace LooseGraft.Data.Copies;

/// <summary>Puts a copy in the bench's place, also while it is served. What stood there is copied first, so that it can be put back the same way.</summary>
public sealed class BenchRestore(BenchFolder folder, BenchCopies copies)
{
    /// <summary>Why the copy is made that undoes a restore.</summary>
    public const string BeforeIt = "before restoring";

    /// <summary>Puts a copy in the bench's place.</summary>
    /// <param name="name">The name of the copy.</param>
    /// <param name="isServed">Whether this program serves the bench. Another file cannot be put in its place then: what is open, or was read, is of the
    /// old one.</param>
    /// <param name="cancellation">Stops before the bench is touched.</param>
    /// <exception cref="BenchStartException">There is no such copy, or it is damaged or of a newer version, or the bench that is served is gone or damaged;
    /// all stands as it stood.</exception>
    public async Task RestoreAsync(string? name, bool isServed, CancellationToken cancellation)
    {
        if (copies.Find(name) is not { } copy) throw new BenchStartException($"There is no copy “{name}” in {folder.Copies}.");
        await PutAsync(copy, isServed, cancellation);
    }

    /// <summary>Puts a database in the bench's place.</summary>
    internal async Task PutAsync(string database, bool isServed, CancellationToken cancellation)
    {
        await using var alone = await FolderLock.TakeAsync(folder.StartLock, cancellation);
        var inMaking = folder.DatabaseInMaking;
        try
        {
            BenchDatabase.Remove(inMaking);
            BenchDatabase.Copy(database, inMaking);
            BenchDatabase.Check(inMaking);
            await MigrateAsync(inMaking, cancellation);
            if (!await IsExchangedAsync(inMaking, cancellation))
            {
                if (isServed)
                    throw new BenchStartException(
                        $"The bench in {folder.Database} is gone or damaged. Stop Loose Graft and put the copy back with ./start restore and its name.");
                SetAside();
                folder.CopiedPhotos.CopyTo(folder.Photos);
                File.Move(inMaking, folder.Database);
            }
        }
        catch (SqliteException exception) when (StorageTroubles.Of(exception) is StorageTrouble.Damaged)
        {
            throw new BenchStartException($"{Path.GetFileName(database)} is damaged, or is no copy of a bench. The bench stands as it stood.", exception);
        }
        finally
        {
            BenchDatabase.Remove(inMaking);
        }
    }

    private static async Task MigrateAsync(string database, CancellationToken cancellation)
    {
        if (!await IsBenchAsync(database, cancellation))
            throw new BenchStartException("It is no copy of a bench. The bench stands as it stood.");
        await using var connection = BenchDatabase.Open(database);
        BenchDatabase.Execute(connection, "PRAGMA journal_mode = DELETE");
    }

    // Whether it is one at all; then it is brought to this version.
    private static async Task<bool> IsBenchAsync(string database, CancellationToken cancellation)
    {
        await using var bench = new BenchContext(
            (DbContextOptions<BenchContext>)new DbContextOptionsBuilder<BenchContext>().UseBenchFile(database).Options);
        var applied = (await bench.Database.GetAppliedMigrationsAsync(cancellation)).ToArray();
        if (applied.Except(bench.Database.GetMigrations()).Any())
            throw new BenchStartException($"{Path.GetFileName(database)} is of a newer Loose Graft. The bench stands as it stood.");
        if (applied.Length == 0) return false;
        if ((await bench.Database.GetPendingMigrationsAsync(cancellation)).Any()) await bench.Database.MigrateAsync(cancellation);
        return true;
    }

    // False for a bench that is gone, or too damaged to be copied, which is what a restore is for.
    private async Task<bool> IsExchangedAsync(string inMaking, CancellationToken cancellation)
    {
        try
        {
            if (!File.Exists(folder.Database) || !await IsBenchAsync(folder.Database, cancellation)) return false;
            // Those not copied yet, so that nobody who saves has to wait for them below.
            folder.Photos.CopyTo(folder.CopiedPhotos);
            await BenchExchange.PutAsync(folder.Database, inMaking, async () =>
            {
                await copies.MakeAsync(BeforeIt, cancellation);
                folder.CopiedPhotos.CopyTo(folder.Photos);
            });
            return true;
        }
        catch (SqliteException exception) when (StorageTroubles.Of(exception) is StorageTrouble.Damaged)
        {
            return false;
        }
    }

    private void SetAside()
    {
        if (File.Exists(folder.Database)) File.Move(folder.Database, Path.Combine(folder.Copies, $"damaged {Guid.NewGuid():N}.db"));
        BenchDatabase.Remove(folder.Database);
    }
}
