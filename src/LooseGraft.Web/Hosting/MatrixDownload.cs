using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Data.Tables;

namespace LooseGraft.Web.Hosting;

/// <summary>Sends a key map as a table: what a scanning program has to know.</summary>
public static class MatrixDownload
{
    /// <summary>The key map of a part, in scan order.</summary>
    public static async Task<IResult> SendAsync(int id, string part, GraftStore store, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } found || found.Graft.FindPart(part)?.Matrix is not { } matrix) return Results.NotFound();
        var table = CsvSheet.Of(matrix.Keys.OrderBy(key => key.Row).ThenBy(key => key.Column)
            .Select(key => new { row = key.Row, column = key.Column, key = key.Name }));
        return Results.File(table, "text/csv; charset=utf-8",
            GraftEdits.FreshId($"{found.Graft.Name} {part} keys", []) + ".csv");
    }
}
