using System.Text;
using LooseGraft.Core.Files;
using Microsoft.Data.Sqlite;

namespace LooseGraft.Data.Copies;

/// <summary>Looks through a database that comes from elsewhere before it may become the bench.</summary>
internal static class BenchContent
{
    /// <summary>Checks that every graft and every known donor in it can be read.</summary>
    /// <exception cref="BenchStartException">One cannot, or it is no bench.</exception>
    public static async Task CheckAsync(string database, CancellationToken cancellation)
    {
        BenchDatabase.Check(database);
        await using var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder { DataSource = database, Pooling = false, Mode = SqliteOpenMode.ReadOnly }.ToString());
        await connection.OpenAsync(cancellation);
        await foreach (var (name, document) in TextsAsync(connection, "SELECT Name, Document FROM Graft", cancellation))
            Refuse(name, GraftFile.Read(Encoding.UTF8.GetBytes(document)).Errors.FirstOrDefault());
        await foreach (var (name, document) in TextsAsync(connection, "SELECT Model, Document FROM Donor", cancellation))
            Refuse(name, DonorFile.Read(Encoding.UTF8.GetBytes(document)).Errors.FirstOrDefault());
        // What acts by itself when rows change is the application's alone.
        await foreach (var (name, _) in TextsAsync(
            connection, "SELECT name, type FROM sqlite_schema WHERE type IN ('trigger', 'view') AND name NOT LIKE 'Bin%' AND name <> 'RecordIsNeverChanged'",
            cancellation)) throw new BenchStartException($"“{name}” has no place in a bench. The bench stands as it stood.");
    }

    private static void Refuse(string name, FileError? error)
    {
        if (error is not null) throw new BenchStartException($"{name} cannot be read: {error} The bench stands as it stood.");
    }

    private static async IAsyncEnumerable<(string Name, string Text)> TextsAsync(
        SqliteConnection connection, string query, [System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken cancellation)
    {
        await using var command = connection.CreateCommand();
        command.CommandText = query;
        await using var reader = await command.ExecuteReaderAsync(cancellation);
        while (await reader.ReadAsync(cancellation)) yield return (reader.GetString(0), reader.GetString(1));
    }
}
