using System.Globalization;
using System.Text.RegularExpressions;
using System.Xml.Linq;
using CsCheck;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Cuts;
using LooseGraft.Core.Seat.Drawing;
using LooseGraft.Core.Seat.Exchange;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>Cut lists, templates, sections and drawings that go out and come in.</summary>
public sealed class SheetTests
{
    private static readonly Graft Drilled = Seated(Tray(Mount("tab", 60, 40, 5, MountKind.Tab)) with
    {
        Mounts = [.. Tray().Mounts.Take(3), Mount("tab", 60, 40, 5, MountKind.Tab)],
        Behind = Mm(12),
        Openings = [new Opening("way", "way for leads", OpeningKind.Way, PlaneWall.Floor, new PlanRectangle(140, 100, 30, 20)) { IsToCut = true }],
    }).At(seat => seat with { Holes = [new HoleMounting(4, MountMethod.ThroughBolt)] });

    [Fact]
    public void The_cut_list_holds_what_is_drilled_cut_and_taken_off_from_the_planes_corner()
    {
        var cuts = CutList.Of(Drilled, SeatStage.Review(Drilled));
        Assert.Equal(["h4 of board", "way for leads", "tab"], cuts.Select(cut => cut.Name));
        Assert.Equal((new PlanPoint(115, 85), 3.4, 0.3), (cuts[0].At, cuts[0].DrillMm, Math.Round(cuts[0].Tolerance, 6)));
        Assert.Equal((new PlanPoint(155, 110), "30 × 20 mm"), (cuts[1].At, cuts[1].Size));
        Assert.All(cuts, cut => Assert.Contains("no more than 12 mm beyond", cut.Depth));
        Assert.All(cuts, cut => Assert.Contains("Every board out of the shell", cut.Caution));
    }

    [Theory]
    [InlineData(30, PlaneMaterial.Steel, "step drill")]
    [InlineData(30.5, PlaneMaterial.Steel, "hole saw for metal")]
    [InlineData(30, PlaneMaterial.Wood, "spade bit")]
    [InlineData(80, PlaneMaterial.Plastic, "hole saw with")]
    [InlineData(80.5, PlaneMaterial.Plastic, "side by side")]
    public void A_round_opening_is_drilled_by_what_reaches_its_width_in_what_its_wall_is_made_of(double across, PlaneMaterial material, string tool)
    {
        var cut = Assert.Single(CutList.Of(Walled(across, material), SeatStage.Review(Walled(across, material))));
        Assert.Contains(tool, cut.Tools);
        Assert.Equal((PlaneWall.Rear, across, "drill out of the rear wall", (PlanRectangle?)null), (cut.Wall, cut.DrillMm, cut.Act, cut.Area));
        Assert.Equal((new PlanPoint(100, 50), true), (cut.At, cut.Depth.StartsWith("through 3 mm", StringComparison.Ordinal)));
        Assert.Equal(material == PlaneMaterial.Steel, cut.Caution.Contains("swarf", StringComparison.Ordinal));
    }

    [Fact]
    public void A_wall_has_a_template_from_outside_and_the_plane_keeps_its_own()
    {
        var graft = Walled(40, PlaneMaterial.Plastic);
        var seat = SeatStage.Review(graft);
        // The rear wall is seen the other way round: 100 from the left of the tray, which begins at 20 and is 200 wide.
        var circle = Assert.Single(TemplateSheet.Of(graft, seat, "tray/rear")!.Circles);
        Assert.Equal((SheetLayer.Cut, new PlanPoint(100, 50), 20.0), (circle.Layer, circle.Middle, circle.Radius));
        var left = Walled(40, PlaneMaterial.Plastic, PlaneWall.Left);
        Assert.Equal(new PlanPoint(120, 50), Assert.Single(TemplateSheet.Of(left, SeatStage.Review(left), "tray/left")!.Circles).Middle);
        Assert.Equal(new PlanRectangle(0, 0, 200, 80), PlanRectangle.Round(TemplateSheet.Of(graft, seat, "tray/rear")!.Paths[0].Corners));
        Assert.Empty(TemplateSheet.Of(graft, seat, graft.Seating.Planes[0]).Circles);
        Assert.Null(TemplateSheet.Of(graft, seat, "tray/front"));
        Assert.Null(TemplateSheet.Of(graft, seat, "tray/nowhere"));
        Assert.Null(TemplateSheet.Of(graft, seat, "nothing"));
    }

