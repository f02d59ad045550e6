using System.Net;
using LooseGraft.Web.Printing;
using PdfSharp.Pdf.Content;
using PdfSharp.Pdf.Content.Objects;
using PdfSharp.Pdf.IO;

namespace LooseGraft.Web.Tests;

/// <summary>What goes out of Seat: templates at true size, the cut list, and marks that come back from the work.</summary>
public sealed class SeatSheetTests(BenchHost host) : IClassFixture<BenchHost>
{
    private const double PointsPerMm = SheetPdf.Points;

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task The_template_is_true_to_size_within_a_thousandth()
    {
        var (page, browser) = ("/graft/4/seat", host.Browser());
        using var stream = new MemoryStream(await browser.GetByteArrayAsync(page + "/sheet/tray.pdf", Cancellation));
        using var pdf = PdfReader.Open(stream, PdfDocumentOpenMode.Import);
        Assert.Equal((2, 210.0, 297.0), (pdf.PageCount, Math.Round(pdf.Pages[0].Width.Millimeter), Math.Round(pdf.Pages[0].Height.Millimeter)));
        var lines = Lines(ContentReader.ReadContent(pdf.Pages[0])).ToArray();
        Assert.Contains(lines, line => Math.Abs(Length(line) - (100 * PointsPerMm)) < 0.1 * PointsPerMm);
        Assert.Contains(lines, line => Math.Abs(Length(line) - (330 * PointsPerMm)) < 0.33 * PointsPerMm);

        // The crosses of holes 1 and 4 lie 167.8 mm apart on the board, and so they do on paper.
        var crosses = lines.Where(line => Math.Abs(Length(line) - (8 * PointsPerMm)) < 0.01 && Math.Abs(line.From.Y - line.To.Y) < 0.01)
            .Select(line => (X: (line.From.X + line.To.X) / 2, Y: line.From.Y)).ToArray();
        Assert.Contains(crosses.SelectMany(one => crosses.Select(other => Math.Abs(one.Y - other.Y) / PointsPerMm)), apart => Math.Abs(apart - 167.8) < 0.1678);
    }

    [Theory]
    [InlineData("tray.svg", "image/svg+xml", "width=\"")]
    [InlineData("tray.dxf", "image/vnd.dxf", "AC1009")]
    [InlineData("tray.svg?mirrored=true", "image/svg+xml", "mirrored for the far side")]
    [InlineData("kt31.dxf", "image/vnd.dxf", "rear USB sockets")]
    public async Task Sheets_go_out_in_other_forms_too(string name, string type, string words)
    {
        var (page, browser) = ("/graft/4/seat", host.Browser());
        var answer = await browser.GetAsync($"{page}/sheet/{name}", Cancellation);
        Assert.Equal(type, answer.Content.Headers.ContentType!.MediaType);
        Assert.Contains(words, await answer.Content.ReadAsStringAsync(Cancellation));
    }

    [Theory]
    [InlineData("/sheet/nothing.pdf")]
    [InlineData("/sheet/tray.png")]
    public async Task What_has_no_sheet_is_not_found(string path)
        => Assert.Equal(HttpStatusCode.NotFound, (await host.Browser().GetAsync("/graft/4/seat" + path, Cancellation)).StatusCode);

    [Fact]
    public async Task The_cut_list_is_a_table_and_marks_are_checked()
    {
        var (page, browser) = ("/graft/4/seat", host.Browser());
        Assert.Contains("h2 of Ovrell KT-31 board,191.2,20.5,ø 3.4 mm", await browser.GetStringAsync(page + "/cuts.csv", Cancellation));
        var text = await TextAsync(browser, page + "/cuts?marks=" + Uri.EscapeDataString("h1 45.1 20.5\nh2 191.2 21.6"));
        Assert.Contains("a screw goes in", await TextAsync(browser, page + "/cuts?marks=" + Uri.EscapeDataString("h1 45.1 20.5")));
        Assert.Contains("mark it again", text);
        Assert.Contains("“h9 1 1” is not a mark", await TextAsync(browser, page + "/cuts?marks=h9%201%201"));
    }

    // Every straight line on a page, in points, from its moves and lines under the transform in force.
    private static IEnumerable<((double X, double Y) From, (double X, double Y) To)> Lines(CSequence content)
    {
        var (scale, at) = (1.0, (X: 0.0, Y: 0.0));
        foreach (var step in content.OfType<COperator>())
        {
            double Figure(int index) => step.Operands[index] switch { CInteger whole => whole.Value, CReal real => real.Value, _ => 0 };
            switch (step.OpCode.Name)
            {
                case "cm":
                    scale *= Math.Abs(Figure(0));
                    break;
                case "m":
                    at = (Figure(0), Figure(1));
                    break;
                case "l":
                    var to = (X: Figure(0), Y: Figure(1));
                    yield return ((at.X * scale, at.Y * scale), (to.X * scale, to.Y * scale));
                    at = to;
                    break;
            }
        }
    }

    private static double Length(((double X, double Y) From, (double X, double Y) To) line)
        => Math.Sqrt(Math.Pow(line.To.X - line.From.X, 2) + Math.Pow(line.To.Y - line.From.Y, 2));

    private static async Task<string> TextAsync(HttpClient browser, string page) => WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
}
