using System.Globalization;
using System.Text.RegularExpressions;

namespace LooseGraft.Data.Copies;

/// <summary>A copy of the whole database.</summary>
/// <param name="Name">The name of its file.</param>
/// <param name="MadeAt">When it was made, to the second.</param>
/// <param name="Why">Why, as in "before restoring".</param>
/// <param name="Bytes">Its length.</param>
public sealed partial record BenchCopy(string Name, DateTimeOffset MadeAt, string Why, long Bytes)
{
    private const string TimeFormat = "yyyy-MM-dd HHmmss";

    /// <summary>The name of a copy.</summary>
    internal static string NameOf(DateTimeOffset madeAt, string why)
        => $"bench {madeAt.UtcDateTime.ToString(TimeFormat, CultureInfo.InvariantCulture)} {why}.db";

    /// <summary>A file as a copy; null where its name says that it is none.</summary>
    internal static BenchCopy? Of(FileInfo file)
        => Pattern().Match(file.Name) is { Success: true } match
            && DateTimeOffset.TryParseExact(
                match.Groups["at"].Value, TimeFormat, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var madeAt)
            ? new BenchCopy(file.Name, madeAt, match.Groups["why"].Value, file.Length) : null;

    [GeneratedRegex(@"^bench (?<at>\d{4}-\d\d-\d\d \d{6}) (?<why>.+)\.db$")]
    private static partial Regex Pattern();
}
