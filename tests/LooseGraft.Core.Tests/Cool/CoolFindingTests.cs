using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Findings;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CoolRuleExamples;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What the rules of Cool name, and what they say of it.</summary>
public sealed class CoolFindingTests
{
    private static Finding[] Found(Graft graft, string code) => [.. Core.Review.Of(graft).At(Stage.Cool).Where(finding => finding.Rule.Code == code)];

    [Theory]
    [InlineData(0.99, 1)]
    [InlineData(1.01, 0)]
    public void A_cooler_without_a_fan_wants_half_the_air_that_its_figures_hold_for(double times, int found)
    {
        var passive = CoolerClass.Find("tower-passive")!;
        // Shut in, with a fan that stirs: half of what it moves freely goes past.
        var graft = Heated(5).Blown("").Under(passive.Id).Cooled(cooling => cooling with
        {
            Fans = [cooling.Fans[0] with { Way = null, FreeAir = new(passive.ReferenceFlow * times), Blocked = new(20) }],
        });
        Assert.Equal(found, Found(graft, "COOL-006").Length);
    }

    [Fact]
    public void Of_fans_that_fight_the_one_that_is_overcome_is_told()
    {
        // The stronger one pushes its air out through the weaker; without it the weaker would move four times and more.
        var fight = Through().Blown("low", AirDirection.In).Blown("high", AirDirection.In, "weak", 7).Cooled(cooling => cooling with
        {
            Ways = [.. cooling.Ways, Way("gap", 60)],
        });
        var finding = Assert.Single(Found(fight, "COOL-007"));
        Assert.Equal(new PartSubject("weak"), finding.Subject);
        Assert.Contains("without fan:", finding.Message);
        // Each has an opening of its own on its other side.
        Assert.Empty(Found(fight.Cooled(cooling => cooling with { Ways = [.. cooling.Ways, Way("other", 400)] }), "COOL-007"));
    }

    [Theory]
    [InlineData(6.5, "start on 4 to 7 V")]
    [InlineData(3.9, "no 12 V fan turns on so little")]
    public void A_fan_on_few_volts_is_told_on_how_many_such_start(double volts, string words)
        => Assert.Contains(words, Assert.Single(Found(Through().Blown("high", volts: volts), "COOL-009")).Message);

    [Fact]
    public void Only_a_fan_that_is_known_to_be_outside_is_not_missed()
    {
        var spare = Through().And("fan", PartKind.Fan);
        Assert.Equal([1, 1, 0], new HeatPlace[] { new("board", null), new("fan", "box"), new("fan", null) }.Select(
            place => Found(spare.Cooled(cooling => cooling with { Places = [place] }), "COOL-014").Length));
    }

    [Fact]
    public void What_was_read_too_early_says_so()
    {
        Assert.Contains("still getting warmer", Assert.Single(Found(Through().Read(150, "box", minutes: 19), "COOL-019")).Message);
        Assert.DoesNotContain(Found(Through().Read(150, "box", minutes: 20), "COOL-019"), finding => finding.Message.Contains("still getting warmer"));
    }

    [Fact]
    public void A_negative_draw_cools_nothing()
    {
        var odd = Through() with { Loads = [Taking("board", -30), Taking("board", 30) with { Id = "second" }] };
        var watts = Core.Review.Of(odd).Cool.At(HeatCase.Peak).Watts;
        Assert.Equal((30, 30, 30), (watts.Low.Value, watts.Likely.Value, watts.High.Value));
    }

    [Fact]
    public void A_board_without_a_chip_that_is_known_lets_its_fans_run_in_full()
    {
        var scene = CoolRest.Scene(Through(5).Blown("high"));
        Assert.Equal((BoardCurve.Least, 1), (Speed("board"), Speed("nobody")));

        double Speed(string board) => new CoolSolver(scene with { Fans = [scene.Fans[0] with { Board = board }] }).Likely(HeatCase.Peak).Speeds[0];
    }

