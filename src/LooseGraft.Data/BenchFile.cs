using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace LooseGraft.Data;

/// <summary>How the database file is opened.</summary>
public static class BenchFile
{
    /// <summary>Uses the SQLite file at <paramref name="path"/>: foreign keys on, write-ahead log, and every commit on the disk before it is
    /// acknowledged. A context has one connection, opened when it is first needed and closed with the context.</summary>
    /// <param name="options">The options of the context.</param>
    /// <param name="path">The file.</param>
    /// <param name="patience">How long a command waits for another program that holds the file; half a minute where nothing is said.</param>
    public static DbContextOptionsBuilder UseBenchFile(this DbContextOptionsBuilder options, string path, TimeSpan? patience = null)
        => options
            // The provider's own pool may give one connection to two at once (decision 47).
            .UseSqlite(new SqliteConnectionStringBuilder
            {
                DataSource = path,
                Pooling = false,
                DefaultTimeout = (int)(patience ?? Patience).TotalSeconds,
            }.ToString())
            .AddInterceptors(OneDurableConnection.Instance);

    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(30);

    private sealed class OneDurableConnection : DbConnectionInterceptor
    {
        public static readonly OneDurableConnection Instance = new();

        public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData) => Prepare(connection);

        public override Task ConnectionOpenedAsync(DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
        {
            Prepare(connection);
            return Task.CompletedTask;
        }

        public override InterceptionResult ConnectionClosing(DbConnection connection, ConnectionEventData eventData, InterceptionResult result)
            => InterceptionResult.Suppress();

        public override ValueTask<InterceptionResult> ConnectionClosingAsync(DbConnection connection, ConnectionEventData eventData, InterceptionResult result)
            => ValueTask.FromResult(InterceptionResult.Suppress());

        private static void Prepare(DbConnection connection)
        {
            // A connection that may only read, as the framework opens one to see whether the file is there, cannot turn the log on.
            if (new SqliteConnectionStringBuilder(connection.ConnectionString).Mode == SqliteOpenMode.ReadOnly) return;
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA foreign_keys = ON; PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA busy_timeout = 5000;";
            command.ExecuteNonQuery();
        }
    }

    /// <summary>Lets the migration tool make a context without the web application.</summary>
    internal sealed class DesignTimeFactory : IDesignTimeDbContextFactory<BenchContext>
    {
        public BenchContext CreateDbContext(string[] args)
            => new((DbContextOptions<BenchContext>)new DbContextOptionsBuilder<BenchContext>().UseBenchFile("design.db").Options);
    }
}
