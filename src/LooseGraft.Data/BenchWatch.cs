using Microsoft.Data.Sqlite;

namespace LooseGraft.Data;

/// <summary>Tells whether anything was written to the bench, by this program or another, without reading any of it. Several may ask at once.</summary>
public sealed class BenchWatch(BenchFolder folder) : IDisposable
{
    private readonly Lock _gate = new();
    private SqliteConnection? _connection;

    /// <summary>A number that is another one whenever something was written since it was last asked for.</summary>
    public long Written()
    {
        lock (_gate)
        {
            // It changes with what other connections write, so this one writes nothing. https://www.sqlite.org/pragma.html#pragma_data_version
            _connection ??= BenchDatabase.Open(folder.Database);
            using var command = _connection.CreateCommand();
            command.CommandText = "PRAGMA data_version";
            return (long)command.ExecuteScalar()!;
        }
    }

    public void Dispose() => _connection?.Dispose();
}