    // A round hole in the rear wall, its middle 120 along it and 50 up, round a tray that begins at 20.
    private static Graft Walled(double across, PlaneMaterial material, PlaneWall wall = PlaneWall.Rear) => Graft.Empty("walled") with
    {
        Seating = new Seating
        {
            Planes =
            [
                new MountPlane("tray", "tray", [.. new PlanRectangle(20, 0, 200, 160).Corners])
                {
                    Lid = Mm(80),
                    Walls = [new WallSheet(wall, material, Mm(3))],
                    Openings =
                    [
                        new Opening("vent", "vent", OpeningKind.Air, wall, new PlanRectangle(120 - (across / 2), 50 - (across / 2), across, across))
                        {
                            IsRound = true, IsToCut = true,
                        },
                    ],
                },
            ],
        },
    };

    [Fact]
    public void The_template_draws_each_hole_where_the_board_has_it_and_mirrors_about_its_middle()
    {
        var sheet = Template();
        Assert.Equal([new PlanPoint(25, 15), new(115, 15), new(25, 85), new(115, 85)],
            sheet.Circles.Where(circle => circle.Layer == SheetLayer.Hole).Select(circle => circle.Middle));
        Assert.Equal(1.7, Assert.Single(sheet.Circles, circle => circle.Layer == SheetLayer.Cut).Radius);
        var mirrored = sheet.Mirrored();
        Assert.Equal(sheet.Bounds, mirrored.Bounds);
        Assert.All(sheet.Circles.Zip(mirrored.Circles), pair => Assert.Equal((2 * sheet.Bounds.Middle.X) - pair.First.Middle.X, pair.Second.Middle.X, 9));
    }

    [Fact]
    public void What_goes_out_as_DXF_comes_back_in()
    {
        var sheet = Template();
        var text = SheetDxf.Write(sheet);
        Assert.All(text, character => Assert.InRange(character, '\n', '~'));
        Assert.Contains("$INSUNITS\r\n70\r\n4\r\n", text);
        var inches = DxfReader.Read(text.Replace("$INSUNITS\r\n70\r\n4", "$INSUNITS\r\n70\r\n1", StringComparison.Ordinal));
        Assert.Equal((25.4 * 200, "read in inches"), (PlanRectangle.Round(inches.Outlines[0]).Width, inches.Notes[0]));
        var read = DxfReader.Read(text);
        Assert.Null(read.Problem);
        Assert.Equal(sheet.Circles.Select(circle => (circle.Middle, circle.Radius)), read.Circles);
        Assert.Equal(new PlanRectangle(0, 0, 200, 160), PlanRectangle.Round(read.Outlines[0]));
        Assert.Contains(read.Outlines, outline => PlanRectangle.Round(outline) == new PlanRectangle(20, 10, 100, 80));
    }

