using LooseGraft.Core.Findings;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Cuts;
using LooseGraft.Core.Seat.Holding;
using static LooseGraft.Core.Tests.Seat.HoldingGrafts;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>Screws, what lies behind a plane, drives, cards and aerials: each figure just inside and just outside.</summary>
public sealed class HoldingTests
{
    private static readonly Func<MountPlane, MountPlane> Shallow = tray => tray with { Behind = Mm(2) };

    private static readonly Func<MountPlane, MountPlane> Low = tray => tray with { Mounts = [.. tray.Mounts.Select(mount => mount with { Height = Mm(5) })] };

    public static TheoryData<string> Names => [.. Cases.Keys];

    private static Dictionary<string, (string Code, Graft Fires, Graft Quiet)> Cases { get; } = new()
    {
        ["three threads of M3"] = ("SEAT-029", Screwed("M3 × 3.09"), Screwed("M3 × 3.11")),
        ["three threads of 6-32"] = ("SEAT-029", Screwed("6-32 × 3.97"), Screwed("6-32 × 3.99")),
        ["out behind, where 2 mm are free"] = ("SEAT-029", Screwed("M3 × 11.11", plane: Shallow), Screwed("M3 × 11.09", plane: Shallow)),
        ["out behind, where nobody looked"] = ("SEAT-029", Screwed("M3 × 20", plane: Shallow), Screwed("M3 × 20")),
        ["out behind, onto something"] = ("SEAT-029", Screwed("M3 × 9.61", plane: Behind(25, 15, -20, 0.5)), Screwed("M3 × 9.59", plane: Behind(25, 15, -20, 0.5))),
        ["something beside a screw"] = ("SEAT-029", Screwed("M3 × 12", plane: Behind(25, 15, 2.49, 0.5)), Screwed("M3 × 12", plane: Behind(25, 15, 2.51, 0.5))),
        ["an area has a figure of its own"] = ("SEAT-029", Held(MountMethod.Move, "M3 × 12", plane: Shallow),
            Held(MountMethod.Move, "M3 × 12", plane: tray => Shallow(Behind(115, 85, -20, 5)(tray)))),
        ["a blind thread"] = ("SEAT-029", Screwed("M3 × 5.61", Deep(4)), Screwed("M3 × 5.59", Deep(4))),
        ["a thread that goes through"] = ("SEAT-029", Screwed("M3 × 9.1", Deep(7.49)), Screwed("M3 × 9.1", Deep(7.5))),
        ["twice the diameter in plastic"] = ("SEAT-029", Bossed("self-tapping 3 × 7.59"), Bossed("self-tapping 3 × 7.61")),
        ["room for the swarf"] = ("SEAT-029", Bossed("self-tapping 3 × 9.61"), Bossed("self-tapping 3 × 9.59")),
        ["four times the diameter in wood"] = ("SEAT-029", Held(MountMethod.Move, "wood 2 × 9.59"), Held(MountMethod.Move, "wood 2 × 9.61")),
        ["a bolt beside standoffs of 5 mm"] = ("SEAT-029", Held(MountMethod.ThroughBolt, "M3 × 9.99", plane: Low), Held(MountMethod.ThroughBolt, "M3 × 10.01", plane: Low)),
        ["a nut on a through bolt"] = ("SEAT-029", Held(MountMethod.ThroughBolt, "M3 × 11.49"), Held(MountMethod.ThroughBolt, "M3 × 11.51")),
        ["a through bolt too long"] = (
            "SEAT-029", Held(MountMethod.ThroughBolt, "M3 × 12.11", plane: tray => tray with { Behind = Mm(3) }),
            Held(MountMethod.ThroughBolt, "M3 × 12.09", plane: tray => tray with { Behind = Mm(3) })),
        ["three threads in the plane"] = ("SEAT-029", Held(MountMethod.DrillAndTap, "M3 × 9.59", 2), Held(MountMethod.DrillAndTap, "M3 × 9.61", 2)),
        ["a glued pillar ends on the plane"] = ("SEAT-029", Held(MountMethod.AdhesivePillar, "M3 × 8.11"), Held(MountMethod.AdhesivePillar, "M3 × 8.09")),
        ["a bore too narrow"] = ("SEAT-028", Bossed("self-tapping 3 × 9", 2.29), Bossed("self-tapping 3 × 9", 2.31)),
        ["a bore too wide"] = ("SEAT-028", Bossed("self-tapping 3 × 9", 2.66), Bossed("self-tapping 3 × 9", 2.64)),
        ["too thick for the board's hole"] = ("SEAT-028", Screwed("M3 × 6", hole: 2.89), Screwed("M3 × 6", hole: 2.91)),
        ["a stud too thick for it"] = ("SEAT-028", Screwed("M3 × 6", Stud("M4")), Screwed("M3 × 6", Stud("M3"))),
        ["three threads of another screw in the plane"] = ("SEAT-005", Held(MountMethod.DrillAndTap, "6-32 × 12", 2.38), Held(MountMethod.DrillAndTap, "6-32 × 12", 2.39)),
        ["another thread"] = ("SEAT-028", Screwed("M3 × 6", Thread("6-32")), Screwed("6-32 × 6", Thread("6-32"))),
        ["a cutting screw in a thread"] = ("SEAT-028", Screwed("self-tapping 3 × 8"), Screwed("M3 × 8")),
        ["a machine screw in a bore"] = ("SEAT-028", Bossed("M3 × 6"), Bossed("self-tapping 3 × 9")),
        ["a machine screw in a boss with an insert"] = (
            "SEAT-028", Screwed("M3 × 6", mount => mount with { Kind = MountKind.Boss }),
            Screwed("M3 × 6", mount => Thread("M3")(mount) with { Kind = MountKind.Boss })),
        ["a drill that runs on"] = ("SEAT-005", Held(MountMethod.ThroughBolt, plane: Behind(115, 85, -20, 2.99)),
            Held(MountMethod.ThroughBolt, plane: Behind(115, 85, -20, 3.01))),
        ["a screw towards a battery"] = ("SEAT-029", Screwed("M3 × 12", plane: Behind(25, 15, -20, 5.89, BehindKind.Battery)),
            Screwed("M3 × 12", plane: Behind(25, 15, -20, 5.91, BehindKind.Battery))),
        ["a drill towards a battery"] = ("SEAT-005", Held(MountMethod.ThroughBolt, plane: Behind(115, 85, -20, 5.99, BehindKind.Battery)),
            Held(MountMethod.ThroughBolt, plane: Behind(115, 85, -20, 6.01, BehindKind.Battery))),
        ["a drill beside something"] = ("SEAT-005", Held(MountMethod.ThroughBolt, plane: Behind(115, 85, 2.69, 1)),
            Held(MountMethod.ThroughBolt, plane: Behind(115, 85, 2.71, 1))),
        ["mains beside a drill"] = ("SEAT-024", Held(MountMethod.ThroughBolt, plane: Mains(9.99, 3)), Held(MountMethod.ThroughBolt, plane: Mains(10.01, 3))),
        ["mains below a drill"] = ("SEAT-024", Held(MountMethod.ThroughBolt, plane: Mains(-20, 12.99)),
            Held(MountMethod.ThroughBolt, plane: Mains(-20, 13.01))),
        ["mains below a screw"] = (
            "SEAT-024", Screwed("M3 × 10.1", plane: Behind(25, 15, -20, 10.99, BehindKind.Mains)),
                Screwed("M3 × 10.1", plane: Behind(25, 15, -20, 11.01, BehindKind.Mains))),
        ["mains and a screw that ends before"] = (
            "SEAT-024", Screwed("M3 × 9.2", plane: Behind(25, 15, -20, 1, BehindKind.Mains)),
                Screwed("M3 × 9", plane: Behind(25, 15, -20, 1, BehindKind.Mains))),
        ["mains beside a cut"] = ("SEAT-024", Cut(9.99, 1), Cut(10.01, 1)),
        ["covered standoffs ground nothing"] = ("SEAT-007", Loose(seat => seat), Loose(seat => seat with { Ground = BoardGround.Spring })),
        ["a 6-32 screw leaves less room"] = ("SEAT-004", Beside(0.25, "6-32 × 6", null), Beside(0.25, "M3 × 6", null)),
        ["so does a 6-32 standoff"] = ("SEAT-004", Beside(0.25, null, "6-32"), Beside(0.25, null, "M3")),
        ["a metal lid over a board"] = ("SEAT-014", Lidded(30.09), Lidded(30.11)),
        ["a lid said to be no metal"] = ("SEAT-014", Lidded(29), Lidded(29, isMetal: false)),
        ["metal beside an aerial"] = ("SEAT-031", Aerial(PlaneMaterial.Wood, box: 9.99), Aerial(PlaneMaterial.Wood, box: 10.01)),
        ["metal below an aerial"] = ("SEAT-031", Aerial(PlaneMaterial.Steel, 9.99), Aerial(PlaneMaterial.Steel, 10.01)),
        ["metal above an aerial"] = ("SEAT-031", Aerial(PlaneMaterial.Wood, lid: 19.59), Aerial(PlaneMaterial.Wood, lid: 19.61)),
        ["deep in a small drive"] = ("SEAT-030", Drive("2.5", "M3 × 4.01"), Drive("2.5", "M3 × 3.99")),
        ["deep in a middling drive"] = ("SEAT-030", Drive("3.5", "6-32 × 4.51"), Drive("3.5", "6-32 × 4.49")),
        ["deep in a wide drive"] = ("SEAT-030", Drive("5.25", "M3 × 3.51", width: 150), Drive("5.25", "M3 × 3.49", width: 150)),
        ["three threads in a drive"] = ("SEAT-030", Drive("2.5", "M3 × 2.49"), Drive("2.5", "M3 × 2.51")),
        ["another thread in a drive"] = ("SEAT-030", Drive("3.5", "M3 × 4"), Drive("3.5", "6-32 × 4")),
        ["a drive smaller than its bay"] = ("SEAT-030", Drive("2.5", null, "3.5"), Drive("2.5", null, "3.5", hasFrame: true)),
        ["a drive larger than its bay"] = ("SEAT-030", Drive("3.5", null, "2.5", hasFrame: true), Drive("3.5", null, "3.5")),
        ["too short for its drive"] = ("SEAT-030", Drive("2.5", null, length: 98.99, width: 70), Drive("2.5", null, length: 99.01, width: 70)),
        ["too narrow for its drive"] = ("SEAT-030", Drive("2.5", null, width: 68.84), Drive("2.5", null, width: 68.86)),
        ["a card away from the board"] = ("SEAT-032", Card(isHeld: false), Card(isHeld: false, on: "board")),
        ["a bracket narrower than its card"] = ("SEAT-027", Bracket(1, 2), Bracket(1, 1)),
        ["a bracket wider than its card"] = ("SEAT-027", Bracket(2, 3), Bracket(3, 3)),
        ["an outline nobody measured"] = ("SEAT-033", Known(Evidence.Measured, Evidence.Diagram), Known(Evidence.Measured, Evidence.Document)),
        ["a cut-out too narrow"] = ("SEAT-035", Plated(9.49), Plated(9.51)),
        ["a cut-out too high up"] = ("SEAT-035", Plated(10, from: 8.61), Plated(10, from: 8.59)),
        ["a cut-out too low"] = ("SEAT-035", Plated(10, to: 17.59), Plated(10, to: 17.61)),
        ["a plate too narrow"] = ("SEAT-035", Plated(10, width: 58.99), Plated(10, width: 59.01)),
        ["a plate too tall"] = ("SEAT-035", Plated(10, height: 41.01), Plated(10, height: 40.99)),
        ["a plate that is made is cut to fit"] = ("SEAT-035", Plated(5), Plated(5, plate: IoPlate.Made)),
        ["half a millimetre as typed"] = ("SEAT-034", Typed(91.5), Typed(90.4)),
    };

