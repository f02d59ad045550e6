using LooseGraft.Core.Prove;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Stock.Edits;
using LooseGraft.Core.Wire;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Stock;

public sealed class StockTests
{
    public static TheoryData<string> Templates => [.. PartTemplate.All.Select(template => template.Id)];

    [Theory]
    [MemberData(nameof(Templates))]
    public void Every_usual_part_can_be_put_into_a_graft_and_kept(string id)
    {
        var template = PartTemplate.Find(id)!;
        var graft = TemplatePart.Add(Graft.Empty("test"), PartTemplate.Find("supply-450")!, "supply", PartOrigin.Bought, null);
        graft = TemplatePart.Add(graft, template, template.Name, PartOrigin.Donor, new Money(3));
        var part = graft.Parts[^1];
        Assert.Equal(template.Ports?.Count ?? 0, part.Ports.Length);
        Assert.Equal(part.Ports.Length, part.Ports.Select(port => port.Id).Distinct().Count());
        Assert.All(part.Ports, port => Assert.All(port.Pins, pin => Assert.InRange(pin.Position, 1, port.PositionCount)));
        Assert.Equal(graft.Parts.Length, Files(graft).Parts.Length);
    }

    [Theory]
    [InlineData(PartOrigin.Bought, JointVerdictKind.GoesStraightIn)]
    [InlineData(PartOrigin.Donor, JointVerdictKind.ProveFirst)]
    public void Two_usual_fans_on_a_bought_splitter_go_straight_in(PartOrigin origin, JointVerdictKind expected)
    {
        var header = new Port("fans", "fans", ConnectorTypes.Find("fan-4")!, Gender.Male);
        var bare = new Part("board", "board", PartKind.Board) { Origin = PartOrigin.Bought };
        var graft = new AddPort("board", header).Apply(Graft.Empty("test") with { Parts = [bare] });
        foreach (var id in new[] { "adapter-fan-split", "fan-120-4", "fan-120-4" })
        {
            var template = PartTemplate.Find(id)!;
            graft = TemplatePart.Add(graft, template, template.Name, origin, null);
        }

        var (board, split, fans) = (graft.Parts[0], graft.Parts[1], graft.Parts.Skip(2).ToArray());
        Assert.Equal(["Fan, 120 mm, 4 positions", "Fan, 120 mm, 4 positions (2)"], fans.Select(fan => fan.Name));
        PortId Of(Part part, int port) => new(part.Id, part.Ports[port].Id);
        graft = graft with
        {
            Joints = [new Joint("in", Of(board, 0), Of(split, 0), JointMethod.Straight), new Joint("one", Of(split, 1), Of(fans[0], 0), JointMethod.Straight),
                new Joint("two", Of(split, 2), Of(fans[1], 0), JointMethod.Straight)],
        };
        Assert.All(Review.Of(graft).Wire.Joints, joint => Assert.Equal(expected, joint.Verdict.Kind));
    }

    [Fact]
    public void The_third_of_a_sort_is_numbered_and_a_name_of_its_own_is_kept()
    {
        var template = PartTemplate.Find("fan-120-4")!;
        var graft = Graft.Empty("test");
        foreach (var name in new[] { template.Name, "front", "front", template.Name, template.Name })
            graft = TemplatePart.Add(graft, template, name, PartOrigin.Bought, null);
        Assert.Equal([template.Name, "front", "front", $"{template.Name} (2)", $"{template.Name} (3)"], graft.Parts.Select(part => part.Name));
    }

    [Theory]
    [InlineData(PartKind.Board, null, Evidence.Assumed)]
    [InlineData(PartKind.Board, PartOrigin.Donor, Evidence.Assumed)]
    [InlineData(PartKind.Board, PartOrigin.Bought, Evidence.Document)]
    [InlineData(PartKind.Supply, PartOrigin.Donor, Evidence.Assumed)]
    [InlineData(PartKind.Supply, null, Evidence.Document)]
    public void A_standard_connector_on_a_makers_own_part_promises_no_standard_pinout(PartKind kind, PartOrigin? origin, Evidence evidence)
    {
        var graft = Graft.Empty("test") with { Parts = [new Part("part", "part", kind) { Origin = origin }] };
        var port = new Port("main", "main", ConnectorTypes.Find("atx-main-24")!, Gender.Male);
        Assert.All(new AddPort("part", port).Apply(graft).Parts[0].Ports[0].Pins, pin => Assert.Equal(evidence, pin.Signal.Evidence));
    }