    [Fact]
    public void Of_several_readings_the_one_that_is_meant_is_put_by()
    {
        var two = Through().Read(40).Read(50);
        var (first, second) = (two.Cooling.Readings[0].Id, two.Cooling.Readings[1].Id);
        var put = new PutHeatReadingBy(second, true);
        Assert.Equal([false, true], put.Apply(two).Cooling.Readings.Select(reading => reading.IsPast));
        Assert.Equal((new PutHeatReadingBy(first, false).Standing(two), false), (put.Standing(two), put.Standing(put.Apply(two)) == put.Standing(two)));
    }

    [Fact]
    public void In_the_smallest_shell_an_opening_may_still_have_one_more_square_centimetre()
    {
        var tiny = Heated(1).Cooled(cooling => cooling with { Spaces = [cooling.Spaces[0] with { Size = new SpaceSize(new(12), new(10), new(10)) }] });
        var answer = Core.Review.Of(tiny).AnswerTo(new CoolQuestion(CoolAsk.Opening, "board", HotKind.Chip, 85), new ReviewWork())!;
        Assert.Equal((1, 2), (answer.Least, answer.Most));
    }

    [Fact]
    public void A_near_wall_takes_as_much_of_a_typed_curve_and_of_every_figure_of_its_like()
    {
        // 15 mm of half its width of 60: 0.8 · √¼ of its flow, its pressure as it was.
        var (far, near) = (CoolRest.Scene(Curved(null, 10)), CoolRest.Scene(Curved(15, 10)));
        Assert.Equal(far.Fans[0].Curve!.PressureAt(0.005), near.Fans[0].Curve!.PressureAt(0.4 * 0.005), 9);
        var (open, close) = (CoolRest.Scene(Curved(null, null)), CoolRest.Scene(Curved(15, null)));
        var (one, other) = (open.Figures[open.Fans[0].FreeAir], close.Figures[close.Fans[0].FreeAir]);
        Assert.Equal((0.4 * one.Low, 0.4 * one.Likely, 0.4 * one.High), (other.Low, other.Likely, other.High));

        static Graft Curved(double? gap, double? flow) => Through().Blown("high").Cooled(cooling => cooling with
        {
            Fans = [cooling.Fans[0] with
            {
                Gap = gap is { } known ? new(known) : null,
                Curve = flow is { } free ? [new(new(0), new(20)), new(new(free), new(0))] : [],
            }],
        });
    }

    [Fact]
    public void Two_fans_of_one_narrow_way_share_it_as_if_it_were_two()
    {
        var one = Heated(50, Way("in", 300), Way("out", 80)).Blown("out").Blown("out", id: "other");
        var two = Heated(50, Way("in", 300), Way("out", 40), Way("next", 40)).Blown("out").Blown("next", id: "other");
        Assert.Equal(CoolRest.Rest(two).Ways[0], CoolRest.Rest(one).Ways[0], 9);
    }

    [Fact]
    public void A_hot_drive_has_no_setting_that_holds_it()
    {
        var graft = Through(5).And("drive", PartKind.Drive, 60).And("board-2", PartKind.Board, 5);
        var list = CureOffers.Cures(graft, "drive");
        Assert.True(list.Of.Worst > HeatBand.Comfortable);
        Assert.DoesNotContain(list.Cures, tried => tried.Cure.Sort == CureSort.Cap);
    }

    [Theory]
    [InlineData(0.05, "Little chance")]
    [InlineData(0.07, "The chance is 7 % (± 6 %).")]
    [InlineData(0.93, "The chance is 93 % (± 6 %).")]
    [InlineData(0.95, "Nearly certain")]
    public void A_chance_is_told_within_what_it_may_be_off(double chance, string words)
        => Assert.StartsWith(words, SpotFindings.Chance(chance));

