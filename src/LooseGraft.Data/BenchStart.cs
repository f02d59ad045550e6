using LooseGraft.Data.Copies;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace LooseGraft.Data;

/// <summary>Opens the database when the application starts. Killed at any moment, the next start goes on as if there had been none.</summary>
public static class BenchStart
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(5);

    /// <summary>Brings the database up to date, after a copy of it; on a bench that never existed before, puts out the demo.</summary>
    /// <param name="folder">Where the bench is kept.</param>
    /// <param name="demoFolder">Folder of graft files, with <c>bin.csv</c> and the folders <c>donors</c> and <c>photos</c>; null for an empty bench.</param>
    /// <param name="clock">Dates what is put out.</param>
    /// <param name="cancellation">Stops between steps.</param>
    /// <exception cref="BenchStartException">Another process is opening it; it is damaged, locked, of a newer version, or may not be written; or the disk is
    /// full.</exception>
    /// <exception cref="InvalidDataException">A demo file cannot be read.</exception>
    public static Task OpenAsync(BenchFolder folder, string? demoFolder, TimeProvider clock, CancellationToken cancellation)
        => OpenAsync(folder, demoFolder, clock, [], cancellation);

    /// <summary>The same, watched at every command to the database.</summary>
    internal static async Task OpenAsync(BenchFolder folder, string? demoFolder, TimeProvider clock, IInterceptor[] watchers, CancellationToken cancellation)
    {
        try
        {
            await OpenAloneAsync(folder, demoFolder, clock, watchers, cancellation);
        }
        catch (Exception exception) when (BenchStartException.Of(exception, folder) is { } words)
        {
            throw words;
        }
    }

    private static async Task OpenAloneAsync(
        BenchFolder folder, string? demoFolder, TimeProvider clock, IInterceptor[] watchers, CancellationToken cancellation)
    {
        await using var alone = await FolderLock.TakeAsync(folder.StartLock, cancellation);
        BenchContext Open(string database)
            => new((DbContextOptions<BenchContext>)new DbContextOptionsBuilder<BenchContext>().UseBenchFile(database, Patience)
                .AddInterceptors(watchers).Options);
        if (await IsNewAsync(folder, Open, cancellation)) await MakeAsync(folder, demoFolder, clock, Open, cancellation);
        else await MigrateAsync(folder, clock, Open, cancellation);
    }

    private static async Task<bool> IsNewAsync(BenchFolder folder, Func<string, BenchContext> open, CancellationToken cancellation)
    {
        if (!File.Exists(folder.Database)) return true;
        await using var bench = open(folder.Database);
        return !(await bench.Database.GetAppliedMigrationsAsync(cancellation)).Any();
    }

    // Made beside and moved into place, so that a bench is there with all of its demo or not at all.
    private static async Task MakeAsync(
        BenchFolder folder, string? demoFolder, TimeProvider clock, Func<string, BenchContext> open, CancellationToken cancellation)
    {
        BenchDatabase.Remove(folder.DatabaseInMaking);
        await using (var bench = open(folder.DatabaseInMaking))
        {
            await bench.Database.MigrateAsync(cancellation);
            if (demoFolder is not null) await Demo.PutOutAsync(demoFolder, bench, folder.Photos, clock, cancellation);
            // A database in this mode is one file; the next opening turns the write-ahead log on again.
            await bench.Database.ExecuteSqlRawAsync("PRAGMA journal_mode = DELETE", cancellation);
        }

        // A database without any table of ours may lie in the way, with a log of its own.
        BenchDatabase.Remove(folder.Database);
        File.Move(folder.DatabaseInMaking, folder.Database);
    }

    private static async Task MigrateAsync(BenchFolder folder, TimeProvider clock, Func<string, BenchContext> open, CancellationToken cancellation)
    {
        await using var bench = open(folder.Database);
        await CheckAsync(folder, bench, cancellation);
        if ((await bench.Database.GetPendingMigrationsAsync(cancellation)).FirstOrDefault() is not { } next) return;
        var copies = new BenchCopies(folder, clock);
        await copies.MakeAsync($"before {next}", cancellation);
        // The migrations' own lock is a row that outlives a killed process. Nobody else opens this bench now, so a row that is there was left behind.
        await bench.Database.ExecuteSqlRawAsync("DROP TABLE IF EXISTS \"__EFMigrationsLock\"", cancellation);
        await bench.Database.MigrateAsync(cancellation);
    }

    private static async Task CheckAsync(BenchFolder folder, BenchContext bench, CancellationToken cancellation)
    {
        // Damage in the middle of the file would otherwise be met by whoever opens the page that needs it.
        BenchDatabase.Check(folder.Database);
        var applied = await bench.Database.GetAppliedMigrationsAsync(cancellation);
        if (applied.Except(bench.Database.GetMigrations()).Any())
            throw new BenchStartException(
                $"The bench in {folder.Database} was written by a newer Loose Graft. Start that one, or set DATA to another folder; nothing was changed.");
    }
}