    [Fact]
    public void There_is_a_usual_part_for_every_kind_a_builder_meets()
        => Assert.Equal(Enum.GetValues<PartKind>(), PartTemplate.All.Select(template => template.Kind).Distinct().Order());

    [Theory]
    [InlineData("board-atx", 304.8, 243.84, 9)]
    [InlineData("board-microatx", 243.84, 243.84, 9)]
    [InlineData("board-mini-itx", 170.18, 170.18, 4)]
    public void Standard_holes_lie_inside_the_standard_outline(string id, double width, double depth, int count)
    {
        var holes = TemplatePart.MakePart(PartTemplate.Find(id)!, "board", "board").Holes;
        Assert.Equal(count, holes.Length);
        Assert.All(holes, hole => Assert.True(hole.X > 0 && hole.X < width && hole.Y > 0 && hole.Y < depth));
    }

    [Fact]
    public void A_supply_from_a_template_never_gives_more_in_all_than_its_rails_could()
        => Assert.All(PartTemplate.All.Where(template => template.Rails is not null), template =>
            Assert.True(template.TotalWatts <= template.Rails!.Sum(rail => Math.Abs(Signal(rail.Output).SupplyVoltage!.Value.Value) * rail.Amps) + 0.1,
                template.Id));

    [Fact]
    public void Few_questions_are_asked_and_what_the_board_shows_makes_more_worth_asking()
    {
        var plain = Asked(Graft.Empty("test") with { Donor = new Machine("x") { Kind = "games console" } });
        Assert.DoesNotContain(CaseDuty.LidSwitch, plain);
        Assert.Contains(CaseDuty.KeyboardSwitch, plain);
        Assert.Contains(CaseDuty.CoolerMount, plain);
        var shown = Asked(Graft.Empty("test") with { Parts = [Board(Header("lid-sense,+5 V"))] });
        Assert.Contains(CaseDuty.LidSwitch, shown);
        var fed = Graft.Empty("test") with { Parts = [Board(Header("+5 V,+12 V", "power-block"))] };
        var question = CaseQuestions.For(fed, fed.Donors().First()).All.Single(asked => asked.Fact.Duty == CaseDuty.DrivePower);
        Assert.Equal("board gives +5 V and +12 V on its header", question.Hint);
    }

    [Fact]
    public void Taking_a_part_out_opens_the_need_that_it_met()
    {
        var graft = Graft.Empty("test") with { Parts = [Board(Header("ground"))], OldCase = [new CaseAnswer(CaseDuty.Speaker, true) { MetBy = "board" }] };
        Assert.Empty(StockStage.Review(graft).Findings);
        Assert.Equal("STOCK-001", Assert.Single(StockStage.Review(graft.WithoutPart("board")).Findings).Rule.Code);
    }

    [Fact]
    public void Two_revisions_are_held_against_each_other_by_ports_shapes_pins_and_holes()
    {
        var one = Board(Header("+5 V,ground,lid-sense")) with { Holes = [new MountHole(5, 5, new Millimetres(3.5))] };
        var other = one with
        {
            Ports = [one.Ports[0].With(Pin(2, "+12 V")).With(new Pin(3) { Contact = ContactState.Absent }),
                Header("ground") with { Id = "extra", Name = "extra" }],
            Holes = [new MountHole(5.3, 5, new Millimetres(3.5)), new MountHole(80, 5, new Millimetres(3.5))],
        };
        Assert.Equal(
            [("header, position 2", "ground", "+12 V"), ("header, position 3", "lid-sense", "left out"),
                ("extra", "not there", "pin header, 1 × 1 at 2.54 mm, pins"), ("mounting hole", "not there", "80 mm across, 5 mm deep, 3.5 mm wide")],
            Revisions.Between(one, other).Select(difference => (difference.Where, difference.One, difference.Other)));
        Assert.Empty(Revisions.Between(one, one));
        Assert.Equal([Evidence.Measured, Evidence.Assumed, Evidence.Assumed], Revisions.Unsure(one, other).Ports[0].Pins.Select(pin => pin.Signal.Evidence));
    }

