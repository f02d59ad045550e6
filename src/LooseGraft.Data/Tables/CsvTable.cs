using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;

namespace LooseGraft.Data.Tables;

/// <summary>A table typed, pasted or sent as a file: comma, semicolon or tab between cells, quotes round cells that hold them.</summary>
/// <param name="Rows">Its rows, the first perhaps a heading; each with the line it began on. Rows with nothing in them are left out.</param>
/// <param name="Problem">Why there is no table; null when there is.</param>
public sealed record CsvTable(IReadOnlyList<CsvTable.Row> Rows, string? Problem)
{
    /// <summary>Rows of the largest table.</summary>
    public const int MostRows = 100_000;

    /// <summary>Cells of the widest row.</summary>
    public const int MostCells = 64;

    /// <summary>Characters of the longest cell.</summary>
    public const int LongestCell = 4000;

    private static readonly string[] Delimiters = ["\t", ";", ","];

    /// <summary>One row.</summary>
    /// <param name="Line">The line it began on, counted from 1.</param>
    /// <param name="Cells">Its cells, without spaces around them.</param>
    public sealed record Row(int Line, IReadOnlyList<string> Cells);

    /// <summary>Reads a file. Bytes that are not UTF-8 are taken for the Windows code page of western Europe, in which spreadsheets still save.</summary>
    public static CsvTable Read(byte[] bytes)
    {
        if (bytes.AsSpan().Contains((byte)0)) return Refused("It is not a text: it holds zero bytes. Save it again as CSV in UTF-8.");
        var text = System.Text.Unicode.Utf8.IsValid(bytes) ? Encoding.UTF8.GetString(bytes) : Encoding.Latin1.GetString(bytes);
        return Read(text.TrimStart('\uFEFF'));
    }

    /// <summary>Reads a text.</summary>
    public static CsvTable Read(string text)
    {
        var configuration = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            Delimiter = DelimiterOf(text),
            HasHeaderRecord = false,
            TrimOptions = TrimOptions.Trim,
            IgnoreBlankLines = true,
            BadDataFound = null,
            MaxFieldSize = LongestCell,
        };
        using var parser = new CsvParser(new StringReader(text), configuration);
        var rows = new List<Row>();
        try
        {
            while (parser.Read())
            {
                if (parser.Count > MostCells) return Refused($"Line {parser.RawRow} has {parser.Count} cells; at most {MostCells} are read.");
                if (rows.Count == MostRows) return Refused($"It has more than {MostRows} rows.");
                if (IsLeftOpen(parser.RawRecord, configuration.Delimiter))
                    return Refused($"Near line {parser.RawRow} a cell does not end. Look for a quote that is not closed.");
                var cells = parser.Record!;
                if (cells.Any(cell => cell.Length > 0)) rows.Add(new Row(parser.RawRow, cells));
            }
        }
        catch (CsvHelperException exception) when (exception is MaxFieldSizeException or BadDataException or ParserException)
        {
            return Refused($"Near line {parser.RawRow} a cell does not end, or has more than {LongestCell} characters. Look for a quote that is not closed.");
        }

        return rows.Count == 0 ? Refused("There is nothing in it.") : new CsvTable(rows, null);
    }

    // An odd quote inside a cell is an inch mark; one that begins a cell swallows all that follows.
    private static bool IsLeftOpen(string raw, string delimiter)
        => raw.Count(character => character == '"') % 2 == 1
            && (raw.TrimEnd('\r', '\n').Contains('\n') || raw.StartsWith('"') || raw.Contains(delimiter + '"', StringComparison.Ordinal));

    // Whichever stands most often outside quotes in the first line; a tab wins a tie, as nobody types one by accident.
    private static string DelimiterOf(string text)
    {
        var line = text.AsSpan().TrimStart(['\r', '\n']);
        var end = line.IndexOfAny('\r', '\n');
        if (end >= 0) line = line[..end];
        var outside = new StringBuilder();
        var isQuoted = false;
        foreach (var character in line)
        {
            if (character == '"') isQuoted = !isQuoted;
            else if (!isQuoted) outside.Append(character);
        }

        return Delimiters.MaxBy(delimiter => outside.ToString().Count(character => character == delimiter[0]))!;
    }

    private static CsvTable Refused(string problem) => new([], problem);
}
