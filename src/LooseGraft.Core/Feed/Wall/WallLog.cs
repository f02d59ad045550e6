using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Wall;

/// <summary>A wall meter's log: samples in order of time, and what was wrong with it.</summary>
/// <param name="Samples">The samples, each moment once.</param>
/// <param name="Problems">What could not be read, line by line; empty when all could.</param>
/// <param name="Notes">What was put right: repeated moments, gaps.</param>
public sealed record WallLog(ImmutableArray<WallSample> Samples, ImmutableArray<string> Problems, ImmutableArray<string> Notes)
{
    /// <summary>The most lines that are read: a day by the second.</summary>
    public const int MostLines = 90_000;

    /// <summary>The most that a socket gives, in watts, and some more.</summary>
    public const double MostWatts = 5000;

    private const int ProblemsTold = 12;
    private const double GapFactor = 5;

    private static readonly string[] Moments = [
        "O", "yyyy-MM-dd HH:mm:ss", "yyyy-MM-ddTHH:mm:ss", "yyyy-MM-dd HH:mm", "dd.MM.yyyy HH:mm:ss", "dd.MM.yyyy HH:mm", "dd/MM/yyyy HH:mm:ss", "HH:mm:ss",
        "HH:mm"];

    /// <summary>Reads a log of two columns, moment and watts. A heading is passed over; decimals may have a point or a comma; a moment may also be seconds
    /// counted from anywhere.</summary>
    /// <param name="rows">Lines with their number and cells.</param>
    public static WallLog Read(IEnumerable<(int Line, IReadOnlyList<string> Cells)> rows)
    {
        var (samples, problems, repeated, lines) = (new SortedDictionary<DateTimeOffset, Watts>(), new List<string>(), 0, 0);
        foreach (var (line, cells) in rows)
        {
            if (++lines > MostLines)
            {
                problems.Add($"Line {line}: more than {MostLines} lines. Take a shorter piece of the log.");
                break;
            }

            if (Sample(cells) is { } sample)
            {
                if (!samples.TryAdd(sample.At, sample.Power)) repeated++;
            }
            else if (lines > 1)
            {
                problems.Add($"Line {line}: “{string.Join(", ", cells)}” is no moment and watts. Lines look like 2026-03-07 14:05:00, 84.5, with 0 to {MostWatts} W.");
            }
        }

        var list = samples.Select(pair => new WallSample(pair.Key, pair.Value)).ToImmutableArray();
        return new WallLog(list,
            [.. problems.Take(ProblemsTold), .. problems.Count > ProblemsTold ? [$"and {problems.Count - ProblemsTold} more lines"] : Array.Empty<string>()],
            [.. PutRight(list, repeated)]);
    }

    /// <summary>Mean, the power that nineteen in twenty samples stay under, and the highest, between two moments.</summary>
    /// <remarks>The mean is over time, by trapezoids, so that gaps and uneven spacing do not bend it.</remarks>
    public (Watts Mean, Watts MostOften, Watts Highest)? Window(DateTimeOffset from, DateTimeOffset to)
    {
        var inside = Samples.Where(sample => sample.At >= from && sample.At <= to).ToArray();
        if (inside.Length == 0) return null;
        var sorted = inside.Select(sample => sample.Power.Value).Order().ToArray();
        var area = inside.Zip(inside.Skip(1))
            .Sum(pair => (pair.Second.At - pair.First.At).TotalSeconds * (pair.First.Power.Value + pair.Second.Power.Value) / 2);
        var span = (inside[^1].At - inside[0].At).TotalSeconds;
        var mean = span > 0 ? area / span : inside.Average(sample => sample.Power.Value);
        return (new Watts(mean), new Watts(sorted[(int)Math.Ceiling(0.95 * sorted.Length) - 1]), new Watts(sorted[^1]));
    }

    private static WallSample? Sample(IReadOnlyList<string> cells)
    {
        if (cells.Count < 2 || Moment(cells[0].Trim()) is not { } at) return null;
        // “84,5” cut in two by a comma that is both a decimal mark and a separator is put together again.
        var text = (cells.Count == 3 && cells[2].Trim() is { Length: > 0 } rest && rest.All(char.IsAsciiDigit) ? $"{cells[1]}.{rest}" : cells[1]).Trim()
            .TrimEnd('W', 'w', ' ').Replace(',', '.');
        return double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var watts) && watts is >= 0 and <= MostWatts
            ? new WallSample(at, new Watts(watts))
            : null;
    }

    private static DateTimeOffset? Moment(string text)
    {
        if (double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var seconds) && seconds is >= 0 and < 4e9)
            return DateTimeOffset.UnixEpoch.AddSeconds(seconds);
        // Meters that write the time of day alone are taken to write of one day, whichever it was.
        return DateTime.TryParseExact(
            text, Moments, CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal | DateTimeStyles.NoCurrentDateDefault, out var at)
            ? new DateTimeOffset(at, TimeSpan.Zero)
            : null;
    }

    private static IEnumerable<string> PutRight(ImmutableArray<WallSample> samples, int repeated)
    {
        if (repeated > 0) yield return $"{repeated.Counted("repeated moment")}: the first of each counts";
        if (samples.Length < 3) yield break;
        var steps = samples.Zip(samples.Skip(1)).Select(pair => pair.Second.At - pair.First.At).ToArray();
        var usual = steps.Order().ElementAt(steps.Length / 2);
        var gaps = steps.Count(step => step > usual * GapFactor);
        if (gaps > 0)
            yield return $"{gaps.Counted("gap")} of more than {GapFactor} times the usual {usual.TotalSeconds:0.#} s, the longest {steps.Max().TotalSeconds:0} s";
    }
}
