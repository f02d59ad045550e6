using CsCheck;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

public sealed class WallTests
{
    [Theory]
    [InlineData("2026-03-07 14:05:00", "84.5")]
    [InlineData("2026-03-07T14:05:00", "84,5 W")]
    [InlineData("07.03.2026 14:05", "84.5")]
    [InlineData("1772892300", "84.5W")]
    public void Moments_and_decimal_marks_are_read_as_meters_write_them(string at, string watts)
        => Assert.Equal(84.5, Assert.Single(WallLog.Read([(1, ["time", "power"]), (2, [at, watts])]).Samples).Power.Value);

    [Fact]
    public void A_comma_that_is_decimal_mark_and_separator_is_put_together_again()
        => Assert.Equal(84.5, Assert.Single(WallLog.Read([(1, ["14:05:00", "84", "5"])]).Samples).Power.Value);

    [Theory]
    [InlineData("yesterday", "84")]
    [InlineData("14:05:00", "lots")]
    [InlineData("14:05:00", "-3")]
    [InlineData("14:05:00", "1e309")]
    [InlineData("14:05:00", "NaN")]
    [InlineData("14:05:00", "")]
    public void What_is_no_sample_is_told_with_its_line(string at, string watts)
        => Assert.StartsWith("Line 2:", Assert.Single(WallLog.Read([(1, ["14:04:00", "80"]), (2, [at, watts])]).Problems));

    [Fact]
    public void Repeated_moments_count_once_and_gaps_are_told()
    {
        var log = WallLog.Read(Enumerable.Range(0, 10).Select(second => (second, Cells(second, 80))).Append((11, Cells(9, 500))).Append((12, Cells(100, 80))));
        Assert.Equal((11, 80), (log.Samples.Length, log.Window(DateTimeOffset.MinValue, DateTimeOffset.MaxValue)!.Value.Highest.Value));
        Assert.Equal(["1 repeated moments: the first of each counts", "1 gaps of more than 5 times the usual 1 s, the longest 91 s"], log.Notes);
    }

    [Fact]
    public void The_mean_of_a_window_is_over_time_and_not_over_samples()
    {
        // Ten seconds at 100 W sampled each second, then ten at 200 W sampled at their ends.
        var log = WallLog.Read([.. Enumerable.Range(0, 11).Select(second => (second, Cells(second, 100))), (12, Cells(10.001, 200)), (13, Cells(20, 200))]);
        var (mean, often, highest) = log.Window(DateTimeOffset.MinValue, DateTimeOffset.MaxValue)!.Value;
        Assert.Equal(150, mean.Value, 1);
        Assert.Equal((200, 200), (often.Value, highest.Value));
        Assert.Null(log.Window(DateTimeOffset.MaxValue, DateTimeOffset.MaxValue));
    }

    [Fact]
    public void A_log_without_end_is_cut_off_with_words()
        => Assert.Contains(WallLog.Read(Enumerable.Range(1, WallLog.MostLines + 5).Select(line => (line, Cells(line, 1)))).Problems,
            problem => problem.Contains("Take a shorter piece", StringComparison.Ordinal));

    [Fact]
    public void Readings_move_the_figures_within_their_ranges_and_leave_the_rest_as_believed()
    {
        // 12 V at 4 to 8 A likely 6, read as 85.4 W at the wall of a lossless supply: 7.12 A, a bit more than half of the way to high.
        var graft = Wall(85.4, Draw("+12 V", 6) with { Peak = Currents(4, 6, 8) });
        var fit = WallFit.Of(graft, Flows(graft))!;
        Assert.InRange(Assert.Single(fit.Shares).Share, 0.5, 0.6);
        Assert.Null(fit.Suspect);
    }

    [Fact]
    public void The_part_that_could_explain_most_is_suspected_when_nothing_within_the_ranges_does()
    {
        var graft = Wall(150, Draw("+12 V", 6));
        Assert.Equal("board", WallFit.Of(graft, Flows(graft))!.Suspect);
    }

    [Fact]
    public void The_fit_is_the_least_sum_that_a_fine_grid_finds()
        => Gen.Select(Gen.Double[20, 160], Gen.Double[0, 3]).Hold((watts, likely) =>
        {
            var graft = Wall(watts, Draw("+12 V", 5) with { Peak = Currents(3, 5, 8) },
                Draw("+5 V", 3) with { Peak = Currents(likely, likely + 1, likely + 3) });
            // Two loads, so two shares.
            graft = graft with
            {
                Parts = graft.Parts.Add(new Part("other", "other", PartKind.Drive)),
                Loads = [graft.Loads[0] with { Draws = [graft.Loads[0].Draws[0]] }, Hung("two", "other", "supply") with { Draws = [graft.Loads[0].Draws[1]] }]
            };
            var fit = WallFit.Of(graft, Flows(graft))!;
            var grid = Enumerable.Range(-100, 201).Select(step => step / 100.0).ToArray();
            var best = (from one in grid from two in grid select Cost(watts, likely, one, two)).Min();
            Assert.True(Cost(watts, likely, fit.Shares[0].Share, fit.Shares[1].Share) <= best + 1e-6);
        }, iter: 20);

    [Fact]
    public void The_practice_meter_replays_four_minutes_and_the_same_again_for_the_same_seed()
    {
        var graft = Wall(85, Draw("+12 V", 6));
        var feed = Review.Of(graft).Feed;
        var trace = PracticeWallMeter.Trace(feed, graft.Supplies[0], DateTimeOffset.UnixEpoch, 7);
        Assert.Equal(240, trace.Length);
        Assert.Equal(trace, PracticeWallMeter.Trace(feed, graft.Supplies[0], DateTimeOffset.UnixEpoch, 7));
        Assert.InRange(trace[150].Power.Value, 72 * 0.98, 72 * 1.02);
    }

    private static double Cost(double watts, double likely, double one, double two)
    {
        var modelled = (12 * (one < 0 ? 5 + (2 * one) : 5 + (3 * one))) + (5 * (likely + 1 + (two < 0 ? two : 2 * two)));
        var error = (watts * 0.02) + 1;
        return Math.Pow((watts - modelled) / error, 2) + (0.5 * ((one * one) + (two * two)));
    }

    private static Graft Wall(double watts, params ReadOnlySpan<Draw> draws)
        => Fed(SmallSupply() with { Class = EfficiencyClass.Lossless }, draws) with
        {
            WallReadings = [new WallReading("full", default, WallWork.Peak, new Watts(watts))],
        };

    private static IReadOnlyList<string> Cells(double second, double watts)
        => [second.ToString(System.Globalization.CultureInfo.InvariantCulture), watts.ToString(System.Globalization.CultureInfo.InvariantCulture)];
}
