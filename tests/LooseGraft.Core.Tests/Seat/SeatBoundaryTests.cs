using static LooseGraft.Core.Tests.Seat.SeatBench;
using static LooseGraft.Core.Tests.Seat.SeatBoundaryGrafts;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>Every constant of Seat's rules, just inside and just outside. The board is 100 × 80 mm and stands 6.5 mm above a tray of 1 mm steel; its tails
/// reach 2.5 mm down, so 4 mm lie under them.</summary>
public sealed class SeatBoundaryTests
{
    public static TheoryData<string> Names => [.. Cases.Keys];

    // Name: the rule, a graft that just fires it, one that just does not.
    private static Dictionary<string, (string Code, Graft Fires, Graft Quiet)> Cases { get; } = new()
    {
        ["metal under solder wants 2 mm of air"] = ("SEAT-001", Tab(60, 50, 2.01), Tab(60, 50, 1.99)),
        ["metal half under the edge"] = ("SEAT-001", Tab(122.99, 50, 5), Tab(123.01, 50, 5)),
        ["the ring round a hole is free of solder, with the mount's own half width"] = ("SEAT-001", Tab(27.01, 15, 5), Tab(26.99, 15, 5)),
        ["the top of what holds the board, beyond the ring round its hole"] = ("SEAT-001", Wide(10.02), Wide(9.98)),
        ["the top of what holds it, beside the middle of its hole"] = ("SEAT-001", Wide(9.8, 0.11), Wide(9.8, 0.09)),
        ["plastic that reaches the solder lifts the board"] = ("SEAT-002", Tab(60, 50, 4.01, isMetal: false), Tab(60, 50, 3.99, isMetal: false)),
        ["plastic under bare board lifts it only when it stands higher"] = ("SEAT-002", Bare(6.51), Bare(6.49)),
        ["mounts half a millimetre apart"] = ("SEAT-003", Low(5.99), Low(6.01)),
        ["threads in thin metal"] = (
            "SEAT-005", Held(MountMethod.DrillAndTap, PlaneMaterial.Steel, 1.49), Held(MountMethod.DrillAndTap, PlaneMaterial.Steel, 1.51)),
        ["threads in wood"] = ("SEAT-005", Held(MountMethod.DrillAndTap, PlaneMaterial.Wood, 12), Held(MountMethod.ThroughBolt, PlaneMaterial.Wood, 12)),
        ["an insert in thin wood"] = ("SEAT-005", Held(MountMethod.Insert, PlaneMaterial.Wood, 4.99), Held(MountMethod.Insert, PlaneMaterial.Wood, 5.01)),
        ["an insert in metal"] = ("SEAT-005", Held(MountMethod.Insert, PlaneMaterial.Steel, 6), Held(MountMethod.Insert, PlaneMaterial.Wood, 6)),
        ["room behind for a nut"] = (
            "SEAT-005", Held(MountMethod.ThroughBolt, PlaneMaterial.Steel, 2, behind: 2.99),
            Held(MountMethod.ThroughBolt, PlaneMaterial.Steel, 2, behind: 3.01)),
        ["glue near something hot"] = ("SEAT-005", Near(29.99, hot: true), Near(30.01, hot: true)),
        ["glue near something that is not hot"] = ("SEAT-005", Near(1, hot: true), Near(1, hot: false)),
        ["a tie under something heavy that hangs on the board"] = ("SEAT-005", Heavy("board"), Heavy("tray")),
        ["a corner 60 mm from the nearest support"] = ("SEAT-006", Long(64.9), Long(64.7)),
        ["a socket that is pushed from above, 60 mm from the nearest support"] = ("SEAT-006", Pushed(39.8), Pushed(39.6)),
        ["a method that grounds"] = ("SEAT-007", Grounded(MountMethod.PlasticStud), Grounded(MountMethod.ThroughBolt)),
        ["a square millimetre beyond the plane"] = (
            "SEAT-008", Seated().At(seat => seat with { At = new PlanPoint(-0.013, 10) }), Seated().At(seat => seat with { At = new PlanPoint(-0.012, 10) })),
        ["a plug's room before the wall"] = ("SEAT-010", Away(19.99), Away(20.01)),
        ["an opening that begins too late"] = ("SEAT-011", Window(50.51, 79, 0, 40), Window(50.49, 79, 0, 40)),
        ["an opening that ends too early"] = ("SEAT-011", Window(30, 69.49, 0, 40), Window(30, 69.51, 0, 40)),
        ["an opening too high"] = ("SEAT-011", Window(30, 90, 8.61, 40), Window(30, 90, 8.59, 40)),
        ["an opening too low"] = ("SEAT-011", Window(30, 90, 0, 17.59), Window(30, 90, 0, 17.61)),
        ["an opening in another wall"] = ("SEAT-010", Window(30, 90, 0, 40, PlaneWall.Left), Window(30, 90, 0, 40)),
        ["a port just beside an opening to its right"] = ("SEAT-021", Window(70, 90, 0, 40), Window(69.99, 90, 0, 40)),
        ["a port just beside an opening to its left"] = ("SEAT-021", Window(30, 50, 0, 40), Window(30, 50.01, 0, 40)),
        ["an opening for air wants no port"] = ("SEAT-021", Window(70, 90, 0, 40), Window(70, 90, 0, 40, kind: OpeningKind.Air)),
        ["a plate bridges three millimetres"] = ("SEAT-011", Away(3.01, IoPlate.Kept), Away(2.99, IoPlate.Kept)),
        ["a bent plate bridges more"] = ("SEAT-011", Away(5, IoPlate.Made), Away(5, IoPlate.Bent)),
        ["a ceiling that only touches"] = ("SEAT-015", Ceiling(59.99), Ceiling(60.01)),
        ["under a ceiling as high as the box"] = ("SEAT-015", Lid(34.99), Lid(35.01)),
        ["a lead that is just too short"] = ("SEAT-016", Seated().With(Run(10, 140, 190, 140, 199.99)), Seated().With(Run(10, 140, 190, 140, 200.01))),
        ["a lead whose length may be off"] = (
            "SEAT-016", Seated().With(Run(10, 140, 190, 140, 205) with { LengthError = Mm(5.01) }),
            Seated().With(Run(10, 140, 190, 140, 205) with { LengthError = Mm(4.99) })),
        ["a lead that just reaches"] = ("SEAT-017", Seated().With(Run(10, 140, 190, 140, 219.99)), Seated().With(Run(10, 140, 190, 140, 220.01))),
        ["clearances add up"] = ("SEAT-014", Apart(4.99), Apart(5.01)),
        ["corner against corner, 3 and 4 mm apart"] = ("SEAT-014", Corner(5.01), Corner(4.99)),
        ["the bare plane wants 2 mm of air under solder"] = ("SEAT-001", Standoffs(4.49), Standoffs(4.51)),
        ["sheet on the plane keeps it off"] = ("SEAT-001", Standoffs(3), Standoffs(3, isCovered: true)),
        ["an insulator for a plane"] = ("SEAT-001", Standoffs(3), Standoffs(3, material: PlaneMaterial.Wood)),
        ["a hole in the plane under the board"] = ("SEAT-001", Standoffs(3), Standoffs(3, hole: true)),
        ["a steel box under solder"] = ("SEAT-001", Below(2.01, isMetal: true), Below(1.99, isMetal: true)),
        ["how far a box may be off below"] = ("SEAT-001", Below(1.6, isMetal: true, tolerance: 0.41), Below(1.6, isMetal: true, tolerance: 0.39)),
        ["a box of which nobody said what it is"] = ("SEAT-025", Below(2.01, isMetal: null), Below(1.99, isMetal: null)),
        ["a box that insulates lifts the board"] = ("SEAT-002", Below(4.01, isMetal: false), Below(3.99, isMetal: false)),
        ["a back plate stands out below"] = ("SEAT-001", Backed(4.51), Backed(4.49)),
        ["a battery below shorts nothing"] = ("SEAT-001", Backed(5), Backed(5, conducts: false)),
        ["sheet under the board is cut by what reaches the solder"] = ("SEAT-002", Sheeted(4.01), Sheeted(3.99)),
        ["a low corner lowers the board beside it"] = ("SEAT-001", Slanted(1.48), Slanted(1.47)),
        ["a bump that carries the board"] = ("SEAT-001", Bumped(2.01), Bumped(1.99)),
        ["a bump with a thread holds"] = ("SEAT-004", Bumps(false), Bumps(true)),
        ["a covered standoff holds, one that was taken out does not"] = ("SEAT-004", First(MountState.Removed), First(MountState.Insulated)),
        ["a covered standoff does not ground"] = ("SEAT-007", Washers(4), Washers(3)),
        ["a cut that reaches what a standoff stands on"] = ("SEAT-026", Vented(12.99, true), Vented(13.01, true)),
        ["a hole that is there stands beside it"] = ("SEAT-026", Vented(12.9, true), Vented(12.9, false)),
        ["a bolt whose washer hangs over a hole"] = ("SEAT-026", Vented(13.49, false, 115, 85), Vented(13.51, false, 115, 85)),
        ["a card of two slots before one"] = ("SEAT-027", Slotted(38.7, 1), Slotted(38.5, 1)),
        ["a slot that only its edge lies before"] = ("SEAT-027", Slotted(20, 1, along: 9.01), Slotted(20, 1, along: 8.99)),
        ["a card that ends before the wall has no bracket there"] = ("SEAT-027", Slotted(40.6, 1, away: 14.99), Slotted(40.6, 1, away: 15.01)),
        ["a face in a round opening, its corners"] = ("SEAT-011", RoundWindow(21.35), RoundWindow(21.37)),
        ["one way of holding among holes left free"] = ("SEAT-022", Free(), Missing(60)),
        ["screwed as its maker made it"] = ("SEAT-006", Tall(MountMethod.AdhesivePillar), Tall(MountMethod.ThroughBolt)),
        ["a stud beside bolts only keeps the distance"] = ("SEAT-005", Studded(35.1), Studded(34.9)),
        ["a tie does not bear what is heavy, whatever is bolted"] = ("SEAT-005", Studded(30, MountMethod.Tie), Studded(30)),
        ["room behind for a stud"] = (
            "SEAT-005", Held(MountMethod.PlasticStud, PlaneMaterial.Steel, 2, behind: 2.99),
            Held(MountMethod.PlasticStud, PlaneMaterial.Steel, 2, behind: 3.01)),
        ["bare metal above a board"] = ("SEAT-014", Hanging(1.99), Hanging(2.01)),
        ["bare metal beside a board"] = ("SEAT-014", Hanging(1.99), Hanging(1.99, x: 121)),
        ["no opening, whatever the plate"] = ("SEAT-010", Away(6), Away(2, IoPlate.LeftOpen)),
        ["a card through the wall"] = ("SEAT-023", Wall(0.01), Wall(-0.01)),
        ["a card through an opening"] = ("SEAT-023", Wall(5), Wall(5, opening: 0)),
        ["half a millimetre less than the card"] = ("SEAT-023", Wall(5, opening: 0.51), Wall(5, opening: 0.49)),
        ["air before a wall"] = ("SEAT-014", Wall(-2.99, clearance: 3), Wall(-3.01, clearance: 3)),
        ["what is fixed to a wall wants no air there"] = ("SEAT-014", Wall(-0.51, clearance: 3), Wall(-0.49, clearance: 3)),
        ["air under the lid, tolerance counted"] = ("SEAT-014", Lid(38.49, clearance: 3), Lid(38.51, clearance: 3)),
        ["a board near mains"] = ("SEAT-024", Mains(9.99), Mains(10.01)),
        ["loose metal near mains"] = ("SEAT-024", Mains(20, box: 9.99), Mains(20, box: 10.01)),
        ["plastic near mains"] = ("SEAT-024", Mains(20, box: 5), Mains(20, box: 5, isMetal: false)),
        ["a lead that ends near mains"] = ("SEAT-024", Mains(20, lead: 9.99), Mains(20, lead: 10.01)),
        ["a cut near mains"] = ("SEAT-024", Mains(20, cut: 9.99), Mains(20, cut: 10.01)),
        ["a hole drilled near mains"] = ("SEAT-024", Drilled(9.99), Drilled(10.01)),
        ["a tall zone in a lead's way"] = ("SEAT-016", Zoned(15.1), Zoned(14.9)),
        ["a zone high above a lead"] = ("SEAT-016", Zoned(50), Zoned(50, rise: 40)),
        ["boxes that touch do not clash"] = ("SEAT-013", Apart(-0.01), Apart(0.01)),
    };