    [Fact]
    public void The_SVG_is_in_millimetres_carries_a_ruler_and_comes_back_in()
    {
        var sheet = Template();
        var text = SheetSvg.Write(sheet);
        var root = XDocument.Parse(text).Root!;
        Assert.Equal(root.Attribute("width")!.Value, root.Attribute("viewBox")!.Value.Split(' ')[2] + "mm");
        Assert.Contains("h100M", root.Descendants().Single(element => element.Name.LocalName == "path").Attribute("d")!.Value);
        // Eleven marks, those at 0, 50 and 100 the longer; all stand on the ruler, upwards on the page.
        var marks = root.Descendants().Single(element => element.Name.LocalName == "path").Attribute("d")!.Value.Split('v').Skip(1).Take(11)
            .Select(mark => mark.Split('M')[0]);
        Assert.Equal(["-4", "-2", "-2", "-2", "-2", "-4", "-2", "-2", "-2", "-2", "-4"], marks);
        // The words say the distance between the middles of the two crosses.
        var crosses = Regex.Matches(text, @"M([\d.]+) ([\d.]+)h6M").Select(match => new PlanPoint(Figure(match, 1) + 3, Figure(match, 2))).ToArray();
        Assert.Contains(string.Create(CultureInfo.InvariantCulture, $"corner cross to corner cross: {crosses[0].To(crosses[1]):0.0} mm"), text);
        var read = SvgReader.Read(text);
        Assert.Null(read.Problem);
        var (one, other) = (read.Circles[0].Middle, read.Circles[3].Middle);
        Assert.Equal(sheet.Circles[0].Middle.To(sheet.Circles[3].Middle), one.To(other), 2);
        Assert.True(one.Y < other.Y);
    }

    [Fact]
    public void Each_hole_of_a_template_is_crossed_through_its_middle()
    {
        var sheet = Template();
        Assert.All(sheet.Circles.Where(circle => circle.Layer == SheetLayer.Hole), circle => Assert.Equal(2, sheet.Paths.Count(path
            => path is { IsClosed: false, Layer: SheetLayer.Hole } && path.Corners[0].To(circle.Middle) is var arm && arm > circle.Radius
                && Math.Abs(path.Corners[1].To(circle.Middle) - arm) < 1e-9 && Math.Abs(path.Corners[0].To(path.Corners[1]) - (2 * arm)) < 1e-9)));
    }

    [Fact]
    public void A_triangle_is_an_outline_seen_with_the_rear_edge_at_the_bottom()
        => Assert.Equal([new PlanPoint(0, 10), new(8, 10), new(0, 4)],
            SvgReader.Read("<svg width='10mm' height='10mm' viewBox='0 0 10 10'><polygon points='0,0 8,0 0,6'/></svg>").Outlines[0]);

    [Theory]
    [InlineData("", "not a DXF")]
    [InlineData("0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF", "no closed outline")]
    [InlineData("0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n10\nabc\n20\n0\n40\n1\n0\nENDSEC", "“abc” is not a figure")]
    [InlineData("0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n10\n1e309\n20\n0\n40\n1\n0\nENDSEC", "no figure, or lies more than")]
    [InlineData("0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n10\n0\n20\n0\n40\n-3\n0\nENDSEC", "no figure, or lies more than")]
    [InlineData("0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n10\n0\n0\nENDSEC", "no figure, or lies more than")]
    [InlineData("hello\nworld\n", "Line 1 is not a group code")]
    [InlineData("Some Binary DXF\r\n\u001a\0", "binary DXF")]
    public void A_bad_DXF_is_answered_with_words(string text, string words) => Assert.Contains(words, DxfReader.Read(text).Problem!);

    [Theory]
    [InlineData("<svg", "cannot be read")]
    [InlineData("<html/>", "begins with something else")]
    [InlineData("<svg width='10' height='10'/>", "does not say its size")]
    [InlineData("<svg width='10mm' height='10mm' viewBox='0 0 10 20'/>", "stretched")]
    [InlineData("<svg width='10mm' height='10mm'/>", "no closed outline")]
    [InlineData("<svg width='10mm' height='10mm'><g transform='scale(2)'/></svg>", "transformed")]
    [InlineData("<svg width='10mm' height='10mm'><polygon points='0,0 1'/></svg>", "cannot be read")]
    [InlineData("<svg width='10mm' height='10mm'><circle cx='NaN' cy='0' r='1'/></svg>", "no figure")]
    [InlineData("<!DOCTYPE svg [<!ENTITY a 'b'>]><svg>&a;</svg>", "cannot be read")]
    public void A_bad_SVG_is_answered_with_words(string text, string words) => Assert.Contains(words, SvgReader.Read(text).Problem!);

