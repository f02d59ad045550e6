using CsCheck;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What it takes for a thing to stay under a temperature.</summary>
public sealed class AskingTests
{
    private static readonly Graft Shell = Heated(90, Way("in", 40), Way("out", 60)).Blown("out");

    private static CoolAnswer? Ask(Graft graft, CoolAsk ask, double limit = 85, string? way = null, string part = "board", HotKind kind = HotKind.Chip)
        => Core.Review.Of(graft).AnswerTo(new CoolQuestion(ask, part, kind, limit, way), new ReviewWork());

    private static double Bound(Graft graft) => Core.Review.Of(graft).Cool.At(HeatCase.Peak).Spots[0].Temperature!.Value.High.Value;

    [Theory]
    [InlineData(70)]
    [InlineData(85)]
    public void So_many_watts_hold_and_half_a_watt_more_does_not(double limit)
    {
        var answer = Ask(Shell, CoolAsk.Watts, limit)!;
        Assert.True(Bound(Taking(answer.Value!.Value)) <= limit && Bound(Taking(answer.Value.Value + 0.5)) > limit);
        Assert.Equal(Bound(Taking(answer.Value.Value)), answer.Hot.High.Value, 2);
        Assert.Equal(answer.Value.Value, answer.Shell.Likely.Value, 6);

        static Graft Taking(double watts) => Shell with { Loads = [CoolBench.Taking("board", watts)] };
    }

    [Fact]
    public void So_much_opening_holds_and_one_square_centimetre_less_does_not()
    {
        var limit = Bound(Wide(25)) + 0.01;
        var answer = Ask(Shell, CoolAsk.Opening, limit, "in")!;
        Assert.Equal(25, answer.Value);
        Assert.True(Bound(Wide(24)) > limit);
        Assert.NotNull(answer.NoMoreFrom);
        // One that is not there yet helps as well.
        Assert.InRange(Ask(Shell, CoolAsk.Opening, Bound(Shell) - 1)!.Value!.Value, 1, 400);

        static Graft Wide(double area) => Shell.Cooled(cooling => cooling with { Ways = [Way("in", area), cooling.Ways[1]] });
    }

