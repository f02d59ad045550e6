using LooseGraft.Data.Owned;
using LooseGraft.Data.Tables;

namespace LooseGraft.Web.Forms;

/// <summary>A table on its way into the bin: what it holds, and what each column is taken for.</summary>
/// <param name="FileName">Where it comes from.</param>
/// <param name="Rows">Its rows.</param>
/// <param name="Columns">What each column is taken for.</param>
/// <param name="HasHeading">Whether the first row names the columns.</param>
/// <param name="Errors">Why it was not brought in; empty before the first try.</param>
public sealed record BinImport(
    string FileName, IReadOnlyList<CsvTable.Row> Rows, IReadOnlyList<BinColumn> Columns, bool HasHeading, IReadOnlyList<string> Errors)
{
    /// <summary>Rows that are shown before they are brought in.</summary>
    public const int RowsShown = 6;

    /// <summary>A table as it is guessed to be.</summary>
    public static BinImport Of(string fileName, CsvTable table)
    {
        if (table.Rows.Count == 0) return new BinImport(fileName, [], [], false, []);
        var matched = BinTable.Match(table.Rows[0]);
        var hasHeading = matched.Any(column => column != BinColumn.Ignored);
        var width = table.Rows.Max(row => row.Cells.Count);
        // Without a heading the first column is most likely the name.
        var columns = Enumerable.Range(0, width)
            .Select(index => hasHeading && index < matched.Count ? matched[index] : !hasHeading && index == 0 ? BinColumn.Name : BinColumn.Ignored);
        return new BinImport(fileName, table.Rows, [.. columns], hasHeading, []);
    }

    /// <summary>The table as text again, to be sent along with the next form.</summary>
    public string Text() => string.Join('\n', Rows.Select(row => string.Join('\t', row.Cells.Select(Quoted))));

    private static string Quoted(string cell)
        => cell.AsSpan().IndexOfAny('"', '\t', '\n') < 0 && cell.Length > 0 ? cell : $"\"{cell.Replace("\"", "\"\"", StringComparison.Ordinal)}\"";
}