    [Theory]
    [InlineData(SvgReader.MostLevels, SvgReader.MostAttributes, null)]
    [InlineData(SvgReader.MostLevels + 1, 0, "nested more than 64 levels deep")]
    [InlineData(250_000, 0, "nested more than 64 levels deep")]
    [InlineData(1, SvgReader.MostAttributes + 1, "A g in it has more than 256 attributes")]
    public void An_SVG_is_nested_and_described_so_far_and_no_further(int levels, int attributes, string? words)
    {
        var inner = $"<g {string.Join(' ', Enumerable.Range(0, attributes).Select(index => $"a{index}=''"))}/><rect x='1' y='1' width='5' height='5'/>";
        var groups = levels - 1;
        var text = $"<svg width='10mm' height='10mm'>{string.Concat(Enumerable.Repeat("<g>", groups))}{inner}{string.Concat(Enumerable.Repeat("</g>", groups))}</svg>";
        var read = SvgReader.Read(text);
        if (words is null) Assert.Single(read.Outlines);
        else Assert.Contains(words, read.Problem);
    }

    [Fact]
    public void A_drawing_without_end_is_refused_and_no_text_at_all_breaks_a_reader()
    {
        Assert.Contains("larger than 2 MiB", DxfReader.Read(new string('0', ReadSheet.MostBytes + 1)).Problem!);
        var many = string.Concat(Enumerable.Repeat("0\nCIRCLE\n10\n0\n20\n0\n40\n1\n", ReadSheet.MostShapes + 1));
        Assert.Contains("more than 5000", DxfReader.Read($"0\nSECTION\n2\nENTITIES\n{many}0\nENDSEC\n").Problem!);
        Gen.String.Hold(text => Assert.True(DxfReader.Read(text).Problem is not null && SvgReader.Read(text).Problem is not null), iter: 500);
    }

    [Fact]
    public void Lines_that_meet_end_to_end_become_one_outline_whichever_way_they_were_drawn()
    {
        string Line(double x1, double y1, double x2, double y2)
            => string.Create(CultureInfo.InvariantCulture, $"0\nLINE\n8\n0\n10\n{x1}\n20\n{y1}\n11\n{x2}\n21\n{y2}\n");
        var read = DxfReader.Read(
            $"0\nSECTION\n2\nENTITIES\n{Line(0, 0, 10, 0)}{Line(10, 5, 10, 0)}{Line(0, 5, 10, 5)}{Line(0, 5, 0, 0)}{Line(50, 50, 60, 60)}0\nENDSEC\n");
        Assert.Equal(4, Assert.Single(read.Outlines).Length);
        Assert.Equal(["1 lines that close nothing were left out"], read.Notes);
    }

    [Fact]
    public void Marks_are_told_apart_from_a_board_that_only_wants_moving()
    {
        var board = SeatedBoard.Of(Seated())[0];
        var check = MarkCheck.Of(
            board, new Dictionary<int, PlanPoint> { [1] = new(26, 15.5), [2] = new(116, 15.5), [3] = new(26, 85.5), [4] = new(116.9, 85.5) });
        Assert.Equal(1.225, check.Move.X, 3);
        Assert.Equal([true, true, true, false], check.Marks.Select(mark => mark.IsWithin));
        Assert.Empty(MarkCheck.Of(board, new Dictionary<int, PlanPoint> { [9] = default }).Marks);
    }

