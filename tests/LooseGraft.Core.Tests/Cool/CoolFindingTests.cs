using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Cool.Edits;
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
}
