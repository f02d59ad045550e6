using System.Globalization;

namespace LooseGraft.Core.Model;

/// <summary>Counts in sentences, with the number of the noun right.</summary>
public static class Counts
{
    /// <summary>So many of something: <c>1 mount</c>, <c>0 mounts</c>, <c>3 mounts</c>.</summary>
    /// <param name="count">How many.</param>
    /// <param name="thing">One of them; a noun whose plural ends in s.</param>
    public static string Counted(this int count, string thing) => string.Create(CultureInfo.InvariantCulture, $"{count} {thing}{(count == 1 ? "" : "s")}");
}
