using Microsoft.Data.Sqlite;

namespace LooseGraft.Data;

/// <summary>What is done to a database as a file.</summary>
internal static class BenchDatabase
{
    // https://www.sqlite.org/rescode.html#corrupt
    private const int Corrupt = 11;

    /// <summary>Copies a database that others may be reading and writing, as it stands at one moment, over another.</summary>
    public static void Copy(string from, string to)
    {
        using var source = Open(from);
        using var target = Open(to);
        source.BackupDatabase(target);
    }

    /// <summary>Looks through every page of a database.</summary>
    /// <exception cref="SqliteException">It is damaged, or none.</exception>
    public static void Check(string database)
    {
        using var connection = Open(database);
        using var check = connection.CreateCommand();
        check.CommandText = "PRAGMA quick_check(1)";
        if (check.ExecuteScalar() is not "ok") throw new SqliteException($"{database} is damaged.", Corrupt);
    }

    /// <summary>Removes a database with what lies beside it.</summary>
    public static void Remove(string database)
    {
        foreach (var file in new[] { database, database + "-wal", database + "-shm", database + "-journal" }) File.Delete(file);
    }

    /// <summary>Runs statements.</summary>
    public static void Execute(SqliteConnection connection, string statements)
    {
        using var command = connection.CreateCommand();
        command.CommandText = statements;
        command.ExecuteNonQuery();
    }

    /// <summary>Opens a database; what others hold it for it waits for.</summary>
    public static SqliteConnection Open(string database)
    {
        var connection = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = database, Pooling = false }.ToString());
        connection.Open();
        Execute(connection, "PRAGMA busy_timeout = 5000");
        return connection;
    }
}
