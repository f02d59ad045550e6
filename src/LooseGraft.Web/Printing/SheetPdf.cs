using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Drawing;
using PdfSharp;
using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace LooseGraft.Web.Printing;

/// <summary>Prints a sheet at true size over as many A4 pages as it takes, with marks to join them by.</summary>
public static class SheetPdf
{
    /// <summary>Points in a millimetre, exactly: 72 to the inch of 25.4 mm.</summary>
    public const double Points = 72 / 25.4;

    private const double PageWidthMm = 210;
    private const double PageHeightMm = 297;

    // What every printer reaches, and below it a strip for the words of the page.
    private const double MarginMm = 15;
    private const double FootMm = 14;

    // Pages share so much, so that a cut a little beside its mark loses nothing.
    private const double OverlapMm = 10;
    private const double RoundMm = 3;

    /// <summary>How many pages a sheet takes, across and down.</summary>
    public static (int Across, int Down) Pages(PlanSheet sheet)
    {
        var bounds = sheet.Bounds;
        return (Count(bounds.Width + (2 * RoundMm), Tile.Width - OverlapMm), Count(bounds.Depth + (2 * RoundMm), Tile.Depth - OverlapMm));
        static int Count(double length, double step) => Math.Max(1, (int)Math.Ceiling((length - OverlapMm) / step));
    }

    /// <summary>The whole file.</summary>
    public static byte[] Write(PlanSheet sheet)
    {
        PaperFonts.Use();
        using var document = new PdfDocument();
        document.Info.Title = sheet.Title;
        var (bounds, pages) = (sheet.Bounds, Pages(sheet));
        for (var row = 0; row < pages.Down; row++)
        {
            for (var column = 0; column < pages.Across; column++)
            {
                var page = document.AddPage();
                (page.Size, page.Orientation) = (PageSize.A4, PageOrientation.Portrait);
                using var canvas = XGraphics.FromPdfPage(page);
                // The left front corner of the sheet's part that this page shows; paper grows downwards.
                var (left, front) = (
                    bounds.X - RoundMm + (column * (Tile.Width - OverlapMm)), bounds.Y + bounds.Depth + RoundMm - (row * (Tile.Depth - OverlapMm)));
                Draw(canvas, sheet, at => new XPoint((MarginMm + at.X - left) * Points, (MarginMm + front - at.Y) * Points));
                Frame(canvas, sheet, row, column, pages);
            }
        }

        using var stream = new MemoryStream();
        document.Save(stream);
        return stream.ToArray();
    }

    private static PlanRectangle Tile => new(MarginMm, MarginMm, PageWidthMm - (2 * MarginMm), PageHeightMm - (2 * MarginMm) - FootMm);

    private static void Draw(XGraphics canvas, PlanSheet sheet, Func<PlanPoint, XPoint> place)
    {
        var state = canvas.Save();
        canvas.IntersectClip(new XRect(Tile.X * Points, Tile.Y * Points, Tile.Width * Points, Tile.Depth * Points));
        foreach (var path in sheet.Paths)
        {
            var corners = path.Corners.Select(place).ToArray();
            if (path.IsClosed) canvas.DrawPolygon(Pen(path.Layer), corners);
            else canvas.DrawLines(Pen(path.Layer), corners);
        }

        foreach (var circle in sheet.Circles)
        {
            var (middle, radius) = (place(circle.Middle), circle.Radius * Points);
            canvas.DrawEllipse(Pen(circle.Layer), middle.X - radius, middle.Y - radius, 2 * radius, 2 * radius);
        }

        foreach (var label in sheet.Labels) canvas.DrawString(label.Text, Font(label.Height), XBrushes.Black, place(label.At));
        canvas.Restore(state);
    }

    private static void Frame(XGraphics canvas, PlanSheet sheet, int row, int column, (int Across, int Down) pages)
    {
        var pen = new XPen(XColors.Black, 0.1 * Points);
        foreach (var corner in Tile.Corners)
        {
            foreach (var (dx, dy) in new[] { (6.0, 0.0), (0.0, 6.0) })
                canvas.DrawLine(pen, (corner.X - dx) * Points, (corner.Y - dy) * Points, (corner.X + dx) * Points, (corner.Y + dy) * Points);
        }

        // A print that fits the page shrinks the ruler; one that is stretched one way only betrays itself on the diagonal.
        var (left, foot) = (MarginMm * Points, PageHeightMm - MarginMm - 5);
        canvas.DrawLine(pen, left, foot * Points, left + (PlanSheet.RulerMm * Points), foot * Points);
        for (var mark = 0; mark <= PlanSheet.RulerMm; mark += 10)
            canvas.DrawLine(pen, left + (mark * Points), foot * Points, left + (mark * Points), (foot - (mark % 50 == 0 ? 4 : 2)) * Points);
        var diagonal = Math.Sqrt((Tile.Width * Tile.Width) + (Tile.Depth * Tile.Depth));
        canvas.DrawString(string.Create(
            CultureInfo.InvariantCulture,
            $"ruler: {PlanSheet.RulerMm:0} mm; corner mark to corner mark across: {diagonal:0.0} mm. Print at 100 %, never fitted."), Font(2.4), XBrushes.Black,
            new XPoint(left, (foot + 4) * Points));
        var page = pages is (1, 1)
            ? "one page"
            : string.Create(CultureInfo.InvariantCulture,
            $"row {row + 1} of {pages.Down}, column {column + 1} of {pages.Across}; lay the corner marks on the next page's, {OverlapMm:0} mm in");
        canvas.DrawString($"{sheet.Title}: {page}", Font(2.4), XBrushes.Black, new XPoint(left, (foot + 8) * Points));
    }

    private static XFont Font(double heightMm) => new(PaperFonts.Family, heightMm * Points * 1.4);

    private static XPen Pen(SheetLayer layer) => layer switch
    {
        SheetLayer.Outline => new XPen(XColors.Black, 0.2 * Points) { DashStyle = XDashStyle.Dash },
        SheetLayer.TakeOut => new XPen(XColors.Black, 0.2 * Points) { DashStyle = XDashStyle.Dot },
        SheetLayer.Cut => new XPen(XColors.Black, 0.35 * Points),
        _ => new XPen(XColors.Black, 0.15 * Points),
    };
}
