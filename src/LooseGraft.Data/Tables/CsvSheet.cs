using System.Collections;
using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;

namespace LooseGraft.Data.Tables;

/// <summary>Tables that are taken away: UTF-8, comma between cells, one line a row. A text that a spreadsheet would take for a formula has a quote before
/// it.</summary>
public static class CsvSheet
{
    /// <summary>A table of records, headed by the names of their members.</summary>
    public static byte[] Of(IEnumerable records) => Write(writer => writer.WriteRecords(records));

    /// <summary>A table of rows.</summary>
    public static byte[] Of(IEnumerable<IEnumerable<object?>> rows)
        => Write(writer =>
        {
            foreach (var row in rows)
            {
                foreach (var cell in row) writer.WriteField(Convert.ToString(cell, CultureInfo.InvariantCulture));
                writer.NextRecord();
            }
        });

    /// <summary>A cell as it was before it was made safe: the quote is taken off again when it is read.</summary>
    public static string Plain(string cell) => cell.StartsWith('\'') && IsFormula(cell[1..]) ? cell[1..] : cell;

    private static byte[] Write(Action<CsvWriter> write)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var writer = new SafeWriter(text)) write(writer);
        return Encoding.UTF8.GetBytes(text.ToString());
    }

    // A figure below nothing begins as a formula may, and is none.
    private static bool IsFormula(string cell)
        => cell is ['=' or '+' or '-' or '@' or '\t' or '\r', ..]
            && !double.TryParse(cell, NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out _);

    private sealed class SafeWriter(TextWriter text) : CsvWriter(text, new CsvConfiguration(CultureInfo.InvariantCulture) { NewLine = "\r\n" })
    {
        public override void WriteField(string? field, bool shouldQuote)
            => base.WriteField(field is not null && IsFormula(field) ? "'" + field : field, shouldQuote);
    }
}
