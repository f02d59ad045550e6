using System.Data.Common;
using LooseGraft.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace LooseGraft.Web.Tests;

/// <summary>How a bench is opened, and what a start that is killed leaves behind. <c>tools/trial</c> does the same with real processes.</summary>
public sealed class StartTests : IDisposable
{
    private const string OlderMigration = "20261124025232_FirstBench";

    private static readonly string Demo = Path.Combine(AppContext.BaseDirectory, "demo");

    private readonly DirectoryInfo _root = Directory.CreateTempSubdirectory("loose-graft-");

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    public void Dispose() => _root.Delete(recursive: true);

    [Fact]
    public async Task Killed_at_any_moment_of_its_first_start_a_bench_starts_again_with_all_of_its_demo()
    {
        var demo = SmallDemo();
        var whole = await CommandsAsync(Folder("whole"), demo);
        Assert.InRange(whole, 20, 500);
        for (var moment = 1; moment <= whole; moment++)
        {
            var folder = Folder($"new-{moment}");
            await KillAsync(folder, demo, moment);
            Assert.False(File.Exists(folder.Database));
            await BenchStart.OpenAsync(folder, demo, TimeProvider.System, Cancellation);
            Assert.Equal(1, await CountAsync(folder, bench => bench.Grafts));
            Assert.NotEqual(0, await CountAsync(folder, bench => bench.Bin));
        }
    }

    [Fact]
    public async Task Killed_at_any_moment_of_a_migration_a_bench_starts_again_and_keeps_what_it_had()
    {
        var whole = await CommandsAsync(await OlderAsync("whole"), null);
        for (var moment = 1; moment <= whole; moment++)
        {
            var folder = await OlderAsync($"old-{moment}");
            await KillAsync(folder, null, moment);
            await BenchStart.OpenAsync(folder, null, TimeProvider.System, Cancellation);
            Assert.Equal(1, await CountAsync(folder, bench => bench.Grafts));
            Assert.Equal(0, await CountAsync(folder, bench => bench.Bin));
        }
    }

    [Fact]
    public async Task Before_a_migration_the_bench_is_copied_whole_and_before_none_it_is_not()
    {
        var folder = await OlderAsync("old");
        await BenchStart.OpenAsync(folder, null, TimeProvider.System, Cancellation);
        await BenchStart.OpenAsync(folder, null, TimeProvider.System, Cancellation);
        var copy = Assert.Single(Directory.GetFiles(folder.Copies));
        Assert.EndsWith("BinDonorsMeters.db", copy);
        await using var old = Context(copy);
        Assert.Equal([OlderMigration], await old.Database.GetAppliedMigrationsAsync(Cancellation));
        Assert.Equal("zero", await old.Grafts.Select(graft => graft.Name).SingleAsync(Cancellation));
    }

    [Fact]
    public async Task Two_that_start_at_once_open_one_bench()
    {
        var (folder, demo) = (Folder("both"), SmallDemo());
        await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => Task.Run(() => BenchStart.OpenAsync(folder, demo, TimeProvider.System, Cancellation))));
        Assert.Equal(1, await CountAsync(folder, bench => bench.Grafts));
    }

    private BenchFolder Folder(string name) => new(_root.CreateSubdirectory(name).FullName);

    // One graft and what a bench begins with; four would only take longer.
    private string SmallDemo()
    {
        var demo = _root.CreateSubdirectory("demo");
        foreach (var name in new[] { "bin.csv", "slide-projector.json" }) File.Copy(Path.Combine(Demo, name), Path.Combine(demo.FullName, name));
        demo.CreateSubdirectory("donors");
        demo.CreateSubdirectory("photos");
        return demo.FullName;
    }

    /// <summary>A bench as the version before the newest migration left it.</summary>
    private async Task<BenchFolder> OlderAsync(string name)
    {
        var folder = Folder(name);
        await using var bench = Context(folder.Database);
        await bench.Database.MigrateAsync(OlderMigration, Cancellation);
        await bench.Database.ExecuteSqlRawAsync("INSERT INTO Graft (Name, Document, Revision, ChangedAt) VALUES ('zero', '{{}}', 1, 0)", Cancellation);
        return folder;
    }

    private static async Task<int> CommandsAsync(BenchFolder folder, string? demo)
    {
        var killer = new Killer(int.MaxValue);
        await BenchStart.OpenAsync(folder, demo, TimeProvider.System, [killer], Cancellation);
        return killer.Seen;
    }

    private static async Task KillAsync(BenchFolder folder, string? demo, int at)
    {
        var end = await Assert.ThrowsAnyAsync<Exception>(() => BenchStart.OpenAsync(folder, demo, TimeProvider.System, [new Killer(at)], Cancellation));
        Assert.IsType<KilledException>(end.GetBaseException());
    }

    private static async Task<int> CountAsync<T>(BenchFolder folder, Func<BenchContext, DbSet<T>> of)
        where T : class
    {
        await using var bench = Context(folder.Database);
        return await of(bench).CountAsync(Cancellation);
    }

    private static BenchContext Context(string database)
        => new((DbContextOptions<BenchContext>)new DbContextOptionsBuilder<BenchContext>().UseBenchFile(database).Options);

    private sealed class KilledException : Exception;

    /// <summary>Ends a start at a command: from then on nothing reaches the database, not even what would clean up, just as when the process is gone.</summary>
    private sealed class Killer(int at) : DbCommandInterceptor
    {
        public int Seen { get; private set; }

        public override InterceptionResult<int> NonQueryExecuting(DbCommand command, CommandEventData eventData, InterceptionResult<int> result)
            => Next(result);

        public override InterceptionResult<DbDataReader> ReaderExecuting(DbCommand command, CommandEventData eventData, InterceptionResult<DbDataReader> result)
            => Next(result);

        public override InterceptionResult<object> ScalarExecuting(DbCommand command, CommandEventData eventData, InterceptionResult<object> result)
            => Next(result);

        public override ValueTask<InterceptionResult<int>> NonQueryExecutingAsync(
            DbCommand command, CommandEventData eventData, InterceptionResult<int> result, CancellationToken cancellationToken = default)
            => new(Next(result));

        public override ValueTask<InterceptionResult<DbDataReader>> ReaderExecutingAsync(
            DbCommand command, CommandEventData eventData, InterceptionResult<DbDataReader> result, CancellationToken cancellationToken = default)
            => new(Next(result));

        public override ValueTask<InterceptionResult<object>> ScalarExecutingAsync(
            DbCommand command, CommandEventData eventData, InterceptionResult<object> result, CancellationToken cancellationToken = default)
            => new(Next(result));

        private T Next<T>(T result) => ++Seen < at ? result : throw new KilledException();
    }
}
