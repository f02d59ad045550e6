using LooseGraft.Core.Findings;
using LooseGraft.Core.Seat.Clashes;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>What the rules of Seat say, in the builder's words, with their evidence and their remedies.</summary>
public sealed class SeatWordsTests
{
    [Fact]
    public void A_short_says_how_far_it_reaches_near_what_and_what_cures_it()
    {
        var finding = Only("SEAT-001", Seated(Tray(Mount("t1", 60, 40, 5, MountKind.Tab)), Board(Socket("panel header", 45, 30, PortFacing.Up))));
        Assert.Equal("The tab t1 stands under board where no hole is: it reaches 1 mm into solder near panel header and shorts it, at once or when a plug is pushed in.", finding.Message);
        Assert.Equal((Severity.Stop, Evidence.Measured), (finding.Severity, finding.Evidence));
        Assert.StartsWith("flatten t1 or cut it off, with every board out of the shell", finding.Remedies[0]);
        Assert.Equal("/seating/planes/tray/mounts/t1", finding.Subject.Text);
    }

    [Theory]
    [InlineData(MountKind.Standoff, PlaneMaterial.Steel, "take t1 out")]
    [InlineData(MountKind.Stud, PlaneMaterial.Wood, "take t1 out")]
    [InlineData(MountKind.Brace, PlaneMaterial.Aluminium, "flatten t1 or cut it off")]
    [InlineData(MountKind.Tab, PlaneMaterial.Wood, "take t1 off")]
    public void The_cure_of_a_short_is_what_hands_can_do_with_it(MountKind kind, PlaneMaterial material, string cure)
        => Assert.StartsWith(
            cure, Only("SEAT-001", Seated(Tray(Mount("t1", 60, 40, 5, kind)) with { Material = material })).Remedies[0]);

    [Fact]
    public void A_verdict_is_no_better_than_the_place_it_rests_on()
    {
        var guessed = Seated(Tray(Mount("t1", 60, 40, 5, MountKind.Tab) with { Evidence = Evidence.Diagram }));
        Assert.Equal(Evidence.Diagram, Only("SEAT-001", guessed).Evidence);
        var assumed = Seated(Tray(Mount("t1", 60, 40, 5, MountKind.Tab)), Board() with { Body = Board().Body! with { Evidence = Evidence.Assumed } });
        Assert.Equal(Evidence.Assumed, Only("SEAT-001", assumed).Evidence);
    }

    [Theory]
    [InlineData(MountMethod.DrillAndTap, PlaneMaterial.Wood, 3.0, "threads do not hold in what the base is made of")]
    [InlineData(MountMethod.DrillAndTap, PlaneMaterial.Steel, 1.2, "1.2 mm of metal holds fewer than three threads")]
    [InlineData(MountMethod.Insert, PlaneMaterial.Steel, 6.0, "an insert does not hold in sheet metal")]
    [InlineData(MountMethod.Insert, PlaneMaterial.Plastic, 3.0, "the base is 3 mm thick")]
    [InlineData(MountMethod.ThroughBolt, PlaneMaterial.Steel, 1.0, "only 2 mm is free behind the base")]
    public void A_way_of_holding_that_does_not_hold_says_why(MountMethod method, PlaneMaterial material, double thickness, string because)
    {
        var graft = Held(method);
        graft = graft with
        {
            Seating = graft.Seating.WithPlane(
            "tray", plane => plane with { Material = material, Thickness = Mm(thickness), Behind = Mm(2) })
        };
        Assert.Contains(because, Only("SEAT-005", graft).Message);
    }

    [Theory]
    [InlineData(MountMethod.AdhesivePillar, true, false, "cooler gets hot")]
    [InlineData(MountMethod.Tie, true, false, "cooler gets hot")]
    [InlineData(MountMethod.AdhesivePillar, false, true, "cooler hangs on the board")]
    [InlineData(MountMethod.Tie, false, true, "cooler hangs on the board")]
    public void Glue_near_heat_and_ties_under_weight_are_told(MountMethod method, bool hot, bool heavy, string because)
    {
        var cooler = Box("cooler", 60, 40, 20, 20, 30, on: "board") with { IsHot = hot, IsHeavy = heavy };
        Assert.Contains(because, Only("SEAT-005", Held(method).With(cooler)).Message);
        Assert.DoesNotContain(Review.Of(Held(MountMethod.ThroughBolt).With(cooler)).Findings, finding => finding.Rule.Code == "SEAT-005");
        Assert.DoesNotContain(
            Review.Of(Held(method).With(cooler with { IsHot = false, IsHeavy = false })).Findings, finding => finding.Rule.Code == "SEAT-005");
    }

