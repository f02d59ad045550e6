using System.Globalization;

namespace LooseGraft.Data.Copies;

/// <summary>Which copies are kept as they grow old: the newest few, then one a day, one a week, one a month.</summary>
public static class Thinning
{
    /// <summary>The newest that are kept whenever they were made.</summary>
    public const int Newest = 5;

    /// <summary>Days of which the last copy is kept.</summary>
    public const int Days = 7;

    /// <summary>Weeks of which the last copy is kept.</summary>
    public const int Weeks = 5;

    /// <summary>Months of which the last copy is kept.</summary>
    public const int Months = 12;

    /// <summary>The copies that are kept. Days, weeks and months in which none was made do not count.</summary>
    public static IReadOnlyList<BenchCopy> Kept(IEnumerable<BenchCopy> copies)
    {
        var newestFirst = copies.OrderByDescending(copy => copy.MadeAt).ThenByDescending(copy => copy.Name, StringComparer.Ordinal).ToArray();
        return [.. newestFirst.Take(Newest).Concat(Last(newestFirst, Days, at => DateOnly.FromDateTime(at)))
            .Concat(Last(newestFirst, Weeks, at => (ISOWeek.GetYear(at), ISOWeek.GetWeekOfYear(at))))
            .Concat(Last(newestFirst, Months, at => (at.Year, at.Month))).Distinct()];
    }

    private static IEnumerable<BenchCopy> Last<T>(BenchCopy[] newestFirst, int many, Func<DateTime, T> span)
        => newestFirst.DistinctBy(copy => span(copy.MadeAt.UtcDateTime)).Take(many);
}