    [Theory]
    [MemberData(nameof(Names))]
    public void A_constant_decides_just_where_it_says(string name)
    {
        var (code, fires, quiet) = Cases[name];
        Assert.Contains(Review.Of(fires).Seat.Findings, finding => finding.Rule.Code == code);
        Assert.DoesNotContain(Review.Of(quiet).Seat.Findings, finding => finding.Rule.Code == code);
    }

    public static TheoryData<string> Said => [.. Words.Keys];

    private static Dictionary<string, (Graft Graft, string Code, Severity Severity, string Says, string Remedy)> Words { get; } = new()
    {
        ["too short"] = (Screwed("M3 × 3"), "SEAT-029", Severity.Fix, "h1, h2, h3, h4 of board: M3 × 3 is too short: M3 wants 3.1 mm there to hold", "M3 from 3.1 mm to 8.1 mm; longer only where"),
        ["blind"] = (Screwed("M3 × 6", Deep(4)), "SEAT-029", Severity.Fix, "it stops after 5.6 mm, before it clamps", "M3 from 3.1 mm to 5.6 mm"),
        ["out behind"] = (Screwed("M3 × 12", plane: Shallow), "SEAT-029", Severity.Fix, "it comes out 2.9 mm behind the base, where 2 mm is free", "M3 from 3.1 mm to 8.1 mm"),
        ["onto a thing"] = (Screwed("M3 × 12", plane: Behind(25, 15, -20, 1)), "SEAT-029", Severity.Fix, "h1 of board: M3 × 12 is too long: it comes out 2.9 mm behind the base, and pack lies 1 mm behind", "washer"),
        ["onto a battery"] = (Screwed("M3 × 12", plane: Behind(25, 15, -20, 1, BehindKind.Battery)), "SEAT-029", Severity.Stop, "pack lies 1 mm behind", "washer"),
        ["a drill over a battery"] = (Held(MountMethod.ThroughBolt, plane: Behind(115, 85, -20, 1, BehindKind.Battery)), "SEAT-005", Severity.Stop,
            "pack lies 1 mm behind the base there, and a drill runs on", "take pack out before anything is drilled there"),
        ["no length goes"] = (Held(MountMethod.ThroughBolt, "M3 × 12", plane: Behind(115, 85, -20, 1)), "SEAT-029", Severity.Fix, "too long", "no M3 both holds and ends before what is behind"),
        ["mains behind"] = (Held(MountMethod.ThroughBolt, plane: Mains(-20, 5)), "SEAT-024", Severity.Stop, "What comes through the base at h4 of board comes within 2 mm of pack behind tray", "licensed person"),
        ["strips"] = (Screwed("M3 × 6", Thread("6-32")), "SEAT-028", Severity.Fix, "M3 does not go into the 6-32 of its mounts", "take 6-32"),
        ["splits"] = (Bossed("self-tapping 3 × 9", 2), "SEAT-028", Severity.Fix, "wants a bore of 2.4 mm to 2.6 mm, and it is 2 mm: the boss splits", "drill the bore"),
        ["does not hold"] = (Bossed("self-tapping 3 × 9", 3), "SEAT-028", Severity.Fix, "it does not hold", "a thicker screw"),
        ["a drive"] = (Drive("2.5", "M3 × 6"), "SEAT-030", Severity.Fix, "M3 × 6 goes 5 mm into drive through 1 mm of sheet, and beyond 3 mm", "a screw of 4 mm at the most"),
        ["an aerial"] = (Aerial(PlaneMaterial.Steel, box: 4), "SEAT-031", Severity.Check, "aerial of board has metal within 10 mm: cage 4 mm off, tray 6 mm off", "looks at plastic"),
        ["on paper"] = (Known(Evidence.Diagram, Evidence.Assumed), "SEAT-033", Severity.Check, "where s1 stands, where s2 stands, where s3 stands, 1 mount more, its outline", "measure where s1 stands first: h1 meets it with 0.3 mm to spare"),
        ["the least to spare first"] = (Known(Evidence.Diagram, third: 0.2), "SEAT-033", Severity.Check, "where s3 stands, where s1 stands",
            "measure where s3 stands first: h3 meets it with 0.1 mm to spare"),
        ["behind the plate"] = (Plated(8), "SEAT-035", Severity.Fix, "Of the usb of board 2 mm lies behind the plate", "widen its cut-out"),
        ["a plate of another size"] = (Plated(10, width: 55), "SEAT-035", Severity.Fix, "The plate is 55 mm by 40 mm, and opening is 60 mm by 40 mm", "make a plate"),
        ["typed"] = (Typed(92), "SEAT-034", Severity.Check, "from h1 to h2 they are 90 mm apart as typed, and 92 mm as measured", "take the measured places over"),
    };