    [Fact]
    public void A_section_shows_what_it_cuts_at_its_heights_and_nothing_else()
    {
        var graft = Seated(Tray() with { Lid = Mm(60) }).With(Box("cooler", 30, 30, 40, 40, 35, on: "board"), Box("beside", 150, 130, 20, 20, 20));
        var seat = SeatStage.Review(graft);
        var view = SectionView.Of(seat, graft.Seating.Planes[0], isAcross: true, 60);
        Assert.Equal(["tray", "lid", "board", "cooler"], view.Pieces.Select(piece => piece.Name));
        var cooler = view.Pieces[3];
        Assert.Equal((50, 90, 8.1, 43.1), (cooler.From, cooler.To, Math.Round(cooler.Low, 6), Math.Round(cooler.High, 6)));
        // The standoff at 25 and 15 is 6 wide and 6.5 tall; across it goes from 22 to 28, along the depth from 12 to 18.
        var deep = SectionView.Of(seat, graft.Seating.Planes[0], isAcross: false, 25).Pieces.Single(piece => piece.Name == "s1");
        var wide = SectionView.Of(seat, graft.Seating.Planes[0], isAcross: true, 15).Pieces.Single(piece => piece.Name == "s1");
        Assert.Equal((12, 18, 0, 6.5), (deep.From, deep.To, deep.Low, deep.High));
        Assert.Equal((22, 28, 0, 6.5), (wide.From, wide.To, wide.Low, wide.High));
    }

    [Fact]
    public void A_plate_has_the_face_of_each_port_seen_from_outside()
    {
        var tray = Tray() with { Openings = [new Opening("io", "opening", OpeningKind.Ports, PlaneWall.Rear, new PlanRectangle(30, 0, 60, 40))] };
        var plate = TemplateSheet.Plate(SeatedBoard.Of(Seated(tray, Board(Socket("usb", 20, 0, PortFacing.Rear))))[0])!;
        // The port covers 30 to 50 of an opening from 30 to 90: from outside that is 40 to 60, with half a millimetre round it.
        Assert.Equal([new(39.5, 7.6), new(60.5, 7.6), new(60.5, 18.6), new PlanPoint(39.5, 18.6)],
            plate.Paths[1].Corners.Select(corner => new PlanPoint(Math.Round(corner.X, 6), Math.Round(corner.Y, 6))));
        Assert.Null(TemplateSheet.Plate(SeatedBoard.Of(Seated())[0]));
    }

    [Fact]
    public void What_is_known_of_each_way_to_hold_a_board_is_complete_and_has_its_source()
    {
        Assert.Equal(Enum.GetValues<MountMethod>(), MountMethodFact.All.Select(fact => fact.Method));
        Assert.All(MountMethodFact.All, fact => Assert.NotEmpty(fact.Source));
    }

    [Fact]
    public void Any_sheet_of_outlines_and_circles_survives_both_forms()
        => Gen.Select(Gen.Select(Gen.Double[0, 300], Gen.Double[0, 200], Gen.Double[1, 80], Gen.Double[1, 80]).Array[1, 6],
            Gen.Select(Gen.Double[0, 300], Gen.Double[0, 200], Gen.Double[0.5, 20]).Array[0, 6]).Hold((areas, circles) =>
        {
            var sheet = new PlanSheet(
                "any", [.. areas.Select(
                area => new SheetPath(SheetLayer.Cut, [.. new PlanRectangle(area.Item1, area.Item2, area.Item3, area.Item4).Corners], true))],
                [.. circles.Select(circle => new SheetCircle(SheetLayer.Hole, new PlanPoint(circle.Item1, circle.Item2), circle.Item3))], []);
            foreach (var read in new[] { DxfReader.Read(SheetDxf.Write(sheet)), SvgReader.Read(SheetSvg.Write(sheet)) })
            {
                Assert.Null(read.Problem);
                Assert.Equal(areas.Length, read.Outlines.Length);
                Assert.Equal(areas.Max(area => area.Item3 * area.Item4), PlanRectangle.Round(read.Outlines[0]) is var round ? round.Width * round.Depth : 0,
                    0.5);
                Assert.Equal(circles.Length, read.Circles.Length);
                Assert.All(circles.Zip(read.Circles), pair => Assert.Equal(pair.First.Item3, pair.Second.Radius, 0.001));
            }
        }, iter: 60);

    private static double Figure(Match match, int group) => double.Parse(match.Groups[group].Value, CultureInfo.InvariantCulture);

    private static PlanSheet Template() => TemplateSheet.Of(Drilled, SeatStage.Review(Drilled), Drilled.Seating.Planes[0]);
}