    [Fact]
    public void Of_several_spaces_the_one_that_is_meant_is_told_and_described()
    {
        var two = Through().Cooled(cooling => cooling with { Spaces = [cooling.Spaces[0], new AirSpace("top", "top") { Top = ShellTop.Rear }] });
        var top = new DescribeSpace("top", "loft", null, PlaneMaterial.Wood, ShellTop.Left);
        Assert.Contains("rear", top.Standing(two));
        Assert.Equal((two.Cooling.Spaces[0], "loft"), (top.Apply(two).Cooling.Spaces[0], top.Apply(two).Cooling.Spaces[1].Name));
    }

    [Fact]
    public void Only_spaces_that_ways_join_are_shut_in_together()
    {
        // Two lofts that breathe through each other, beside a box that nothing leads out of.
        AirWay[] ways = [Way("low", 100, to: "loft"), Way("between", 100, from: "loft", to: "top"), Way("high", 100, to: "top")];
        var graft = Heated(31, ways).Cooled(cooling => cooling with
        {
            Spaces = [.. cooling.Spaces, new AirSpace("loft", "loft") { Size = Large }, new AirSpace("top", "top") { Size = Large }],
            Places = [new HeatPlace("board", "box")],
        });
        Assert.Equal(new NoWayThrough("box", 0, new Watts(31)), Assert.Single(Found(graft, "COOL-001")).Case);
        Assert.Empty(Found(graft.Cooled(cooling => cooling with { Places = [new HeatPlace("board", "loft")] }), "COOL-001"));
    }

    [Fact]
    public void A_review_has_every_kind_of_work()
    {
        var cool = Core.Review.Of(Through().Idling(5)).Cool;
        Assert.Equal(Enum.GetValues<HeatCase>(), Enum.GetValues<HeatCase>().Select(work => cool.At(work).Work));
        Assert.True(cool.At(HeatCase.Idle).Spots[0].Temperature!.Value.High < cool.At(HeatCase.Peak).Spots[0].Temperature!.Value.Low);
    }

    [Fact]
    public void What_nobody_said_has_its_usual_range()
    {
        var scene = CoolRest.Scene(Heated(5).Cooled(cooling => cooling with { Room = null }));
        var (again, room, wall) = (scene.Figures[scene.Again], scene.Figures[scene.Room], scene.Figures[scene.Spaces[0].Wall!.Value]);
        Assert.Equal((0.1, 0.3, 0.5), (again.Low, again.Likely, again.High));
        Assert.Equal((18, 22, 28), (room.Low, room.Likely, room.High));
        var steel = PlaneMaterial.Steel.Heat();
        Assert.Equal((steel.Low / steel.Likely, steel.High / steel.Likely), (wall.Low / wall.Likely, wall.High / wall.Likely), Near);

        static bool Near((double, double) one, (double, double) other) => Math.Abs(one.Item1 - other.Item1) + Math.Abs(one.Item2 - other.Item2) < 1e-9;
    }

    [Theory]
    [InlineData("small-heat-sink", 0)]
    [InlineData("tower-passive", 1)]
    public void What_is_made_for_still_air_does_not_miss_any(string cooler, int found)
        => Assert.Equal(found, Found(Heated(2).Under(cooler), "COOL-006").Length);

    [Fact]
    public void A_fan_on_a_drive_is_slowed_by_nothing()
    {
        var graft = Heated(1).And("drive", PartKind.Drive, 10).Cooled(cooling => cooling with
        {
            Coolers = [new CoolerPlace("drive") { Class = CoolerClass.Find("box-cooler"), Spins = true }],
        });
        var (scene, state) = (CoolRest.Scene(graft), CoolRest.Rest(graft));
        var drive = scene.Spots.Index().Single(spot => spot.Item.Part == "drive");
        var kelvins = scene.Figures[drive.Item.Joint].Likely + scene.Figures[drive.Item.Resistance].Likely;
        Assert.Equal(state.Spaces[0] + (10 * kelvins), state.Spots[drive.Index], 6);
    }
}
