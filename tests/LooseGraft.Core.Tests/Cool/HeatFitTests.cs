using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CoolRuleExamples;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What temperatures that were read say of the air and of coolers.</summary>
public sealed class HeatFitTests
{
    private static readonly Graft Shell = Heated(150, Way("in", 6), Way("out", 9)).Blown("out");

    private static HeatFit Fit(Graft graft) => HeatFitting.Of(graft, Bench.Flows(graft), new ReviewWork());

    /// <summary>What would be read in a shell of so much air with a cooler that touches so badly, written down.</summary>
    private static Graft ReadIn(Graft graft, double air, double contact)
    {
        var state = CoolRest.Rest(graft, air, contact);
        return graft.Read(state.Spots[0]).Read(state.Spaces[0], "box").Read(state.Spaces[0], way: "out");
    }

    private static double Width(Graft graft)
    {
        var hot = Core.Review.Of(graft).Cool.At(HeatCase.Peak).Spots[0].Temperature!.Value;
        return (hot.High.Value - hot.Low.Value) / (hot.Likely.Value - 20) * 100;
    }

    private static Spread<Factor> Exactly(double times) => Spread<Factor>.Exactly(new(times));

    [Theory]
    [InlineData(0.5, 1)]
    [InlineData(0.7, 1.3)]
    [InlineData(1, 1)]
    [InlineData(1, 1.6)]
    [InlineData(1.5, 0.8)]
    public void Readings_that_the_model_itself_makes_give_its_factors_back(double air, double contact)
    {
        var fit = Fit(ReadIn(Shell, air, contact));
        // What was usual before pulls a little towards 1.
        Assert.InRange(fit.Air!.Value.Likely.Value / air, 0.85, 1.18);
        Assert.InRange(fit.Contacts.Single().Times.Likely.Value / contact, 0.85, 1.12);
        Assert.All([fit.Air.Value, fit.Contacts[0].Times], times => Assert.InRange(times.High.Value / times.Low.Value, 1.1, 3));
        Assert.DoesNotContain(fit.Readings, read => read.Standing == ReadStanding.Unexplained);
        Assert.Equal((air is not 1, contact is not 1), (HeatFit.IsOtherwise(fit.Air.Value), HeatFit.IsOtherwise(fit.Contacts[0].Times)));
    }

    [Fact]
    public void The_fit_is_as_good_as_the_best_of_a_grid_that_is_worked_out_graft_by_graft()
    {
        var read = Shell.Read(125).Read(70, "box").Read(46, work: HeatCase.Idle).Read(31, way: "out", work: HeatCase.Idle).Idling(25);
        var fit = Fit(read);
        var best = (from air in Steps() from contact in Steps() select (Cost(air, contact), air, contact)).Min();
        Assert.InRange(fit.Air!.Value.Likely.Value / Math.Exp(best.air), 0.97, 1.03);
        Assert.InRange(fit.Contacts.Single().Times.Likely.Value / Math.Exp(best.contact), 0.97, 1.03);

        static IEnumerable<double> Steps() => Enumerable.Range(-30, 61).Select(step => step * 0.025);

        // Half of the thermometer's 3 K, 2 K for air that is not quite mixed, a twentieth of what it is above the room; factors of 1.4 either way.
        double Cost(double air, double contact)
        {
            var (peak, idle) = (CoolRest.Rest(read, Math.Exp(air), Math.Exp(contact)), CoolRest.Rest(read, Math.Exp(air), Math.Exp(contact), HeatCase.Idle));
            return Off(125, peak.Spots[0]) + Off(70, peak.Spaces[0]) + Off(46, idle.Spots[0]) + Off(31, idle.Spaces[0])
                + Math.Pow(air / 0.35, 2) + Math.Pow(contact / 0.35, 2);
        }

        static double Off(double hot, double then) => Math.Pow(hot - then, 2) / ((1.5 * 1.5) + (2 * 2) + Math.Pow(0.05 * (hot - 20), 2));
    }