    [Fact]
    public void The_bench_sheet_of_the_ferry_says_what_starts_it_and_what_it_must_do_without()
    {
        var sheet = BenchSheets.For(Ferry(), null)!;
        Assert.Contains("Join positions 3 and 4 of its panel header with a screwdriver for a moment, not longer.", sheet.Start);
        Assert.Contains("Power to its processor power A.", sheet.Least);
        Assert.Contains("A fan on its fan header: the firmware stops with a fan error when it sees no turning.", sheet.Least);
        Assert.Contains(sheet.Without, line => line.StartsWith("What closed lid-sense", StringComparison.Ordinal));
        Assert.Contains(sheet.Settings, line => line.StartsWith("Warnings about a lid", StringComparison.Ordinal));
        Assert.Null(BenchSheets.For(Graft.Empty("nothing"), null));
    }

    [Fact]
    public void A_board_whose_start_contact_is_only_drawn_by_a_stranger_says_so()
    {
        var graft = Graft.Empty("test") with { Parts = [Board(Header("power-switch,ground", evidence: Evidence.Diagram)) with { Origin = PartOrigin.Donor }] };
        Assert.Contains(BenchSheets.For(graft, null)!.Start,
            line
            => line.Contains("to ground for a moment", StringComparison.Ordinal)
            && line.EndsWith("This rests on someone's diagram: meter it first.", StringComparison.Ordinal));
    }

    [Fact]
    public void Answers_readings_observations_photographs_and_holes_survive_the_file()
    {
        var graft = Ferry() with
        {
            Photos = [new Photo(new string('a', 64), "kt31", 640, 480)
            {
                Port = "panel", Reading = "reading", Caption = "panel", Marks = [new PhotoMark(1, 0.25, 0.5)],
            }],
        };
        var again = Files(graft);
        Assert.Equal(Core.Files.GraftFile.Write(graft), Core.Files.GraftFile.Write(again));
        Assert.Equal((graft.OldCase.Length, graft.Readings.Length, 1, 5),
            (again.OldCase.Length, again.Readings.Length, again.Photos.Length, again.Parts[0].Holes.Length));
    }

    [Theory]
    [InlineData("\"readings\": [{\"id\":\"r\",\"at\":\"2026-03-08T10:12:00Z\",\"port\":\"b/h\",\"red\":3,\"mode\":\"beep\",\"text\":\"beep\"}]",
        "$.readings[0].red")]
    [InlineData("\"readings\": [{\"id\":\"r\",\"at\":\"yesterday\",\"port\":\"b/h\",\"mode\":\"beep\",\"text\":\"beep\"}]", "$.readings[0].at")]
    [InlineData("\"readings\": [{\"id\":\"r\",\"at\":\"2026-03-08T10:12:00Z\",\"port\":\"b/h\",\"mode\":\"beep\",\"text\":\"loud\"}]", "$.readings[0].text")]
    [InlineData("\"oldCase\": [{\"duty\":\"speaker\",\"did\":true,\"metBy\":\"nobody\"}]", "$.oldCase[0].metBy")]
    [InlineData("\"oldCase\": [{\"duty\":\"speaker\",\"did\":1}]", "$.oldCase[0].did")]
    [InlineData("\"photos\": [{\"hash\":\"../x\",\"part\":\"b\",\"widthPx\":1,\"heightPx\":1}]", "$.photos[0].hash")]
    public void What_does_not_hold_together_is_refused_with_its_place(string member, string path)
    {
        var file = $$"""{"format":"loose-graft","formatVersion":3,"name":"x","donor":{"name":"d"},"shell":{"name":"s"},"parts":[{"id":"b","name":"b","kind":"board","ports":[{"id":"h","name":"h","connector":"pin-header","gender":"male","columns":2}]}],{{member}}}""";
        Assert.Contains(Core.Files.GraftFile.Read(System.Text.Encoding.UTF8.GetBytes(file)).Errors, error => error.Path == path);
    }

    private static IEnumerable<CaseDuty> Asked(Graft graft)
        => CaseQuestions.For(graft, graft.Donors().First()).Asked.Select(question => question.Fact.Duty);

    private static Graft Ferry() => Core.Files.GraftFile.Read(File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), "ferry-radiogram.json"))).Graft!;

    private static Graft Files(Graft graft)
    {
        var read = Core.Files.GraftFile.Read(Core.Files.GraftFile.Write(graft));
        return read.Graft ?? throw new InvalidOperationException(read.Errors[0].ToString());
    }
}