    [Fact]
    public void The_lowest_thing_above_counts_and_a_whole_ceiling_stands_in_for_the_lid()
    {
        var tall = Box("cooler", 30, 30, 20, 20, 50);
        Assert.Contains("under the lid only 45 mm is free: 5 mm too tall", Only("SEAT-015", Seated(Tray() with { Lid = Mm(45) }).With(tall)).Message);
        var brace = new Ceiling("brace", new PlanRectangle(0, 40, 200, 5), Mm(30));
        Assert.Contains("under brace only 30 mm is free", Only("SEAT-015", Seated(Tray() with { Lid = Mm(45), Ceilings = [brace] }).With(tall)).Message);
        var raised = new Ceiling("dome", new PlanRectangle(0, 0, 200, 160), Mm(60));
        Assert.DoesNotContain(
            Review.Of(Seated(Tray() with { Lid = Mm(45), Ceilings = [raised] }).With(tall)).Findings, finding => finding.Rule.Code == "SEAT-015");
    }

    [Fact]
    public void A_plug_under_a_lid_is_cured_by_one_that_turns()
    {
        var finding = Only("SEAT-015", Seated(Tray() with { Lid = Mm(30) }, Board(Socket("fan header", 50, 40, PortFacing.Up))));
        Assert.Contains("plug in fan header stands 38.1 mm above tray", finding.Message);
        Assert.Equal("use a right-angle plug", finding.Remedies[0]);
    }

    [Fact]
    public void A_clash_offers_both_moves_and_a_smaller_part()
    {
        var finding = Only("SEAT-013", Seated().With(Box("cage", 130, 20, 20, 40, 40), Box("card", 145, 20, 30, 40, 40) with { Part = "board" }));
        Assert.Equal("cage and card want the same room: 5 mm too much.", finding.Message);
        Assert.Equal(["move card 5.0 mm to the right, or 40.0 mm up", "choose a smaller part, or a riser that takes it elsewhere"], finding.Remedies);
    }

    [Theory]
    [InlineData(3.2, 0, 0, "3.2 mm to the right")]
    [InlineData(-3.2, 1.5, 0, "3.2 mm to the left and 1.5 mm to the front")]
    [InlineData(0, -2, 0, "2.0 mm to the rear")]
    [InlineData(0, 0, -7.04, "7.0 mm down")]
    [InlineData(0.01, 0, 0, "nowhere")]
    public void A_move_is_told_as_one_would_say_it(double x, double y, double up, string words) => Assert.Equal(words, new ClashMove(x, y, up).ToString());

    [Fact]
    public void A_short_lead_with_standard_plugs_is_extended_and_a_makers_own_is_not()
    {
        var run = Run(10, 140, 190, 140, 195);
        Assert.Contains("an extension: its plugs are standard ones", Only("SEAT-016", Seated().With(run)).Remedies);
        var own = Only("SEAT-016", Seated().With(run with { IsMakersOwn = true }));
        Assert.Contains(own.Remedies, remedy => remedy.StartsWith("no extension is sold for a maker's own plug", StringComparison.Ordinal));
        Assert.Equal("lead is short by 5 mm: the way takes 200 mm with drops and slack.", own.Message);
    }

    [Fact]
    public void A_detour_is_named_as_the_first_thing_to_cure()
    {
        var graft = Seated().With(Box("wall", 140, 20, 10, 130, 60)).With(Run(125, 60, 170, 60, 60));
        // 42.7 mm to the wall's end, 10 along it and 44.7 on, where 45 would be straight.
        Assert.StartsWith("another way: 52 mm of it are detours", Only("SEAT-016", graft).Remedies[0]);
    }

    [Fact]
    public void A_lead_to_a_port_that_has_no_place_says_so()
    {
        var graft = Seated(board: Board(Socket("usb", 30, 0, PortFacing.Rear) with { Place = null }))
            .With(Run(1, 1, 2, 2, 300) with { To = new RunEnd(new PortId("board", "usb"), default, 0) });
        Assert.Equal("An end of lead has no place yet.", Only("SEAT-018", graft).Message);
    }

    [Fact]
    public void A_stop_under_the_board_is_the_next_cut_and_leads_to_where_it_is_cured()
    {
        var cut = Review.Of(Seated(Tray(Mount("t1", 60, 40, 5, MountKind.Tab)))).NextCut;
        Assert.StartsWith("Flatten t1", cut.Do);
        Assert.Equal(Stage.Seat, cut.Stage);
    }

    private static Graft Held(MountMethod method)
        => Seated(Tray() with { Mounts = [.. Tray().Mounts.Take(3)] }).At(seat => seat with { Holes = [new HoleMounting(4, method)] });

    private static Finding Only(string code, Graft graft) => Assert.Single(Review.Of(graft).Findings, finding => finding.Rule.Code == code);
}
