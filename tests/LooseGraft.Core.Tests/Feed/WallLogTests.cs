using LooseGraft.Core.Feed.Wall;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>Logs as meters at the wall write them.</summary>
public sealed class WallLogTests
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
        Assert.Equal(["1 repeated moment: the first of each counts", "1 gap of more than 5 times the usual 1 s, the longest 91 s"], log.Notes);
    }

    [Theory]
    [InlineData("0 1 2 7", null)] // five times the usual second
    [InlineData("0 1 2 7.1", "1 gap of more than 5 times the usual 1 s, the longest 5 s")]
    [InlineData("0 1 2 4 6 17", "1 gap of more than 5 times the usual 2 s, the longest 11 s")]
    [InlineData("0 1 2 4 6 17 28.5", "2 gaps of more than 5 times the usual 2 s, the longest 12 s")]
    [InlineData("0 1 2 4 6 15", null)]
    public void A_gap_is_more_than_five_usual_steps(string seconds, string? told)
        => Assert.Equal(told is null ? [] : [told],
            WallLog.Read(seconds.Split(' ').Select((second, line) => (line, (IReadOnlyList<string>)[second, "80"]))).Notes);

    [Fact]
    public void The_mean_of_a_window_is_over_time_and_not_over_samples()
    {
        // Ten seconds at 100 W sampled each second, then ten at 200 W sampled at their ends.
        var log = WallLog.Read([.. Enumerable.Range(0, 11).Select(second => (second, Cells(second, 100))), (12, Cells(10.001, 200)), (13, Cells(20, 200))]);
        var (mean, often, highest) = log.Window(DateTimeOffset.MinValue, DateTimeOffset.MaxValue)!.Value;
        Assert.Equal(150, mean.Value, 1);
        Assert.Equal((200, 200), (often.Value, highest.Value));
        double Highest(double from, double to)
            => log.Window(DateTimeOffset.UnixEpoch.AddSeconds(from), DateTimeOffset.UnixEpoch.AddSeconds(to))!.Value.Highest.Value;
        Assert.Equal((100, 200, 100), (Highest(0, 10), Highest(0, 10.001), Highest(10, 10)));
        Assert.Null(log.Window(DateTimeOffset.MaxValue, DateTimeOffset.MaxValue));
    }

    [Fact]
    public void A_log_without_end_is_cut_off_with_words()
        => Assert.Contains(WallLog.Read(Enumerable.Range(1, WallLog.MostLines + 5).Select(line => (line, Cells(line, 1)))).Problems,
            problem => problem.Contains("Take a shorter piece", StringComparison.Ordinal));

    private static IReadOnlyList<string> Cells(double second, double watts)
        => [second.ToString(System.Globalization.CultureInfo.InvariantCulture), watts.ToString(System.Globalization.CultureInfo.InvariantCulture)];
}