    [Theory]
    [MemberData(nameof(Said))]
    public void A_finding_says_its_figure_and_what_to_do(string name)
    {
        var (graft, code, severity, says, remedy) = Words[name];
        var finding = Review.Of(graft).Seat.Findings.FirstOrDefault(finding => finding.Rule.Code == code
            && finding.Message.Contains(says, StringComparison.Ordinal));
        Assert.True(finding is not null, string.Join('\n', Review.Of(graft).Seat.Findings.Select(each => each.Message)));
        Assert.Equal(severity, finding.Severity);
        Assert.Contains(finding.Remedies, each => each.Contains(remedy, StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("M3 × 6", "M3 × 6")]
    [InlineData("m3x6", "M3 × 6")]
    [InlineData("M2.5*10 mm", "M2.5 × 10")]
    [InlineData("6-32 x 1/4 in", "6-32 × 6.35")]
    [InlineData("self-tapping 3,5 × 10", "self-tapping 3.5 × 10")]
    [InlineData("wood 4 x 16", "wood 4 × 16")]
    [InlineData("M3", null)]
    [InlineData("M3 × 1.9", null)]
    [InlineData("M3 × 121", null)]
    [InlineData("M3 × NaN", null)]
    [InlineData("M9 × 6", null)]
    [InlineData("wood 8.1 × 16", null)]
    [InlineData("self-tapping 1.4 × 16", null)]
    [InlineData("× × ×", null)]
    public void A_screw_is_read_as_builders_write_it(string text, string? written) => Assert.Equal(written, Screw.Parse(text)?.ToString());

    [Fact]
    public void The_page_says_which_screw_goes_where_by_the_threads_that_are_there()
    {
        var board = SeatedBoard.Of(Screwed("M3 × 6", mount => mount.Id == "s1" ? Thread("6-32")(mount) : mount, tray => tray with { Behind = Mm(2) }))[0];
        const string unsure = "; longer only where its thread is measured to be that deep";
        Assert.Equal([$"h1: 6-32 from 4 mm to 8.1 mm{unsure}", $"h2, h3, h4: M3 from 3.1 mm to 8.1 mm{unsure}"], ScrewFit.Lines(board));
        var measured = SeatedBoard.Of(Screwed("M3 × 6", Deep(7.5), tray => tray with { Behind = Mm(2) }))[0];
        Assert.Equal(["h1, h2, h3, h4: M3 from 3.1 mm to 11.1 mm"], ScrewFit.Lines(measured));
    }

    [Theory]
    [InlineData(2.7, null, "drill and tap for M2.5", 2.05, "drill 2.05 mm, M2.5 tap, cutting oil, deburrer")]
    [InlineData(3.6, null, "drill and tap for M3", 2.5, "drill 2.5 mm, M3 tap, cutting oil, deburrer")]
    [InlineData(1.9, null, "drill and tap for M2", 1.6, "drill 1.6 mm, M2 tap, cutting oil, deburrer")]
    [InlineData(4.2, "6-32 × 12", "drill and tap for 6-32", 2.8, "drill 2.8 mm, 6-32 tap, cutting oil, deburrer")]
    public void A_hole_is_drilled_for_the_screw_that_goes_through_it(double hole, string? screw, string act, double drill, string tools)
    {
        var graft = Held(MountMethod.DrillAndTap, screw, 3);
        var review = Review.Of(graft.WithPart("board", part => part with { Holes = [.. part.Holes.Select(each => each with { Diameter = Mm(hole) })] }));
        var cut = Assert.Single(CutList.Of(review.Graft, review.Seat));
        Assert.Equal((act, drill, tools), (cut.Act, cut.DrillMm, cut.Tools));
    }

    [Fact]
    public void Screws_of_one_sort_are_told_once()
        => Assert.Single(Review.Of(Screwed("M3 × 3")).Seat.Findings, finding => finding.Rule.Code == "SEAT-029");

    [Fact]
    public void What_lies_behind_stands_in_the_list_of_cuts()
    {
        var review = Review.Of(Held(MountMethod.ThroughBolt, plane: Behind(115, 85, -20, 6, BehindKind.Battery)));
        Assert.Equal("through 1 mm; behind lies pack after 6 mm: take it out first", Assert.Single(CutList.Of(review.Graft, review.Seat)).Depth);
    }

    [Fact]
    public void A_screw_that_does_not_go_is_marked_at_its_own_hole()
    {
        var board = SeatedBoard.Of(Screwed("M3 × 6", mount => mount.Id == "s1" ? Thread("6-32")(mount) : mount))[0];
        Assert.Equal([Severity.Fix, null, null, null], board.Holes.Select(board.ScrewWrong));
    }

    // What was typed against what was measured: a hand's half millimetre, and 3.29 standard deviations of either place.
    [Theory]
    [InlineData(0.01, true)]
    [InlineData(-0.01, false)]
    public void A_typed_place_is_told_beyond_what_the_survey_itself_may_err(double beyond, bool isTold)
    {
        var graft = Typed(90);
        var points = Review.Of(graft).Seat.Surveys["board"].Holes.ToDictionary(point => point.Name);
        var allowed = 0.5 + (3.29 * (points["h1"].LongAxis + points["h2"].LongAxis));
        var typed = graft.WithPart("board", part => part with
        {
            Holes = [part.Holes[0], part.Holes[1] with { X = part.Holes[0].X + points["h1"].At.To(points["h2"].At) + allowed + beyond }, .. part.Holes.Skip(2)],
        });
        Assert.Equal(isTold, Review.Of(typed).Seat.Findings.Any(finding => finding.Rule.Code == "SEAT-034"));
    }

    [Fact]
    public void Of_two_candidates_each_says_what_it_would_bring_and_what_would_fall_away()
    {
        var review = Review.Of(Seated(Tray() with { Lid = Mm(60) }).With(Box("cooler", 30, 30, 40, 40, 55, on: "board"), Box("cage", 130, 60, 60, 40, 40)));
        var (low, wide) = (Candidate.Of(review, Box("cooler", 30, 30, 40, 40, 45, on: "board")),
            Candidate.Of(review, Box("cooler", 30, 30, 95, 40, 45, on: "board")));
        Assert.Equal(["SEAT-015"], low.Goes.Select(finding => finding.Rule.Code));
        Assert.Empty(low.Comes);
        Assert.Equal(["SEAT-013"], wide.Comes.Select(finding => finding.Rule.Code));
        Assert.Equal(["SEAT-013"], Candidate.Of(review, Box("second", 135, 65, 10, 10, 10)).Comes.Select(finding => finding.Rule.Code));
    }

    [Fact]
    public void A_stud_takes_no_screw_and_a_tie_neither()
    {
        var board = SeatedBoard.Of(Screwed("M3 × 6", Stud("M3")))[0];
        Assert.All(board.Holes, hole => Assert.Null(ScrewFit.Of(board, hole)));
        var tied = SeatedBoard.Of(Held(MountMethod.Tie))[0];
        Assert.Null(ScrewFit.Of(tied, tied.Holes[3]));
    }

    private static Func<Mount, Mount> Deep(double deep) => mount => mount with { Deep = Mm(deep) };

    private static Func<Mount, Mount> Thread(string name) => mount => mount with { Thread = ScrewThread.Find(name) };

    private static Func<Mount, Mount> Stud(string name) => mount => Thread(name)(mount) with { Kind = MountKind.Stud };

    private static Func<MountPlane, MountPlane> Mains(double right, double free) => Behind(115, 85, right, free, BehindKind.Mains);
}