    // A card of 20 by 30 mm, 40 tall, reaches 5 mm through the middle of a wall, before an opening as wide as the card that begins a little beside it.
    [Theory]
    [InlineData(PlaneWall.Rear, 90, -5, 20, 30)]
    [InlineData(PlaneWall.Front, 90, 135, 20, 30)]
    [InlineData(PlaneWall.Left, -5, 60, 20, 30)]
    [InlineData(PlaneWall.Right, 185, 60, 20, 30)]
    public void What_reaches_through_an_opening_of_a_wall_has_to_fit_it_on_either_side(PlaneWall wall, double x, double y, double width, double depth)
    {
        var (along, wide) = wall is PlaneWall.Rear or PlaneWall.Front ? (x, width) : (y, depth);
        bool Told(double beside) => Review.Of(Seated(Tray() with
        {
            Openings = [new Opening("gap", "gap", OpeningKind.Slot, wall, new PlanRectangle(along + beside, 0, wide, 45))],
        }).With(Box("card", x, y, width, depth, 40)) with
        { Parts = [] }).Seat.Findings.Any(finding => finding.Rule.Code == "SEAT-023");
        Assert.Equal([true, false, false, true], new[] { -0.51, -0.49, 0.49, 0.51 }.Select(Told));
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void A_constant_decides_just_where_it_says(string name)
    {
        var (code, fires, quiet) = Cases[name];
        Assert.Contains(Review.Of(fires).Seat.Findings, finding => finding.Rule.Code == code);
        Assert.DoesNotContain(Review.Of(quiet).Seat.Findings, finding => finding.Rule.Code == code);
    }

    public static TheoryData<string> Said => [.. Words.Keys];

    // What a finding says: the part of its sentence that holds a figure or a choice, and its remedy's.
    private static Dictionary<string, (Graft Graft, string Code, string Says, string Remedy)> Words { get; } = new()
    {
        ["reaches into"] = (Tab(60, 50, 5), "SEAT-001", "it reaches 1 mm into solder", "flatten tab or cut it off"),
        ["leaves to"] = (Tab(60, 50, 3), "SEAT-001", "it leaves 1 mm to solder", "flatten tab"),
        ["just meets"] = (Tab(60, 50, 4), "SEAT-001", "it leaves 0 mm to solder", "flatten tab"),
        ["lifts"] = (Tab(60, 50, 4.5, isMetal: false), "SEAT-002", "reaches 0.5 mm into solder", "take tab out or flatten it"),
        ["uneven"] = (Low(5.5), "SEAT-003", "s1 is 1 mm lower", "put a washer"),
        ["nearest mount"] = (Missing(14.9), "SEAT-004", "; the nearest mount is 14.9 mm off", "choose what holds it"),
        ["no mount near"] = (Missing(15.1), "SEAT-004", "meets no mount, and nothing is decided", "choose what holds it"),
        ["nothing holds it"] = (Free(), "SEAT-022", "Nothing holds board", "choose what holds it at three holes"),
        ["no hole is known"] = (Seated(board: Board() with { Holes = [] }), "SEAT-022", "No hole of board is written down", "write its holes down"),
        ["rests on what has no thread"] = (Bumps(false), "SEAT-004", "Hole h1 of board rests on s1, which has no thread", "choose what holds it"),
        ["low over bare metal"] = (Standoffs(4), "SEAT-001", "stands so low that the bare steel of tray leaves 1.5 mm to solder", "cover tray"),
        ["tied flat"] = (Tied(), "SEAT-001", "board lies flat on the bare steel of tray: it shorts solder", "stand it on standoffs"),
        ["a bracket below"] = (Below(3, isMetal: true), "SEAT-001", "bracket is bare metal under board: it leaves 1 mm to solder", "move bracket away"),
        ["perhaps metal below"] = (Below(3, isMetal: null), "SEAT-025", "if it is bare metal it shorts it, and nobody said", "say in the lists"),
        ["a box that lifts"] = (Below(4.5, isMetal: false), "SEAT-002", "bracket reaches 0.5 mm into solder", "move bracket away"),
        ["bare metal in the same room"] = (Hanging(-1), "SEAT-013", "1 mm too much, and bare metal shorts what it touches", "move cage"),
        ["through a wall"] = (Wall(5), "SEAT-023", "card reaches 5 mm through the right wall of tray", "move or turn it"),
        ["near a wall"] = (Wall(-2, clearance: 3), "SEAT-014", "card comes within 2 mm of the right wall; clearance and tolerance ask for 3 mm", "move it"),
        ["near mains"] = (Mains(4), "SEAT-024", "board comes within 4 mm of inlet, which carries mains or high voltage", "licensed person"),
        ["beyond the opening"] = (Window(50.6, 79, 0, 40), "SEAT-011", "Of the usb of board up to 0.6 mm lies beyond opening", "move the board 0.6 mm along"),
        ["above the opening"] = (Window(30, 90, 10, 40), "SEAT-011", "up to 1.9 mm lies beyond opening", "stand the board higher"),
        ["beyond"] = (Seated().At(seat => seat with { At = new PlanPoint(-5, 10) }), "SEAT-008", "reaches up to 5 mm beyond tray", "move or turn it"),
        ["wall"] = (Away(12), "SEAT-010", "the rear wall is 12 mm away", "cut an opening"),
        ["clash"] = (Apart(-4), "SEAT-013", "want the same room: 4 mm too much", "move other"),
        ["too close"] = (Apart(2), "SEAT-014", "comes within 2 mm of other; clearance and tolerance ask for 5 mm", "move other"),
        ["a plug in the way"] = (Plugged(), "SEAT-013", "want the same room", "use a right-angle plug or lead"),
        ["what can move is told to"] = (Plugged(), "SEAT-013", "want the same room", "move cage 15.0 mm to the right"),
        ["what can move is told to, whichever came first"] = (PluggedLeft(), "SEAT-013", "want the same room: 10 mm too much", "move cage 10.0 mm to the left"),
        ["under the lid"] = (Lid(30), "SEAT-015", "stands 35 mm above tray, and under the lid only 30 mm is free: 5 mm too tall", "choose a lower one"),
        ["short"] = (Seated().With(Run(10, 140, 190, 140, 195)), "SEAT-016", "is short by 5 mm: the way takes 200 mm", "turn or move the part"),
        ["tight"] = (Seated().With(Run(10, 140, 190, 140, 205)), "SEAT-017", "reaches with only 5 mm to spare", "check it by hand"),
        ["a bad reading"] = (
            Surveyed("h3 left 5.0", "h3 rear 75.0", "h4 left 95.0", "h4 rear 75.0", "h3 h4 90.0", "h1 h3 70.0", "h2 h4 70.0", "h1 h4 114.0", "h2 h3 114.0",
            "h1 h2 93.0"), "SEAT-019", "they say about 90.0 mm", "measure h1 to h2 again"),
        ["a loose point"] = (Surveyed("h1 h3 70.0"), "SEAT-020", "do not fix h3 yet", "measure"),
        ["a mirrored point"] = (
            Seated() with
            {
                Seating = Seated().Seating with
                {
                    Surveys = [Survey("board", "h1 left 50.0", "h1 rear 50.0", "h2 left 90.0", "h2 rear 50.0", "h1 h3 30.0", "h2 h3 50.0")],
                }
            }, "SEAT-020", "h3 fits on the other side as well", "measure"),
    };

    [Theory]
    [MemberData(nameof(Said))]
    public void A_finding_says_its_figure_and_what_to_do(string name)
    {
        var (graft, code, says, remedy) = Words[name];
        Assert.Contains(Review.Of(graft).Seat.Findings, finding => finding.Rule.Code == code && finding.Message.Contains(says, StringComparison.Ordinal)
            && finding.Remedies.Any(each => each.Contains(remedy, StringComparison.Ordinal)));
    }
}
