using System.Globalization;
using System.Text;
using CsvHelper;
using LooseGraft.Core.Model;
using LooseGraft.Data;

namespace LooseGraft.Web.Hosting;

/// <summary>Sends a key map as a table: what a scanning program has to know.</summary>
public static class MatrixDownload
{
    /// <summary>The key map of a part, in scan order.</summary>
    public static async Task<IResult> SendAsync(int id, string part, GraftStore store, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } found || found.Graft.FindPart(part)?.Matrix is not { } matrix) return Results.NotFound();
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var writer = new CsvWriter(text, CultureInfo.InvariantCulture))
        {
            writer.WriteRecords(matrix.Keys.OrderBy(key => key.Row).ThenBy(key => key.Column)
                .Select(key => new { row = key.Row, column = key.Column, key = key.Name }));
        }

        return Results.File(Encoding.UTF8.GetBytes(text.ToString()), "text/csv; charset=utf-8",
            GraftEdits.FreshId($"{found.Graft.Name} {part} keys", []) + ".csv");
    }
}
