using LooseGraft.Core.Seat.Drawing;
using LooseGraft.Web.Printing;
using PdfSharp.Pdf.Content;
using PdfSharp.Pdf.Content.Objects;
using PdfSharp.Pdf.IO;

namespace LooseGraft.Web.Tests;

/// <summary>Sheets on paper.</summary>
public sealed class SheetPdfTests
{
    [Theory]
    [InlineData(50, 50, 1, 1)]
    [InlineData(174, 247, 1, 1)]
    [InlineData(175, 247, 2, 1)]
    [InlineData(174, 248, 1, 2)]
    [InlineData(600, 400, 4, 2)]
    public void A_sheet_takes_as_many_pages_as_its_size_and_their_overlap_ask_for(double width, double depth, int across, int down)
    {
        var sheet = Square(width, depth);
        Assert.Equal((across, down), SheetPdf.Pages(sheet));
        using var stream = new MemoryStream(SheetPdf.Write(sheet));
        using var pdf = PdfReader.Open(stream, PdfDocumentOpenMode.Import);
        Assert.Equal(across * down, pdf.PageCount);
    }

    [Fact]
    public void Every_page_carries_its_own_ruler_of_a_hundred_millimetres()
    {
        using var stream = new MemoryStream(SheetPdf.Write(Square(400, 400)));
        using var pdf = PdfReader.Open(stream, PdfDocumentOpenMode.Import);
        foreach (var page in pdf.Pages) Assert.Contains(Reach(ContentReader.ReadContent(page)), length => Math.Abs(length - (100 * SheetPdf.Points)) < 0.05);
    }

    [Fact]
    public void A_point_lies_on_the_next_page_where_the_step_from_page_to_page_says()
    {
        var sheet = Square(300, 100) with
        {
            Paths = [new SheetPath(SheetLayer.Outline, [new(0, 0), new(300, 0)], false), new SheetPath(SheetLayer.Cut, [new(150, 50), new(160, 50)], false)],
            Circles = [],
        };
        using var stream = new MemoryStream(SheetPdf.Write(sheet));
        using var pdf = PdfReader.Open(stream, PdfDocumentOpenMode.Import);
        double Left(int page)
            => Starts(ContentReader.ReadContent(pdf.Pages[page])).Where(line => Math.Abs(line.Length - (10 * SheetPdf.Points)) < 0.01).Min(line => line.X);
        // 180 mm are shown and 10 mm shared, so a page begins 170 mm after the one before.
        Assert.Equal(170 * SheetPdf.Points, Left(0) - Left(1), 0.01);
    }

    [Fact]
    public void Words_beyond_ASCII_are_printed_with_the_face_that_ships()
    {
        var sheet = Square(50, 50) with { Labels = [new SheetLabel(new PlanPoint(5, 5), 3, "ø 3.4 mm – façade")] };
        Assert.Contains("Atkinson", System.Text.Encoding.Latin1.GetString(SheetPdf.Write(sheet)));
    }

    private static PlanSheet Square(double width, double depth)
        => new("sheet", [new SheetPath(SheetLayer.Outline, [.. new PlanRectangle(0, 0, width, depth).Corners], true)],
            [new SheetCircle(SheetLayer.Hole, new PlanPoint(10, 10), 2)], []);

    private static IEnumerable<double> Reach(CSequence content) => Starts(content).Select(line => line.Length);

    private static IEnumerable<(double X, double Length)> Starts(CSequence content)
    {
        var at = (X: 0.0, Y: 0.0);
        foreach (var step in content.OfType<COperator>().Where(step => step.OpCode.Name is "m" or "l"))
        {
            double Figure(int index) => step.Operands[index] switch { CInteger whole => whole.Value, CReal real => real.Value, _ => 0 };
            var to = (X: Figure(0), Y: Figure(1));
            if (step.OpCode.Name == "l") yield return (Math.Min(at.X, to.X), Math.Sqrt(Math.Pow(to.X - at.X, 2) + Math.Pow(to.Y - at.Y, 2)));
            at = to;
        }
    }
}