    [Fact]
    public void So_few_volts_hold_and_a_tenth_less_does_not()
    {
        var answer = Ask(Shell, CoolAsk.FanVolts, 80)!;
        Assert.True(Bound(On(answer.Value!.Value)) <= 80 && Bound(On(Math.Round(answer.Value.Value - 0.1, 1))) > 80, $"{answer.Value}");

        static Graft On(double volts) => Shell.Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Volts = new(volts) }] });
    }

    [Fact]
    public void What_holds_in_any_case_or_in_none_is_said_so()
    {
        Assert.Null(Ask(Shell, CoolAsk.Watts, 19)!.Value);
        Assert.True(Ask(Shell, CoolAsk.FanVolts, 120)!.IsAtEnd);
        Assert.Null(Ask(Shell, CoolAsk.FanVolts, 30)!.Value);
        Assert.True(Ask(Shell, CoolAsk.Opening, 110)!.IsAtEnd);
        Assert.Null(Ask(Shell, CoolAsk.Watts, kind: HotKind.CardChip));
        Assert.Null(Ask(Heated(90, Way("in", 40)), CoolAsk.FanVolts));
        Assert.Null(Ask(Shell, CoolAsk.Opening, way: "gone"));
        // Nobody sets the volts of a fan in a supply.
        var supply = Shell with { Parts = [.. Shell.Parts.Select(part => part.Id == "fan" ? part with { Kind = PartKind.Supply } : part)] };
        Assert.Null(Ask(supply, CoolAsk.FanVolts));
        Assert.Equal(supply.Cooling.Fans, new CoolTrial(FanShare: 0.5).Apply(supply).Cooling.Fans);
        Assert.Null(Ask(Shell with { Loads = [] }, CoolAsk.Watts));
    }

    [Fact]
    public void A_part_of_two_loads_is_asked_and_held_as_one()
    {
        var two = Shell with { Loads = [CoolBench.Taking("board", 30), CoolBench.Taking("board", 60) with { Id = "second" }] };
        Assert.Equal(Bound(Shell), Bound(two), 6);
        Assert.Equal(Ask(Shell, CoolAsk.Watts)!.Value, Ask(two, CoolAsk.Watts)!.Value);
        Assert.Equal(45, new CoolTrial(Held: "board", Cap: new(45)).Apply(two).Loads.Sum(load => load.Draws[0].Peak.Likely.Value * 12), 9);
    }

    [Fact]
    public void What_cools_a_board_does_not_shrink_with_what_it_is_held_to()
    {
        var unsaid = Shell.Cooled(cooling => cooling with { Coolers = [] });
        Assert.True(Ask(unsaid, CoolAsk.Watts)!.Value > 30);
        Assert.Equal("box-cooler", new CoolTrial(Held: "board", Cap: new(10)).Apply(unsaid).Cooling.Coolers.Single().Class!.Id);
        Assert.Equal("box-cooler", CoolRest.Scene(unsaid.Held(10)).Spots[0].Cooler!.Id);
    }

    [Fact]
    public void The_first_crossing_is_found_to_the_step_and_what_lies_beyond_it_is_told()
    {
        // A row that rises at the pace of the scan or slower is found as by looking at every step.
        Gen.Select(Gen.Int[1, 400], Gen.Double[-30, 30], Gen.Double[0.01, 2], Gen.Double[-60, 10]).Hold((last, at, slope, turn) =>
        {
            double Margin(int step) => Math.Min(at + (step * slope), turn + (last - step));
            var answer = StepSearch.Least(last, Margin, new ReviewWork());
            if (answer.At is not { } found)
            {
                Assert.DoesNotContain(Steps(last), step => Margin(step) >= 0);
                return;
            }

            Assert.True(Margin(found) >= 0 && (found == 0 || Margin(found - 1) < 0));
        });

        static IEnumerable<int> Steps(int last)
            => Enumerable.Range(0, StepSearch.Points).Select(point => (int)Math.Round((double)last * point / (StepSearch.Points - 1)));
    }

    [Fact]
    public void Where_more_wins_nothing_and_where_it_harms_is_told()
    {
        var flat = StepSearch.Least(230, step => Math.Min(step, 100) / 10.0, new ReviewWork());
        Assert.Equal((0, 100, null), (flat.At, flat.NoMoreFrom, flat.TurnsAt));
        var bent = StepSearch.Least(230, step => -Math.Abs(step - 100) / 10.0, new ReviewWork());
        Assert.Equal((100, 100), (bent.At, bent.TurnsAt));
        var hardly = StepSearch.Least(23, step => step < 10 ? step * 0.049 : 0.49, new ReviewWork());
        Assert.Equal(0, hardly.NoMoreFrom);
        Assert.Equal(1, StepSearch.Least(23, step => step < 10 ? step * 0.06 : 0.54, new ReviewWork()).NoMoreFrom);
        Assert.Null(StepSearch.Least(23, step => step == 23 ? -0.49 : 0, new ReviewWork()).TurnsAt);
        Assert.Equal(0, StepSearch.Least(23, step => step == 23 ? -0.51 : 0, new ReviewWork()).TurnsAt);
    }

    [Fact]
    public void The_most_is_the_last_before_the_first_that_does_not_hold()
    {
        Assert.Equal(137, StepSearch.Most(400, step => 137 - step, new ReviewWork()).At);
        Assert.Equal(400, StepSearch.Most(400, step => 1, new ReviewWork()).At);
        Assert.Null(StepSearch.Most(400, step => -1, new ReviewWork()).At);
        // What holds again farther on does not count.
        Assert.Equal(59, StepSearch.Most(400, step => step is >= 60 and < 200 ? -1 : 1, new ReviewWork()).At);
    }

    [Fact]
    public void Two_alike_are_three_decibels_louder_and_half_the_speed_is_fifteen_quieter()
    {
        var one = Heated(20, Way("in", 80), Way("out", 80)).Blown("out").Under("tower-passive");
        var two = one.Blown("in", AirDirection.In, "second");
        // A fan of 120 mm is at 30 dB(A); a room at night at 15.
        Assert.Equal(10 * Math.Log10(1e3 + Math.Pow(10, 1.5)), Level(one), 6);
        Assert.Equal(10 * Math.Log10(2e3 + Math.Pow(10, 1.5)), Level(two), 6);
        Assert.Equal(10 * Math.Log10(Math.Pow(10, 3 - (5 * Math.Log10(2))) + Math.Pow(10, 1.5)), Level(Heard(6)), 6);
        Assert.Equal(15, Level(Heard(3.9)), 6);
        // A cooler's own fan is heard as fast as its board lets it turn: slowest here.
        var cooled = Heard(3.9).Under("box-cooler");
        Assert.InRange(Level(cooled), 15.1, 20);

        Graft Heard(double volts) => one.Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Volts = new(volts) }] });
        static double Level(Graft graft) => Noise.Of(CoolRest.Scene(graft), CoolRest.Rest(graft));
    }
}
