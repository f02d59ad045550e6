using System.Globalization;

namespace LooseGraft.Core.Model;

/// <summary>What makes words from parts into a sentence: the number of a noun, the first letter.</summary>
public static class Counts
{
    /// <summary>The same with a capital first.</summary>
    /// <param name="text">Any text but none.</param>
    public static string Capitalised(this string text) => char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>So many of something: <c>1 mount</c>, <c>0 mounts</c>, <c>3 mounts</c>.</summary>
    /// <param name="count">How many.</param>
    /// <param name="thing">One of them; a noun whose plural ends in s.</param>
    public static string Counted(this int count, string thing) => string.Create(CultureInfo.InvariantCulture, $"{count} {thing}{(count == 1 ? "" : "s")}");
}
