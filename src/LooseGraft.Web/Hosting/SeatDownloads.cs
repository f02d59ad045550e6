using System.Text;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Cuts;
using LooseGraft.Core.Seat.Drawing;
using LooseGraft.Core.Seat.Exchange;
using LooseGraft.Data;
using LooseGraft.Data.Tables;
using LooseGraft.Web.Printing;

namespace LooseGraft.Web.Hosting;

/// <summary>Sends templates at true size and the list of cuts.</summary>
public static class SeatDownloads
{
    /// <summary>The template of a plane, or the plate round a board's ports, as PDF, SVG or DXF.</summary>
    public static async Task<IResult> SheetAsync(
        int id, string of, string form, bool? mirrored, string? wall, GraftStore store, ReviewDesk reviews, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } found) return Results.NotFound();
        var review = await reviews.OfAsync(found, cancellation);
        if (TemplateSheet.Of(review.Graft, review.Seat, wall is null ? of : $"{of}/{wall}") is not { } sheet) return Results.NotFound();
        if (mirrored == true) sheet = sheet.Mirrored();
        var name = GraftEdits.FreshId(sheet.Title, []);
        return form switch
        {
            "pdf" => Results.File(SheetPdf.Write(sheet), "application/pdf", name + ".pdf"),
            "svg" => Results.File(Encoding.UTF8.GetBytes(SheetSvg.Write(sheet)), "image/svg+xml", name + ".svg"),
            "dxf" => Results.File(Encoding.ASCII.GetBytes(SheetDxf.Write(sheet)), "image/vnd.dxf", name + ".dxf"),
            _ => Results.NotFound(),
        };
    }

    /// <summary>Every hole and cut as a table.</summary>
    public static async Task<IResult> CutsAsync(int id, GraftStore store, ReviewDesk reviews, CancellationToken cancellation)
    {
        if (await store.FindAsync(id, cancellation) is not { } found) return Results.NotFound();
        var review = await reviews.OfAsync(found, cancellation);
        var table = CsvSheet.Of(CutList.Of(review.Graft, review.Seat).Select(cut => new
        {
            plane = cut.Plane.Name,
            act = cut.Act,
            name = cut.Name,
            xMm = Math.Round(cut.At.X, 2),
            yMm = Math.Round(cut.At.Y, 2),
            size = cut.Size,
            drillMm = cut.DrillMm,
            toleranceMm = cut.Tolerance,
            depth = cut.Depth,
            tools = cut.Tools,
            edge = cut.Edge,
        }));
        return Results.File(table, "text/csv; charset=utf-8", GraftEdits.FreshId($"{found.Graft.Name} cuts", []) + ".csv");
    }
}
