using Microsoft.Data.Sqlite;

namespace LooseGraft.Data.Copies;

/// <summary>Puts the rows of one bench in the place of another's, in one step for all who read and write it, in this process or another.</summary>
internal static class BenchExchange
{
    /// <summary>Exchanges every row.</summary>
    /// <param name="database">The bench.</param>
    /// <param name="coming">A bench of the same version, which is used up by it.</param>
    /// <param name="beforehand">Done while nobody can write any more and everybody still reads what stood: what it keeps of the bench is all that was ever
    /// acknowledged.</param>
    /// <exception cref="SqliteException">The bench is damaged, or held by another; it stands as it stood.</exception>
    public static async Task PutAsync(string database, string coming, Func<Task> beforehand)
    {
        await using var bench = BenchDatabase.Open(database);
        // All rows come from one sound bench, and in any order.
        BenchDatabase.Execute(bench, $"""
            PRAGMA foreign_keys = OFF;
            ATTACH DATABASE '{coming.Replace("'", "''", StringComparison.Ordinal)}' AS coming;
            BEGIN IMMEDIATE
            """);
        await beforehand();
        const string tables = "SELECT name FROM pragma_table_list WHERE schema = 'main' AND type = 'table' AND name NOT GLOB 'sqlite*' AND name NOT GLOB '__EF*'";
        foreach (var table in Texts(bench, tables)) Exchange(bench, table);
        BenchDatabase.Execute(bench, """
            INSERT INTO main.sqlite_sequence (name, seq) SELECT name, seq FROM coming.sqlite_sequence WHERE name NOT IN (SELECT name FROM main.sqlite_sequence);
            UPDATE main.sqlite_sequence SET seq = max(seq, coalesce((SELECT c.seq FROM coming.sqlite_sequence c WHERE c.name = sqlite_sequence.name), 0));
            COMMIT
            """);
    }

    private static void Exchange(SqliteConnection bench, string table)
    {
        // No revision and no number that a page or a form was made with may mean something else afterwards: all go on from where the bench stood.
        if (table == "Graft")
            BenchDatabase.Execute(bench, """
                UPDATE coming.Graft SET Revision = 1 + (
                    SELECT coalesce(max(Revision), 0) FROM (SELECT Revision FROM main.Graft UNION ALL SELECT Revision FROM coming.Graft))
                """);
        var columns = string.Join(", ", Texts(bench, $"SELECT '\"' || name || '\"' FROM pragma_table_info('{table}', 'main')"));
        BenchDatabase.Execute(bench, $"DELETE FROM main.\"{table}\"; INSERT INTO main.\"{table}\" ({columns}) SELECT {columns} FROM coming.\"{table}\"");
    }

    private static string[] Texts(SqliteConnection bench, string query)
    {
        using var command = bench.CreateCommand();
        command.CommandText = query;
        using var row = command.ExecuteReader();
        var texts = new List<string>();
        while (row.Read()) texts.Add(row.GetString(0));
        return [.. texts];
    }
}