    [Fact]
    public void What_is_taken_over_explains_the_readings_and_never_adds_up()
    {
        var read = ReadIn(Shell, 0.5, 1.5);
        var first = Fit(read);
        Assert.Contains(first.Readings, each => each.Standing == ReadStanding.Otherwise && each.IsHotter);
        var taken = new TakeHeatFit(first.Air, [.. first.Contacts]).Apply(read);
        var again = Fit(taken);
        Assert.Equal((first.Air, first.Contacts[0]), (again.Air, again.Contacts[0]));
        Assert.All(again.Readings, each => Assert.Equal(ReadStanding.AsExpected, each.Standing));
        var expected = again.Readings[1].Expected!.Value;
        Assert.InRange(again.Readings[1].Reading.Hot.Value, expected.Low.Value, expected.High.Value);
        // What the factors were fitted to is no longer unsure beside them.
        Assert.InRange(Width(taken), 1, 0.6 * Width(read));
        // Another cooler has its own contact; the same one keeps it whatever else is said of it.
        var board = taken.Cooling.Coolers[0];
        Assert.Equal(first.Contacts[0].Times, new SetCooler(board with { Contact = null, Share = 0.5 }).Apply(taken).Cooling.Coolers[0].Contact);
        Assert.Null(new SetCooler(board with { Contact = null, Class = CoolerClass.Find("tower-fan") }).Apply(taken).Cooling.Coolers[0].Contact);
        Assert.Equal(read.Cooling, new TakeHeatFit(null, []).Apply(taken).Cooling);
    }

    [Fact]
    public void What_nothing_explains_is_left_out_of_what_the_others_say()
    {
        var usual = Shell.Read(CoolRest.Rest(Shell).Spaces[0], "box").Read(CoolRest.Rest(Shell).Spaces[0] + 1, way: "out");
        var odd = usual.Read(95, "box", work: HeatCase.Idle);
        var fit = Fit(odd.Idling(10));
        Assert.Equal([ReadStanding.AsExpected, ReadStanding.AsExpected, ReadStanding.Unexplained], fit.Readings.Select(each => each.Standing));
        Assert.Equal(Fit(usual).Air!.Value.Likely.Value, fit.Air!.Value.Likely.Value, 2);
    }

    [Theory]
    // 52 °C are worked out; 2.5 times as hard is about 77 °C, as its fan turns faster then and what is usual pulls.
    [InlineData(46, ReadStanding.Otherwise)]
    [InlineData(47, ReadStanding.AsExpected)]
    [InlineData(58, ReadStanding.AsExpected)]
    [InlineData(59, ReadStanding.Otherwise)]
    [InlineData(77, ReadStanding.Otherwise)]
    [InlineData(78, ReadStanding.Unexplained)]
    public void A_cooler_that_does_not_touch_is_told_from_one_that_is_a_little_worse(double hot, ReadStanding standing)
        => Assert.Equal(standing, Fit(Chip(40).Read(hot)).Readings.Single().Standing);

    [Fact]
    public void Only_what_was_read_at_rest_and_is_still_so_counts()
    {
        var early = Fit(Shell.Read(190, minutes: 19.9));
        Assert.Equal((ReadStanding.TooEarly, true), (early.Readings.Single().Standing, early.Readings[0].IsHotter));
        Assert.Null(early.Air);
        Assert.NotEqual(ReadStanding.TooEarly, Fit(Shell.Read(120, minutes: 20)).Readings.Single().Standing);
        var past = Shell.Read(120).Cooled(cooling => cooling with { Readings = [cooling.Readings[0] with { IsPast = true }] });
        Assert.Equal((ReadStanding.Past, null), (Fit(past).Readings.Single().Standing, Fit(past).Readings[0].Expected));
        Assert.Equal(ReadStanding.Apart, Fit((Shell with { Loads = [] }).Read(50)).Readings.Single().Standing);
        var usual = CoolRest.Rest(Shell).Spots[0];
        var many = Enumerable.Range(0, HeatFit.MostCounted + 1).Aggregate(Shell, (graft, _) => graft.Read(usual));
        Assert.Equal([ReadStanding.Older], Fit(many).Readings.Select(each => each.Standing).Where(standing => standing != ReadStanding.AsExpected).Distinct());
        Assert.Equal(ReadStanding.Older, Fit(many).Readings[0].Standing);
    }

    [Fact]
    public void A_reading_is_held_against_the_room_and_the_fans_that_it_was_read_with()
    {
        Assert.Equal(10, Expected(room: 30) - Expected(room: 20), 0);
        Assert.True(Expected(fans: 0.5) > Expected(fans: 1) + 2);
        Assert.Equal(Expected(), Expected(fans: 1), 9);

        static double Expected(double? room = null, double? fans = null)
            => Fit(Shell.Read(50, "box").Cooled(cooling => cooling with
            {
                Readings = [cooling.Readings[0] with { Room = room is { } degrees ? new(degrees) : null, FanShare = fans }],
            })).Readings.Single().Expected!.Value.Likely.Value;
    }

