using CsCheck;
using LooseGraft.Core.Prove.Switches;

namespace LooseGraft.Core.Tests.Prove;

public sealed class SwitchTestTests
{
    [Fact]
    public void Two_legs_that_beep_only_while_held_are_momentary_normally_open()
    {
        var test = SwitchTest.Of(2, [new(1, 2, SwitchAct.AtRest, false), new(1, 2, SwitchAct.Held, true), new(1, 2, SwitchAct.PressedOnce, false)]);
        Assert.Equal(SwitchKind.MomentaryNormallyOpen, test.Is?.Kind);
        Assert.Equal("It is momentary, normally open: use leg 1 and leg 2.", test.Words());
        Assert.Null(test.Next);
    }

    [Fact]
    public void A_beep_that_stays_after_the_press_is_a_latching_one()
        => Assert.Equal(SwitchKind.LatchingFoundOpen, SwitchTest.Of(2, [new(1, 2, SwitchAct.PressedOnce, true), new(1, 2, SwitchAct.AtRest, false)]).Is?.Kind);

    [Fact]
    public void Which_two_of_four_legs_is_told_by_what_is_joined_inside()
    {
        var test = Answer(SwitchTest.Of(4, []), (one, other, act) => (one - 1) / 2 == (other - 1) / 2 || act == SwitchAct.Held);
        Assert.Equal("It is momentary, normally open: use leg 1 and leg 3. Joined inside for good: 1–2 and 3–4.", test.Words());
    }

    [Fact]
    public void The_common_leg_of_a_changeover_is_found()
    {
        var test = Answer(SwitchTest.Of(3, []),
            (one, other, act) => (act is SwitchAct.Held or SwitchAct.PressedOnce ? (2, 3) : (1, 2)) == (Math.Min(one, other), Math.Max(one, other)));
        Assert.Equal((SwitchKind.LatchingChangeover, 1), (test.Is!.Kind, test.Is.Common));
    }

    [Fact]
    public void Readings_that_cannot_all_be_true_are_pointed_out_and_only_the_fewest()
    {
        var slip = new LegReading(1, 2, SwitchAct.AtRest, true);
        var test = SwitchTest.Of(2,
        [
            new(1, 2, SwitchAct.AtRest, false), slip, new(1, 2, SwitchAct.PressedTwice, false), new(1, 2, SwitchAct.Held, true),
            new(1, 2, SwitchAct.PressedOnce, false),
        ]);
        Assert.Equal([slip], test.Conflicting);
        Assert.Null(test.Is);
        Assert.Contains("cannot all be true", test.Words());
    }

    [Fact]
    public void Any_switch_is_found_by_following_the_next_question_in_whatever_order_the_answers_come()
        => Gen.Select(Gen.Int[2, 4], Gen.Int[0, 10_000]).Hold((legs, pick) =>
        {
            var all = SwitchTest.Of(legs, []).Left;
            var truth = all[pick % all.Length];
            var test = Answer(SwitchTest.Of(legs, []), truth.Joins);
            // What is left tells nothing apart by any reading: it is one switch in other words.
            Assert.Contains(test.Left,
                guess
                => guess.Kind == truth.Kind && guess.GroupOf.SequenceEqual(truth.GroupOf)
                && (guess.Common, guess.AtRest, guess.Else) == (truth.Common, truth.AtRest, truth.Else));
            Assert.Empty(test.Conflicting);
            Assert.All(test.Left,
                guess
                => Assert.All(Everything(legs),
                reading => Assert.Equal(truth.Joins(reading.One, reading.Other, reading.Act), guess.Joins(reading.One, reading.Other, reading.Act))));
            Assert.Equal(test.Left.Length, SwitchTest.Of(legs, test.Readings.Reverse()).Left.Length);
        }, iter: 200);

    [Fact]
    public void A_reading_of_a_leg_that_is_not_there_is_refused()
        => Assert.Throws<ArgumentOutOfRangeException>(() => SwitchTest.Of(2, [new(1, 3, SwitchAct.AtRest, true)]));

    [Theory]
    [InlineData("1.82 V", "OL", 1, "Leg 1 is plus")]
    [InlineData("OL", "2.9 V", 2, "blue, white")]
    [InlineData("OL", "OL", null, "neither way")]
    [InlineData("0.6 V", "0.6 V", null, "both ways")]
    [InlineData("OL", null, null, "Change the probes over")]
    [InlineData("1.82 V", null, 1, "to be sure that it blocks")]
    [InlineData("7 V", "OL", null, "no voltage of an indicator")]
    [InlineData(null, null, null, "put the red probe on either leg")]
    public void A_lights_plus_end_and_voltage(string? forth, string? back, int? plus, string words)
    {
        var readings = new[]
        {
            (1, 2, forth), (2, 1, back),
        }.Where(side => side.Item3 is not null).Select(side => new LightReading(side.Item1, side.Item2, ReadingText.TryRead(side.Item3)!.Value));
        var test = LightTest.Of(1, 2, readings);
        Assert.Equal(plus, test.Plus);
        Assert.Contains(words, test.Words);
    }

    [Fact]
    public void Two_readings_of_a_light_that_differ_are_pointed_out()
    {
        var test = LightTest.Of(1, 2, [new(1, 2, new(ReadingKind.Volts, 1.8)), new(1, 2, new(ReadingKind.OverRange, 0))]);
        Assert.Equal(["With the red probe on leg 1: 1.8 V and OL."], test.Conflicts);
    }

    private static SwitchTest Answer(SwitchTest test, Func<int, int, SwitchAct, bool> joins)
    {
        while (test.Next is { } next) test = SwitchTest.Of(test.Legs, test.Readings.Add(next with { Joined = joins(next.One, next.Other, next.Act) }));
        return test;
    }

    private static IEnumerable<LegReading> Everything(int legs)
        => from act in Enum.GetValues<SwitchAct>()
           from one in Enumerable.Range(1, legs)
           from other in Enumerable.Range(1, legs)
           where one != other
           select new LegReading(one, other, act, true);
}
