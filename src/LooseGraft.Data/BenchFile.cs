using System.Data.Common;
using System.Runtime.CompilerServices;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Diagnostics;
using SQLitePCL;

namespace LooseGraft.Data;

/// <summary>How the database file is opened.</summary>
public static class BenchFile
{
    /// <summary>Uses the SQLite file at <paramref name="path"/>: foreign keys on, write-ahead log, and every commit on the disk before it is
    /// acknowledged.</summary>
    /// <param name="options">The options of the context.</param>
    /// <param name="path">The file.</param>
    /// <param name="isPooled">Whether its connections are kept for the next one who asks.</param>
    /// <param name="patience">How long a command waits for another program that holds the file; half a minute where nothing is said.</param>
    public static DbContextOptionsBuilder UseBenchFile(
        this DbContextOptionsBuilder options, string path, bool isPooled = true, TimeSpan? patience = null)
        => options
            .UseSqlite(new SqliteConnectionStringBuilder
            {
                DataSource = path,
                Pooling = isPooled,
                DefaultTimeout = (int)(patience ?? Patience).TotalSeconds,
            }.ToString())
            .AddInterceptors(DurableConnections.Instance);

    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(30);

    private sealed class DurableConnections : DbConnectionInterceptor
    {
        public static readonly DurableConnections Instance = new();

        // What is said to a connection stands as long as the program keeps it: one that comes out of the pool again need not be told.
        private static readonly ConditionalWeakTable<sqlite3, object> Prepared = [];

        public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData) => Prepare(connection);

        public override Task ConnectionOpenedAsync(DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
        {
            Prepare(connection);
            return Task.CompletedTask;
        }

        private static void Prepare(DbConnection connection)
        {
            // A connection that may only read, as the framework opens one to see whether the file is there, cannot turn the log on.
            if (connection is not SqliteConnection { Handle: { } handle } || Prepared.TryGetValue(handle, out _)
                || new SqliteConnectionStringBuilder(connection.ConnectionString).Mode == SqliteOpenMode.ReadOnly) return;
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA foreign_keys = ON; PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; PRAGMA busy_timeout = 5000;";
            command.ExecuteNonQuery();
            Prepared.AddOrUpdate(handle, handle);
        }
    }

    /// <summary>Lets the migration tool make a context without the web application.</summary>
    internal sealed class DesignTimeFactory : IDesignTimeDbContextFactory<BenchContext>
    {
        public BenchContext CreateDbContext(string[] args)
            => new((DbContextOptions<BenchContext>)new DbContextOptionsBuilder<BenchContext>().UseBenchFile("design.db").Options);
    }
}