    [Fact]
    public void Air_that_comes_out_is_as_warm_as_where_it_comes_from_and_what_goes_in_as_the_room()
    {
        var fit = Fit(Shell.Read(30, "box").Read(30, way: "out").Read(30, way: "in"));
        Assert.Equal(fit.Readings[0].Expected, fit.Readings[1].Expected);
        Assert.Equal(20, fit.Readings[2].Expected!.Value.Likely.Value, 6);
    }

    [Fact]
    public void Hearsay_counts_half_and_a_sensor_of_its_own_less_than_a_thermometer()
    {
        Assert.True(Spread(Evidence.Measured, HeatTool.Contact) < Spread(Evidence.Measured, HeatTool.OwnSensor));
        Assert.True(Spread(Evidence.Measured, HeatTool.OwnSensor) < Spread(Evidence.Diagram, HeatTool.OwnSensor));

        static double Spread(Evidence evidence, HeatTool tool)
        {
            var fit = Fit(Chip(100).Read(90).Cooled(cooling => cooling with { Readings = [cooling.Readings[0] with { Evidence = evidence, Tool = tool }] }));
            return fit.Contacts.Single().Times.High.Value / fit.Contacts[0].Times.Low.Value;
        }
    }

    // Half of the instrument's own, twice that for hearsay; 2 K for air that is not quite mixed; a twentieth of what it is above 20 °C. Two of the whole.
    [Theory]
    [InlineData(HeatTool.Contact, Evidence.Measured, 20, 2.5)]
    [InlineData(HeatTool.Contact, Evidence.Diagram, 20, 3.6056)]
    [InlineData(HeatTool.Contact, Evidence.Measured, 60, 3.2016)]
    [InlineData(HeatTool.OwnSensor, Evidence.Measured, 60, 3.7749)]
    [InlineData(HeatTool.Infrared, Evidence.Diagram, 100, 6.7082)]
    public void A_reading_may_be_off_by_its_instrument_its_place_and_where_it_comes_from(HeatTool tool, Evidence evidence, double hot, double error)
    {
        var read = Chip(40).Read(hot).Cooled(cooling => cooling with { Readings = [cooling.Readings[0] with { Evidence = evidence, Tool = tool }] });
        Assert.Equal(2 * error, Fit(read).Readings.Single().Margin, 3);
    }

    [Fact]
    public void A_factor_is_told_where_a_reading_leaves_less_than_four_fifths_of_its_spread()
    {
        // By how much its logarithm moves the reading, in errors: a spread of 0.35 becomes 0.8 of that at sqrt(1 / 0.8² - 1) / 0.35 = 2.143 of them.
        var (low, high) = (1.0, 40.0);
        for (var half = 0; half < 30; half++)
        {
            var middle = (low + high) / 2;
            if (Fit(ReadAsIs(middle)).Contacts.IsEmpty) low = middle;
            else high = middle;
        }

        var rise = CoolRest.Rest(Chip(high)).Spots[0] - 20;
        var error = Math.Sqrt((1.5 * 1.5) + (2 * 2) + (0.05 * rise * 0.05 * rise));
        Assert.InRange(rise / error, 2.12, 2.17);
        var told = Fit(ReadAsIs(high)).Contacts.Single().Times;
        // Nine in ten lie within 1.645 deviations either way.
        Assert.Equal(Math.Exp(2 * 1.645 * 0.8 * 0.35), told.High.Value / told.Low.Value, 1);

        static Graft ReadAsIs(double watts) => Chip(watts).Read(CoolRest.Rest(Chip(watts)).Spots[0]);
    }

