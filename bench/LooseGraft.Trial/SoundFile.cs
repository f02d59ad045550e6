using LooseGraft.Core.Files;
using LooseGraft.Data;
using Microsoft.Data.Sqlite;

namespace LooseGraft.Trial;

/// <summary>A bench's database as it lies in its folder.</summary>
public static class SoundFile
{
    /// <summary>What the database finds wrong in itself; null for nothing.</summary>
    public static string? Fault(string folder)
    {
        using var connection = Open(folder);
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA integrity_check";
        return command.ExecuteScalar() is "ok" ? null : "the database is damaged";
    }

    /// <summary>The number in the aim of each graft.</summary>
    public static IReadOnlyDictionary<int, int> Aimed(string folder)
    {
        using var connection = Open(folder);
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT Id, Document FROM Graft";
        using var row = command.ExecuteReader();
        var aimed = new Dictionary<int, int>();
        while (row.Read()) aimed[row.GetInt32(0)] = Visitor.Aimed(GraftFile.Read(System.Text.Encoding.UTF8.GetBytes(row.GetString(1))).Graft!);
        return aimed;
    }

    private static SqliteConnection Open(string folder)
    {
        var connection = new SqliteConnection($"Data Source={new BenchFolder(folder).Database};Pooling=False");
        connection.Open();
        return connection;
    }
}