    [Fact]
    public void So_many_times_the_air_is_so_many_times_every_opening_and_every_fan()
    {
        const double times = 0.6;
        var (one, other) = (Labelled(40, 120, 20), Labelled(40 * times, 120 * Math.Sqrt(times), 20 * times));
        var (factored, narrower) = (CoolRest.Rest(one.Cooled(cooling => cooling with { AirFactor = Exactly(times) })), CoolRest.Rest(other));
        Assert.All(factored.Ways.Zip(narrower.Ways), pair => Assert.Equal(pair.First, pair.Second, 6));
        Assert.Equal(factored.Spaces[0], narrower.Spaces[0], 2);
        Assert.NotEqual(CoolRest.Rest(one).Spaces[0], narrower.Spaces[0], 1);

        static Graft Labelled(double area, double size, double free) => Heated(60, Way("in", area), Way("out", 1.5 * area, 100)).Blown("out")
            .Under("tower-passive")
            .Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Size = new(size), FreeAir = new(free), Blocked = new(25) }] });
    }

    [Fact]
    public void More_air_than_is_worked_out_is_told_and_never_reckoned_with()
    {
        var fit = Fit(ReadIn(Shell, 1.8, 1.5));
        Assert.True(HeatFit.IsOtherwise(fit.Air!.Value) && fit.Air.Value.Likely.Value > 1);
        Assert.Contains("stays in hand", FactorWords.OfAir(fit.Air.Value));
        Assert.Equal((null, "board"), (TakeHeatFit.Of(fit).Air, TakeHeatFit.Of(fit).Contacts.Single().Part));
        // A file may say so all the same: a cut that is not there yet would be promised too much.
        var more = Shell.Cooled(cooling => cooling with { AirFactor = new(new(0.9), new(1.6), new(2)) });
        Assert.Equal(CoolRest.Rest(Shell).Spaces, CoolRest.Rest(more).Spaces);
        Assert.Equal("air 1.6 times, reckoned as once", new TakeHeatFit(null, []).Standing(more));
        Assert.True(CoolRest.Rest(more with { Cooling = more.Cooling with { AirFactor = Exactly(0.9) } }).Spaces[0] > CoolRest.Rest(Shell).Spaces[0] + 1);
    }

    [Theory]
    [InlineData(0.5, 0.9, 0.99, 0.9)]
    [InlineData(0.5, 0.9, 1.01, null)]
    public void Of_the_air_only_less_is_taken_over_and_only_where_one_is_left_out(double low, double likely, double high, double? taken)
        => Assert.Equal(taken, TakeHeatFit.Of(new HeatFit(new(new(low), new(likely), new(high)), [], [])).Air?.Likely.Value);

    [Theory]
    [InlineData(2.5, true)]
    [InlineData(2.501, false)]
    public void A_cooler_that_does_not_touch_is_mended_and_not_reckoned_with(double times, bool isTaken)
        => Assert.Equal(isTaken, !TakeHeatFit.Of(new HeatFit(null, [new("board", new(new(2), new(times), new(3)))], [])).Contacts.IsEmpty);

    [Fact]
    public void Of_a_cooler_of_which_nothing_else_is_said_nothing_is_left_once_it_is_let_go_of()
    {
        var unsaid = Shell.Cooled(cooling => cooling with { Coolers = [] });
        var taken = new TakeHeatFit(null, [new("board", Exactly(1.5))]).Apply(unsaid);
        Assert.Single(taken.Cooling.Coolers);
        Assert.Equal(unsaid, new TakeHeatFit(null, []).Apply(taken));
    }

    [Theory]
    [InlineData(0.5, "about half the air")]
    [InlineData(0.555, "about half the air")]
    [InlineData(0.57, "about 0.6 times the air")]
    [InlineData(0.26, "about a quarter of the air")]
    [InlineData(1.6, "about 1.6 times the air")]
    public void A_factor_of_the_air_is_told_in_words(double times, string words)
        => Assert.Contains(words, FactorWords.OfAir(new(new(times * 0.9), new(times), new(times * 1.1))));

    [Fact]
    public void What_leaves_one_in_is_no_news()
    {
        Assert.Contains("as much air as is worked out", FactorWords.OfAir(new(new(0.9), new(1), new(1))));
        Assert.DoesNotContain("as much air as is worked out", FactorWords.OfAir(new(new(0.9), new(0.95), new(0.99))));
        Assert.Contains("do, as far as", FactorWords.OfContact(Shell, new("board", new(new(1), new(1.1), new(1.3)))));
        Assert.Contains("1.6 times as hard", FactorWords.OfContact(Shell, new("board", new(new(1.3), new(1.6), new(2)))));
        Assert.Contains("does better", FactorWords.OfContact(Shell, new("board", new(new(0.6), new(0.7), new(0.9)))));
        Assert.Contains("does not touch", FactorWords.OfContact(Shell, new("board", new(new(2), new(2.6), new(3)))));
    }
}
